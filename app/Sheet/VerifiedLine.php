<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Pages\CellState;

/** One finished bore, ready to show. */
final readonly class VerifiedLine
{
    public function __construct(
        public int $cylinder,
        public string $ordered,
        public string $state,
        public CellState $mark,
        public string $text,
        public bool $needsDecision,
    ) {
    }
}

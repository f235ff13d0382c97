<?php

declare(strict_types=1);

namespace App\Sheet\Import;

/** One row as it would be written: taken, taken once somebody says so, or not to be taken. */
final readonly class PreviewRow
{
    /** @param  'fine'|'asked'|'wrong'  $state */
    public function __construct(
        public int $line,
        public string $ulid,
        public string $place,
        public string $words,
        public string $text,
        public string $state,
        public string $problem,
    ) {
    }
}

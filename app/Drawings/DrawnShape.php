<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\CellState;

/**
 * The worn shape of a bore at one station; a radius is null where its axis is not read. The whiskers show the doubt of each; the true
 * radii are there where somebody may know them.
 */
final readonly class DrawnShape
{
    public function __construct(
        public ?string $inlineRadius,
        public ?string $thrustRadius,
        public CellState $state,
        public string $caption,
        public string $whiskers,
        public ?string $trueInline,
        public ?string $trueThrust,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Load;

/** One machine of the drawing, or one of several of its kind. */
final readonly class MachineRow
{
    /**
     * @param  list<Bar>  $bars
     * @param  list<array{x: float, width: float, why: string}>  $closed
     * @param  list<array{x: float, to: float, text: string, textX: ?float, title: string}>  $waits  A text without room has no place
     */
    public function __construct(
        public string $unit,
        public string $machine,
        public string $name,
        public string $below,
        public float $y,
        public array $bars,
        public array $closed,
        public array $waits,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Load;

/** One machine of the drawing, or one of several of its kind. */
final readonly class MachineRow
{
    /**
     * @param  list<Bar>  $bars
     * @param  list<array{x: float, width: float, why: string, isWritten: bool}>  $closed
     * @param  list<array{x: float, to: float, text: string, textX: ?float}>  $waits  A text without room has no place
     */
    public function __construct(
        public string $unit,
        public string $name,
        public string $below,
        public int $y,
        public array $bars,
        public array $closed,
        public array $waits,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\SpecBook;

/** One dimension on a drawing of a part, with the value that belongs to it. */
final readonly class DimensionLine
{
    /**
     * @param  string  $path  Of the value on the sheet
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  array{float, float}  $at  Where its text stands
     * @param  string  $anchor  How its text stands to its place: start, middle or end
     * @param  bool  $isLeader  It points at a place, and measures no distance
     */
    public function __construct(
        public string $path,
        public string $label,
        public string $text,
        public array $from,
        public array $to,
        public array $at,
        public string $anchor,
        public bool $isLeader,
    ) {
    }
}

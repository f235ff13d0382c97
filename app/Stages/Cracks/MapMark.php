<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

/** An indication on a drawn face. */
final readonly class MapMark
{
    /**
     * @param  string  $points  Of the line, as SVG writes them
     * @param  string  $dash  How it is drawn: `sharp`, `dots`, `diffuse`, `edge`
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $points,
        public bool $isSpot,
        public string $x,
        public string $y,
        public string $state,
        public string $dash,
        public string $words,
    ) {
    }
}

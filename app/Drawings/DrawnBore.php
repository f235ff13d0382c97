<?php

declare(strict_types=1);

namespace App\Drawings;

/** One bore of a plan; coordinates are finished strings. */
final readonly class DrawnBore
{
    /**
     * @param  list<string>  $sizeCircles  Radii
     * @param  array<string, DrawnShape>  $shapes  By station
     */
    public function __construct(
        public int $cylinder,
        public string $x,
        public string $y,
        public string $radius,
        public string $reach,
        public array $sizeCircles,
        public array $shapes,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** A point of a plane, in nanometres as decimal numbers: coordinates are computed with, lengths are not. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public static function polar(float $radius, float $degrees): self
    {
        return new self($radius * cos(deg2rad($degrees)), $radius * sin(deg2rad($degrees)));
    }

    public static function origin(): self
    {
        return new self(0.0, 0.0);
    }

    public function distanceTo(self $other): float
    {
        return hypot($this->x - $other->x, $this->y - $other->y);
    }

    /** @param  non-empty-list<self>  $points */
    public function farthest(array $points): float
    {
        return max(array_map($this->distanceTo(...), $points));
    }
}

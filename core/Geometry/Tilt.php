<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** How a plane leans: its rise for each unit along x and along y. */
final readonly class Tilt
{
    public function __construct(public float $alongX, public float $alongY)
    {
    }

    public static function level(): self
    {
        return new self(0.0, 0.0);
    }

    public function heightAt(float $x, float $y): float
    {
        return $this->alongX * $x + $this->alongY * $y;
    }
}

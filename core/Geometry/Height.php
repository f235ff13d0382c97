<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** The height of a face at one point, in nanometres, z up. */
final readonly class Height
{
    public function __construct(public int $x, public int $y, public int $z)
    {
    }
}

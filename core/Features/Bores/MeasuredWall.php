<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Length;

/** A cylinder wall measured in one direction, in degrees, at the bore as made (BORE-9). */
final readonly class MeasuredWall
{
    public function __construct(public float $directionDegrees, public Length $thickness)
    {
    }
}

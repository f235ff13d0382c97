<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Quantity\Length;

/** The wall of a bore in one direction, by its distance from the original axis (BORE-8). */
final readonly class TracedPoint
{
    public function __construct(public float $degrees, public Station $station, public Length $radius)
    {
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Record;

use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Quantity\Length;

/**
 * One reading of a cylinder's wall in one direction: 0° is the thrust side, 90° along the crankshaft, clockwise as
 * seen from the deck.
 */
final readonly class WallReading
{
    /** @param  ?Station  $station  Of a traced wall; null for a thickness */
    public function __construct(public int $degrees, public ?Station $station, public Length $value)
    {
    }
}

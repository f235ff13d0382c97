<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

/** What is verified of a finished bore. */
enum FinishedCharacteristic: string
{
    case LargestSize = 'largest size';
    case SmallestSize = 'smallest size';
    case OutOfRound = 'out-of-round';
    case Taper = 'taper';
    case MostClearance = 'clearance';
    case LeastClearance = 'least clearance';
    case Growth = 'growth';

    /** True where a failure means that more has to come off: it is honed on, and not decided about. */
    public function asksForMoreHoning(): bool
    {
        return $this === self::SmallestSize || $this === self::LeastClearance;
    }
}

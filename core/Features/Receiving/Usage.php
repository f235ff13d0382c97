<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** How hard the customer will use the engine. */
enum Usage: string
{
    case Occasional = 'occasional';
    case Daily = 'daily';
    case Hard = 'hard';
}

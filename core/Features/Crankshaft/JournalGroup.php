<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

/** Mains are ground to one size, rods to one; the two may differ (JRNL-3). */
enum JournalGroup: string
{
    case Mains = 'mains';
    case Rods = 'rods';
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** Parts that come and go together. */
enum PartGroup: string
{
    case Block = 'Block';
    case Crankshaft = 'Crankshaft';
    case RunningGear = 'Running gear';
    case Head = 'Head and valves';
    case BoltedOn = 'Bolted on';
    /** On no list of this family: somebody noted it. */
    case Other = 'Noted besides';
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** Parts that come and go together. */
enum PartGroup: string
{
    case Block = 'block';
    case Crankshaft = 'crankshaft';
    case RunningGear = 'running_gear';
    case Head = 'head';
    case BoltedOn = 'bolted_on';
    /** On no list of this family: somebody noted it. */
    case Other = 'other';
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

/** What is said of the time at a machine. */
enum ClockState: string
{
    case Begun = 'begun';
    case Paused = 'paused';
    case Ended = 'ended';
}

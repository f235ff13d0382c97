<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** What could be done so that a job is less late (LOAD-4). */
enum HelpKind: string
{
    /** What an operation waits for comes a day sooner. */
    case PartSooner = 'part sooner';
    /** The job goes before every other. */
    case JobFirst = 'job first';
    /** A machine is open longer. */
    case LongerHours = 'longer hours';
}

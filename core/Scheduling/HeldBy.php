<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** What kept an operation from starting sooner (LOAD-4). */
enum HeldBy: string
{
    /** Its own earliest minute: parts, or the customer's answer. */
    case Earliest = 'earliest';
    /** Another operation of its job, or that one's wait. */
    case Operation = 'operation';
    /** Its machine, which did something else. */
    case Machine = 'machine';
    /** Its machine was closed. */
    case Closed = 'closed';
    /** Somebody pinned it. */
    case Pin = 'pin';
    /** Nothing: it is the first thing that is done. */
    case Nothing = 'nothing';
}

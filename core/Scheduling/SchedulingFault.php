<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** Why a load cannot be scheduled. */
enum SchedulingFault: string
{
    /** No order fits into the open minutes. */
    case NoTimeLeft = 'no_time_left';
    /** An operation would have to be done before itself. */
    case Circular = 'circular';
    /** A machine, job or operation that is not there. */
    case UnknownWord = 'unknown_word';
    /** An order fits without the pins, and none with them. */
    case CannotPin = 'cannot_pin';
    /** A minute, a duration or a weight that cannot be. */
    case BadValue = 'bad_value';
}

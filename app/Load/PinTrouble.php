<?php

declare(strict_types=1);

namespace App\Load;

/** Why a pin cannot be kept. */
enum PinTrouble: string
{
    /** Its minute is over, and nobody has begun. */
    case Past = 'past';
    /** The machine is closed then. */
    case Closed = 'closed';
    /** Something that comes before it is not done by then. */
    case TooSoon = 'too_soon';
    /** Something else stands there, pinned or begun. */
    case Taken = 'taken';
}

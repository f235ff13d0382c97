<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What a person can do about a finding short of machining (VER-3). */
enum WayToPass
{
    case FreeTheValve;
    case Repeat;
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** How much help somebody gets: the steps, none, or none and the clock. */
enum Level: string
{
    case Guided = 'guided';
    case Alone = 'alone';
    case Timed = 'timed';
}

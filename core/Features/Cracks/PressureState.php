<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** What a pressure test shows (CRACK-6). */
enum PressureState: string
{
    case Tight = 'tight';
    case Leaks = 'leaks';
    case NotShown = 'too short or too low to show anything';
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

/** How smooth a journal is: too smooth holds no oil, too rough wears the shells (JRNL-7). */
enum JournalFinish: string
{
    case InRange = 'in range';
    case TooSmooth = 'too smooth';
    case TooRough = 'too rough';
    case NotMeasured = 'not measured';
}

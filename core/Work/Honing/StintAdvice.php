<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Honing;

/** What to do next at a bore that is honed to size (HONE-3). */
enum StintAdvice: string
{
    case Stint = 'stint';
    case MeasureAgain = 'measure again';
    case NewAbrasives = 'new abrasives';
    case Done = 'done';
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** When a cylinder that is worn and not cracked is sleeved (BORE-11b). */
enum SleeveForWear: string
{
    case ToSaveASize = 'to save a size';
    case WheneverItWins = 'whenever it wins';
}

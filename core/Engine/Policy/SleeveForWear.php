<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** When a cylinder that is worn and not cracked is sleeved (BORE-11b). */
enum SleeveForWear: string
{
    case ToSaveASize = 'to save a size';
    case WheneverItWins = 'whenever it wins';

    public function explanation(): string
    {
        return match ($this) {
            self::ToSaveASize => 'A sleeve for wear is recommended only where no way without one leaves a size for the next rebuild.',
            self::WheneverItWins => 'A sleeve for wear is recommended wherever it wins by what the shop looks at first.',
        };
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** Whether a worn bore cleans up at a size (BORE-7). */
enum CleanUp: string
{
    case OnCentre = 'cleans up on centre';
    case OffCentre = 'cleans up if centred under the ridge';
    case No = 'does not clean up';
}

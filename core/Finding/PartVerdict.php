<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What a part can be made to (VER-1). */
enum PartVerdict: string
{
    case Serviceable = 'serviceable';
    case Recondition = 'recondition';
    case Repair = 'repair';
    case Scrap = 'scrap';
    case NotYetKnown = 'not yet known';
}

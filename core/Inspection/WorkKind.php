<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

/** The work that is planned for the parts beside the bores. */
enum WorkKind: string
{
    case Polish = 'polish';
    case Grind = 'grind';
    case WeldOrReplace = 'weld up or replace';
    case LineHone = 'line hone';
    case LineBore = 'line bore';
    case Resize = 'resize';
    case Rebush = 'bush anew';
    case Straighten = 'straighten';
    case Replace = 'replace';
    case Balance = 'take weight off';
    case Face = 'face';
    case Guides = 'fit guides';
    case CutSeats = 'cut seats';
    case Match = 'put together';
}

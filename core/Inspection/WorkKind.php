<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

/** The work that is planned for the parts beside the bores. The value is its identity; what people read of it stands in `lang/`. */
enum WorkKind: string
{
    case Polish = 'polish';
    case Grind = 'grind';
    case WeldOrReplace = 'weld_or_replace';
    case LineHone = 'line_hone';
    case LineBore = 'line_bore';
    case Resize = 'resize';
    case Rebush = 'rebush';
    case Straighten = 'straighten';
    case Replace = 'replace';
    case Balance = 'lighten';
    case Face = 'face';
    /** New guides. */
    case Guides = 'guides';
    case PressGuide = 'press_guide';
    case ReamGuide = 'ream_guide';
    /** A new insert, cut like the others. */
    case FitSeat = 'fit_seat';
    case CutSeats = 'cut_seats';
    case Match = 'match';
}

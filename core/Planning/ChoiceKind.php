<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Assessment\KnownPits;
use NorthLedger\Core\Features\Bores\ReboreOption;

/** What a choice does to its part (PLAN-1). The value is the beginning of its code; what people read of it stands in `lang/`. */
enum ChoiceKind: string
{
    case Stay = 'stay';
    /** With a whole new set of pistons. */
    case StayNewPistons = ReboreOption::NEW_PISTONS;
    /** With pits that the customer accepts (VER-5). */
    case StayWithPits = KnownPits::CODE;
    case Bore = 'bore';
    case Polish = 'polish';
    case Grind = 'grind';
    /** With the throws moved, to another stroke. */
    case GrindOffset = 'grind_offset';
    case Weld = 'weld';
    case LineHone = 'line_hone';
    case LineBore = 'line_bore';
    case Recondition = 'recondition';
    case Leave = 'leave';
    case Face = 'face';
    /** Cut further than it needs, to a wanted distance or ratio. */
    case ToTarget = 'to_target';
    case Repair = 'repair';
    case Fit = 'fit';
    /** Those that need anything, and no others. */
    case ReplaceOdd = 'replace_odd';
    case Replace = 'replace';
    /** It comes new with the part that it belongs to. */
    case WithItsHost = 'with_its_host';
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

enum PlanningFault: string
{
    case TooFew = 'too_few';
    case MissingInput = 'missing_input';
    case BadValue = 'bad_value';
    case RangeNeeded = 'range_needed';
    case UnequalCounts = 'unequal_counts';
    case NoClearanceVolume = 'no_clearance_volume';
    case CannotAddMetal = 'cannot_add_metal';
    case UnknownWord = 'unknown_word';
    case NothingAllowed = 'nothing_allowed';
}

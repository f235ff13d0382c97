<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

/** What happened at a machine (WORK-2). */
enum LogKind: string
{
    case Stint = 'stint';
    case Pass = 'pass';
    case Cut = 'cut';
    /** A bore that did not clean up at the size it was cut to. */
    case NotClean = 'not_clean';
    case StrokeGap = 'stroke_gap';
    case SleeveMeasured = 'sleeve_measured';
    case ParentRead = 'parent_read';
    case SleeveFitted = 'sleeve_fitted';
    case Values = 'values';
}

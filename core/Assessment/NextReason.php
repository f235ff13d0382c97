<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

/** Why a place is proposed next, or why none is (BORE-5). */
enum NextReason: string
{
    case WorstPlaceFirst = 'worst place first';
    case ShowsTheStep = 'shows the step';
    case CouldCondemn = 'could condemn';
    case CompletesStaying = 'completes staying';
    case CouldChangeSize = 'could change the size';
    case TooClose = 'too close to call';
    case LookAgain = 'look again';
    case NeedsZeroSize = 'needs a size for the zero';
    case TraceDecides = 'a trace decides';
    case NothingCanChange = 'nothing can change';
}

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
    /** Everything is read, and the sheet does not say how much of it is allowed. */
    case NeedsLimit = 'needs a limit';
    /** Pits are felt; how deep they go can still change the size. */
    case DepthOfPits = 'depth of pits';
    case TraceDecides = 'a trace decides';
    case NothingCanChange = 'nothing can change';
}

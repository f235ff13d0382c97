<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

/** What tells the places of a feature from each other, after its number. */
enum PlaceShape
{
    /** A spot that the inspection plan names, or none: `main.3.front.90`, `mainscore.3`. */
    case Spot;
    /** Nothing: there is one place a number, `piston.3`. */
    case Whole;
    /** A diameter of a bore: station and axis, `bore.3.top.thrust`. */
    case Diameter;
    /** An end of the ring travel: `ridge.3.top`. */
    case End;
    /** A direction at a station: `trace.3.top.45`. */
    case Trace;
    /** A direction: `wall.3.90`. */
    case Direction;
}

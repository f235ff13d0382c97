<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** A place on a scale that is read in its own way, and taken wrongly in its own way. */
enum Spot: string
{
    case Plain = 'plain';
    /** The line that is not numbered counts: the half millimetre, the third quarter of a tenth. */
    case HalfLine = 'half line';
    /** A line of the barrel has just come into sight, or the hand has just gone round. */
    case JustPast = 'just past';
    /** The next line seems to be in sight already. */
    case JustBefore = 'just before';
    /** The vernier decides, far from its ends. */
    case Vernier = 'vernier';
    case Larger = 'larger';
    case Smaller = 'smaller';
    case NearZero = 'near zero';
    case TwoBlades = 'two blades';
    case ThreeBlades = 'three blades';
}

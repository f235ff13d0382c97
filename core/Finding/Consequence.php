<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What a defect means for the part it is in (VER-1). */
enum Consequence: string
{
    /** Nothing makes the part good. */
    case Scrap = 'scrap';
    /** One cylinder of the block is sleeved. */
    case Sleeve = 'sleeve';
    /** Normal machining makes it good. */
    case Machine = 'machine';
    /** A repair that the customer decides about. */
    case Repair = 'repair';
    /** Nothing follows for the verdict; it is said beside it. */
    case Noted = 'noted';
    /** A person has to decide first: a specialist, or no rule names it. */
    case Open = 'open';
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What a failed finding, or a defect, asks for (VER-1). */
enum Remedy: string
{
    /** Nothing follows for the verdict; it is said beside it. */
    case Nothing = 'nothing';
    /** Normal machining: grind, hone, face, fit a guide. */
    case Machine = 'machine';
    /** One cylinder of the block is sleeved: the customer decides. */
    case Sleeve = 'sleeve';
    /** Weld, stitch, insert, treat anew: the customer decides. */
    case Repair = 'repair';
    /** Nothing makes the part good. */
    case Scrap = 'scrap';
    /** A person has to decide first: a specialist, or no rule names it. */
    case Decide = 'decide';

    /** Null where nothing follows. */
    public function verdict(): ?PartVerdict
    {
        return match ($this) {
            self::Nothing => null,
            self::Machine => PartVerdict::Recondition,
            self::Sleeve, self::Repair => PartVerdict::Repair,
            self::Scrap => PartVerdict::Scrap,
            self::Decide => PartVerdict::NotYetKnown,
        };
    }
}

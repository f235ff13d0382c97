<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What a failed finding asks for (VER-1). */
enum Remedy: string
{
    /** Normal machining: grind, hone, face, fit a guide. */
    case Machine = 'machine';
    /** Weld, stitch, insert, treat anew: the customer decides. */
    case Repair = 'repair';
    /** Nothing makes the part good. */
    case Scrap = 'scrap';
    /** A person has to decide first. */
    case Decide = 'decide';

    public function verdict(): PartVerdict
    {
        return match ($this) {
            self::Machine => PartVerdict::Recondition,
            self::Repair => PartVerdict::Repair,
            self::Scrap => PartVerdict::Scrap,
            self::Decide => PartVerdict::NotYetKnown,
        };
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** Why a way that was chosen does not hold as it was chosen (VER-6). */
enum StopReason: string
{
    case BlockIsScrap = 'block is scrap';
    case WayIsGone = 'way is gone';
    case Forbidden = 'forbidden';
    /** A cylinder can no longer stay, or has to be sleeved that was not. */
    case NeedsSleeve = 'needs a sleeve';
    /** A cylinder that was to be sleeved need not be. */
    case NeedsNoSleeve = 'needs no sleeve';
    case NeedsNewPiston = 'needs a new piston';
    case NeedsHone = 'needs honing to clearance';
    /** Something was found that a person has to say something about first. */
    case Undecided = 'undecided';
    case TraceMissing = 'trace missing';
    /** A part beside the bores needs something that is not in the plan that was agreed (PLAN-5). */
    case PartIsNew = 'part is new';
    /** What was agreed for a part beside the bores cannot be done any more (PLAN-5). */
    case PartWayIsGone = 'part way is gone';
    /** The plan was agreed for another crankshaft than the one that is used now (PLAN-5). */
    case OtherCrankshaft = 'other crankshaft';
    case CustomerAsked = 'customer asked';

    /** True where nobody can work on it until it is settled; the others have to be settled before it is signed. */
    public function reopensThePlan(): bool
    {
        return in_array(
            $this,
            [
                self::BlockIsScrap,
                self::WayIsGone,
                self::Forbidden,
                self::NeedsSleeve,
                self::NeedsNoSleeve,
                self::NeedsNewPiston,
                self::NeedsHone,
                self::PartIsNew,
                self::PartWayIsGone,
                self::OtherCrankshaft,
            ],
            true,
        );
    }
}

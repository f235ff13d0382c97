<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** What is done about a crack (CRACK-5). */
enum Disposition: string
{
    case Scrap = 'scrap';
    case Sleeve = 'sleeve';
    case StitchOrWeld = 'stitch or weld repair';
    case RepairWithSeatInsert = 'repair with seat insert';
    case WeldRepair = 'weld repair';
    case Specialist = 'specialist';
    case GrindAndCheckAgain = 'grind and check again';
    /** Nobody has said yet whether it grinds out. */
    case ScrapUnlessGroundOut = 'scrap unless it grinds out';
    /** One surface method alone scraps nothing here (CRACK-5b). */
    case ConfirmFirst = 'confirm by another method';

    /** True for sleeve, stitch, weld and insert: a repair that the customer pays for and lives with. */
    public function customerDecides(): bool
    {
        return in_array($this, [self::Sleeve, self::StitchOrWeld, self::RepairWithSeatInsert, self::WeldRepair], true);
    }

    /** True for what a person can decide; the others are questions. */
    public function isDecision(): bool
    {
        return $this !== self::ScrapUnlessGroundOut && $this !== self::ConfirmFirst;
    }

    /** “seat insert”, “specialist”: what it is to the person who has to arrange it. */
    public function words(): string
    {
        return match ($this) {
            self::Scrap => 'The part is scrap.',
            self::Sleeve => 'The cylinder is sleeved.',
            self::StitchOrWeld => 'The crack is stitched, or welded by a specialist in cast iron.',
            self::RepairWithSeatInsert => 'The crack is repaired and a seat insert fitted over it.',
            self::WeldRepair => 'The crack is opened, welded and machined again.',
            self::Specialist => 'A specialist looks at it before anything is promised.',
            self::ScrapUnlessGroundOut => 'Does it grind out within the undersizes offered? If not, the part is scrap.',
            self::ConfirmFirst =>
                'One method has shown it: confirm it by another one, or let a specialist settle it, before the part is scrapped.',
            self::GrindAndCheckAgain => 'The journal is ground and the check repeated afterwards.',
        };
    }
}

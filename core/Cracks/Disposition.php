<?php

declare(strict_types=1);

namespace NorthLedger\Core\Cracks;

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

    /** True for sleeve, stitch, weld and insert: a repair that the customer pays for and lives with. */
    public function customerDecides(): bool
    {
        return in_array($this, [self::Sleeve, self::StitchOrWeld, self::RepairWithSeatInsert, self::WeldRepair], true);
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
            self::GrindAndCheckAgain => 'The journal is ground and the check repeated afterwards.',
        };
    }
}

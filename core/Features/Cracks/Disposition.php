<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Message;

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

    /** What is done, in a sentence. */
    public function message(): Message
    {
        return new Message('cracks.done.'.str_replace(' ', '_', $this->value));
    }
}

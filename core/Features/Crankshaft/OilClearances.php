<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Specification\JournalSpec;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** The tightest and the loosest oil clearance that a measured housing, the sheet's shells and a journal give (JRNL-8). */
final readonly class OilClearances
{
    private function __construct(public Length $tightest, public Length $loosest, public Uncertainty $uncertainty)
    {
    }

    /**
     * Null where the sheet does not say how thick the shells are.
     *
     * @param  non-empty-list<Reading>  $housings  Diameters of the housing
     * @param  Length  $undersize  Of the journal: its shells are thicker by half of it
     */
    public static function of(array $housings, JournalSpec $spec, Length $journal, Length $undersize): ?self
    {
        if ($spec->shellWall === null) {
            return null;
        }
        $spread = Spread::of($housings);
        $clearance = static fn (Length $housing, Length $wall): Length => OilClearance::fromHousing(
            $housing,
            $wall->plus($undersize->half()),
            $journal,
        )->clearance;

        return new self(
            $clearance($spread->smallest->corrected, $spec->shellWall->most),
            $clearance($spread->largest->corrected, $spec->shellWall->least),
            $spread->largest->sizeUncertainty(),
        );
    }

    /** The one that is less inside the range; the loosest where nobody knows the range. */
    public function worstAgainst(?LengthRange $range): Length
    {
        return $range !== null && $this->tightest->minus($range->least)->isSmallerThan($range->most->minus($this->loosest))
            ? $this->tightest
            : $this->loosest;
    }

    /** True where a plastic strip, as far as it can be read, says no other clearance. */
    public function agreesWith(Reading $strip): bool
    {
        $doubt = $strip->sizeUncertainty()->expanded()->plus($this->uncertainty->expanded());

        return ! $strip->corrected->isSmallerThan($this->tightest->minus($doubt)) &&
            ! $strip->corrected->isLargerThan($this->loosest->plus($doubt));
    }
}

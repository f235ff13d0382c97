<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Steps;

/** Judges the journals of one group (JRNL-1, JRNL-2, JRNL-3, JRNL-7). */
final readonly class JournalJudge
{
    /**
     * @param  Length  $least  Of the standard range
     * @param  Length  $most  Of the standard range
     * @param  list<Length>  $undersizes  Offered
     * @param  Length  $stock  Taken off by grinding until it is clean
     */
    public function __construct(
        private Length $least,
        private Length $most,
        private array $undersizes,
        private JournalLimits $limits,
        private Length $stock,
    ) {
    }

    public function judge(JournalInspection $journal): JudgedJournal
    {
        $range = LengthRange::between($this->least, $this->most);
        $undersize = self::nearestUndersize($range, $this->undersizes, Length::largest(...$journal->diameters()));

        return new JudgedJournal(
            $journal,
            $undersize,
            $this->isGood($journal, $undersize),
            $this->finish($journal),
            $journal->size()->minus($journal->scoreDepth->times(2))->minus($journal->runout)->minus($this->stock),
        );
    }

    /**
     * The undersize whose range's middle is nearest to a journal's least worn place (JRNL-2).
     *
     * @param  LengthRange  $standard  The range at standard size
     * @param  list<Length>  $undersizes  Offered
     */
    public static function nearestUndersize(LengthRange $standard, array $undersizes, Length $largest): Length
    {
        // Twice everything: the middle of a range of an odd number of nanometres is exact.
        $doubled = array_map(static fn (Length $undersize): Length => $undersize->times(2), $undersizes);
        $nearest = (new Steps($doubled))->nearest($standard->least->plus($standard->most)->minus($largest->times(2)));

        return Length::ofNanometres(intdiv($nearest->nanometres, 2));
    }

    /** Size, form and run-out inside their limits and no score: a finish out of range is polished, and never asks for grinding. */
    private function isGood(JournalInspection $journal, Length $undersize): bool
    {
        $least = $this->least->minus($undersize);
        $most = $this->most->minus($undersize);
        foreach ($journal->diameters() as $diameter) {
            if ($diameter->isSmallerThan($least) || $diameter->isLargerThan($most)) {
                return false;
            }
        }

        return ! $journal->outOfRound()->isLargerThan($this->limits->outOfRound) &&
            ! $journal->taper()->isLargerThan($this->limits->taper) &&
            ! $journal->runout->isLargerThan($this->limits->runout) &&
            ! $journal->scoreDepth->isPositive() &&
            ! $journal->isFilletOut;
    }

    private function finish(JournalInspection $journal): JournalFinish
    {
        $finish = $journal->finish?->nanometres;

        return match (true) {
            $finish === null => JournalFinish::NotMeasured,
            $finish < $this->limits->smoothest->nanometres => JournalFinish::TooSmooth,
            $finish > $this->limits->roughest->nanometres => JournalFinish::TooRough,
            default => JournalFinish::InRange,
        };
    }
}

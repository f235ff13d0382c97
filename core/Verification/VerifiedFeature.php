<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\Proofs\Proof;

/** One journal, housing, rod, face, valve or lifter after its work, against what was ordered (WORK-4). */
final readonly class VerifiedFeature
{
    /**
     * @param  list<Finding>  $findings  What it is judged by
     * @param  list<Place>  $missing  Not read afresh yet
     * @param  list<OrderedCondition>  $lacking  What was not so where it was read
     * @param  ?Length  $left  Metal that has to come off yet, on diameter; null where that is not what it lacks
     * @param  list<Reading>  $before  Of its size as it came
     * @param  list<SizeChange>  $changes  Of the sizes that were read before and after
     */
    public function __construct(
        public Proof $proof,
        public VerificationState $state,
        public array $findings,
        public array $missing,
        public array $lacking,
        public ?Length $left,
        public array $before,
        public array $changes,
    ) {
    }

    public function subject(): Subject
    {
        return $this->proof->subject;
    }

    /** The change that left least, or took most; null where nothing was read before and after. */
    public function largestChange(): ?SizeChange
    {
        $largest = null;
        foreach ($this->changes as $change) {
            if (
                $largest === null ||
                $change
                    ->growth()
                    ->absolute()
                    ->isLargerThan($largest->growth()->absolute())
            ) {
                $largest = $change;
            }
        }

        return $largest;
    }
}

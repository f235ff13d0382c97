<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Money;

/** What hangs on tracing some walls: which way is open if the traces hold, and what it saves against the one if they fail (BORE-11a). */
final readonly class TraceStake
{
    /**
     * @param  non-empty-list<int>  $cylinders  To be traced
     * @param  Money  $costs  How far the two ways lie apart
     * @param  int  $sleeves  By how many sleeves they differ
     */
    private function __construct(
        public array $cylinders,
        public ReboreOption $ifHolds,
        public ReboreOption $ifFails,
        public Money $costs,
        public int $sleeves,
    ) {
    }

    public static function between(ReborePlan $plan, ReboreOption $ifHolds, ReboreOption $ifFails): self
    {
        $cylinders = $ifHolds->needsTrace !== [] ? $ifHolds->needsTrace : array_merge([], ...array_column($plan->options, 'needsTrace'));
        $cylinders = array_values(array_unique($cylinders));
        sort($cylinders);

        return new self(
            $cylinders === [] ? throw new \LogicException('Only a plan that needs a trace has something at stake.') : $cylinders,
            $ifHolds,
            $ifFails,
            Money::ofMinor(abs($ifHolds->cost->minus($ifFails->cost)->minor)),
            abs(count($ifHolds->sleeved) - count($ifFails->sleeved)),
        );
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Specification\PistonSpec;
use NorthLedger\Core\Quantity\Length;

/** What is known of the pistons that a bore may run with, and what a hone may take out for one of them (BORE-6a). */
final readonly class Pistons
{
    /**
     * @param  ?Length  $leastClearance  Zero: a bore need only be larger than its piston; null: nobody knows the least
     * @param  ?Length  $mostHone  On diameter; null: a hone may take nothing out
     * @param  bool  $usedAreNoLarger  A used piston is never larger than a new one: where none is measured, the new one can show
     *                                 that there is too much clearance, and never that there is not
     * @param  bool  $newAreUnknown  True where there are new ones, and nobody knows their size
     */
    private function __construct(
        public ?Length $leastClearance,
        public ?Length $mostHone,
        public bool $usedAreNoLarger,
        public bool $newAreUnknown,
        private ?Length $newAtStandard = null,
        private ?Length $newAsItIs = null,
    ) {
    }

    /** Of a family: new ones can be had at standard and at each step. */
    public static function of(PistonSpec $spec, Length $mostHone): self
    {
        return new self($spec->minimumClearance, $mostHone, true, $spec->standard === null, newAtStandard: $spec->standard);
    }

    /** @param  ?Length  $new  A new one of the bore's present size, whichever that is; null where none can be had */
    public static function sized(?Length $new, ?Length $leastClearance = null, ?Length $mostHone = null): self
    {
        return new self($leastClearance ?? Length::zero(), $mostHone, false, false, newAsItIs: $new);
    }

    /** A new piston for a bore of a step; null where there is none, or the step is needed and not known. */
    public function newFor(?Length $step): ?Length
    {
        return $this->newAsItIs ?? ($step === null ? null : $this->newAtStandard?->plus($step));
    }
}

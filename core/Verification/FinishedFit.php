<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/**
 * What a finished bore is held against beside its own form: the piston that goes in, and what it measured when it came (BORE-6a, WORK-4).
 */
final readonly class FinishedFit
{
    /**
     * @param  ?Length  $piston  That goes in; null where nobody knows it
     * @param  ?Reading  $reading  Of that piston, where it was measured
     * @param  ?Length  $leastClearance  Of the specification; null where nobody knows it
     * @param  ?Length  $mostClearance  In service for a bore that stays, finished for one that was cut; null where nobody knows it
     * @param  ?Reading  $incoming  The largest of the bore when it came; null where it was cut
     * @param  ?Length  $mostGrowth  What the hone may take out of a bore that stays; null where it was cut
     */
    public function __construct(
        public ?Length $piston,
        public ?Reading $reading,
        public ?Length $leastClearance,
        public ?Length $mostClearance,
        public ?Reading $incoming = null,
        public ?Length $mostGrowth = null,
    ) {
    }

    /** True where the bore stays at its size: its form is judged by the limits of service. */
    public function staysAtItsSize(): bool
    {
        return $this->mostGrowth !== null;
    }
}

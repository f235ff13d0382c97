<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Mass;

/** The weight that stands for rods and pistons when a crankshaft is balanced (BAL-2). */
final readonly class Bobweight
{
    /**
     * @param  Mass  $rotating  Of one rod: big end, bearing, oil
     * @param  Mass  $reciprocating  Of one rod: piston, pin, rings, locks, small end
     */
    private function __construct(public Mass $rotating, public Mass $reciprocating, public Mass $total)
    {
    }

    /**
     * @param  positive-int  $rodsPerPin
     * @param  float  $balanceFactor  Share of the reciprocating mass that is balanced, 0 to 1
     *
     * @throws PlanningException If the factor is not between 0 and 1
     */
    public static function of(
        int $rodsPerPin,
        float $balanceFactor,
        Mass $bigEnd,
        Mass $bearing,
        Mass $oil,
        Mass $piston,
        Mass $pin,
        Mass $rings,
        Mass $locks,
        Mass $smallEnd,
    ): self {
        if ($balanceFactor < 0 || $balanceFactor > 1) {
            throw PlanningException::impossible('balance_factor', $balanceFactor);
        }
        $rotating = $bigEnd->micrograms + $bearing->micrograms + $oil->micrograms;
        $reciprocating = $piston->micrograms + $pin->micrograms + $rings->micrograms + $locks->micrograms + $smallEnd->micrograms;

        return new self(
            Mass::ofMicrograms($rotating),
            Mass::ofMicrograms($reciprocating),
            Mass::ofMicrograms((int) round(($rotating + $reciprocating * $balanceFactor) * $rodsPerPin)),
        );
    }
}

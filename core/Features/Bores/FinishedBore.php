<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Policy\BoreAllowances;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Quantity\Length;

/**
 * The sizes one cylinder is cut to (BORE-12): finished from the piston that goes into it, and bored short of
 * that by the hone stock.
 */
final readonly class FinishedBore
{
    /** @param  Length  $aim  Inside both ends, as a gauge shows it: the lower one must never be undershot */
    private function __construct(
        public Length $least,
        public Length $most,
        public Length $bored,
        public Length $boredLeast,
        public Length $boredMost,
        public bool $pistonIsMeasured,
        public Length $aim,
    ) {
    }

    /**
     * Null where nobody knows the piston, or the least clearance that it wants.
     *
     * @param  ?Length  $piston  As measured; null: the sheet's new piston of that step
     */
    public static function for(SpecificationSheet $sheet, BoreAllowances $allowances, Length $step, ?Length $piston): ?self
    {
        $goesIn = $piston ?? $sheet->piston->sizeAt($step);
        if ($goesIn === null || $sheet->piston->minimumClearance === null) {
            return null;
        }
        $least = $goesIn->plus($sheet->piston->minimumClearance);

        return new self(
            $least,
            $least->plus($allowances->finishedTolerance),
            $least->minus($allowances->honeStock),
            $least->minus($allowances->mostHoneStock),
            $least->minus($allowances->leastHoneStock),
            $piston !== null,
            $sheet->unit->onTheGauge($least->plus($allowances->finishedTolerance->half())),
        );
    }
}

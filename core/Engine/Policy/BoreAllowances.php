<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Engine\Specification\BoreSpec;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The lengths a shop works with at the bores; inch and metric jobs have their own round numbers. */
final readonly class BoreAllowances
{
    /** How far a centre may be shifted, where neither family nor shop says (BORE-8). */
    private const ALLOWED_SHIFT_NM = 127_000;

    /**
     * @param  Length  $mostHone  That a hone may take out, on diameter, so that an old piston fits (BORE-6a)
     * @param  Length  $sleeveStep  Left at the bottom for a sleeve to sit on (SLV-2)
     * @param  Length  $sleeveFinishStock  That the rough cut of the parent leaves for the last, on diameter (SLV-2)
     */
    private function __construct(
        public Length $stepTolerance,
        public Length $cleanUpStock,
        public Length $honeStock,
        public Length $leastHoneStock,
        public Length $mostHoneStock,
        public Length $finishedTolerance,
        public Length $mostHone,
        public Length $sleeveStep,
        public Length $sleeveFinishStock,
        public Length $screeningAllowance,
        public Length $plausibleDeviation,
        public Length $plausibleOutOfRound,
        public Length $plausibleAmongOthers,
        private Length $allowedShift,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $length = static fn (string $key): Length => $node->at($key)->positiveLength($unit);
        $allowances = new self(
            $length('step_tolerance'),
            $length('clean_up_stock'),
            $length('hone_stock'),
            $length('least_hone_stock'),
            $length('most_hone_stock'),
            $length('finished_tolerance'),
            $length('most_hone'),
            $length('sleeve_step'),
            $length('sleeve_finish_stock'),
            $length('screening_allowance'),
            $length('plausible_deviation'),
            $length('plausible_out_of_round'),
            $length('plausible_among_others'),
            $node->at('allowed_shift')->positiveLengthIfGiven($unit) ?? Length::ofNanometres(self::ALLOWED_SHIFT_NM),
        );
        if (
            $allowances->honeStock->isSmallerThan($allowances->leastHoneStock) ||
            $allowances->honeStock->isLargerThan($allowances->mostHoneStock)
        ) {
            $node->at('hone_stock')->complain('hone_stock');
        }

        return $allowances;
    }

    /** How far the centre of a bore may be shifted: the family's, else the shop's own (BORE-8). */
    public function shiftOf(BoreSpec $bore): Length
    {
        return $bore->allowedShift ?? $this->allowedShift;
    }
}

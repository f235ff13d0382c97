<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\SleeveForWear;
use NorthLedger\Core\Features\Bores\BlockPrices;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Features\Bores\Recommendation;
use NorthLedger\Core\Quantity\Length;

/** Which bores can still change what a block comes to (BORE-5). */
final readonly class OpenBores
{
    /** @param  Length  $allowance  What a place that is not read may be worn more than those that are */
    public function __construct(
        private Length $allowance,
        private BlockPrices $prices,
        private Preference $preference,
        private SleeveForWear $sleeveForWear,
    ) {
    }

    /**
     * Cylinders that can still change the outcome, with the reason.
     *
     * Once a bore fails, the block is planned at its kindest, as the readings stand and with every undecided bore
     * staying, and at its harshest, with every bore not wholly read worn further by the allowance and none of the
     * undecided staying. More wear never makes a way cheaper, possible or freer of sleeves, so where both ends come
     * to the same way with the same sleeves, everything between them does too.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return array<int, NextReason>
     */
    public function of(array $bores, ReborePlan $plan): array
    {
        if (! in_array(CanStay::No, array_column($bores, 'canStay'), true)) {
            return $this->undecided($bores);
        }
        if ($this->unwhole($bores) === [] && $this->undecided($bores) === []) {
            return [];
        }
        $kindest = $this->recommended($this->undecided($bores) === [] ? $plan : $this->suppose($bores, $plan, isKind: true));
        if ($kindest !== null && $kindest->isSameAs($this->recommended($this->suppose($bores, $plan, isKind: false)))) {
            return [];
        }
        $undecided = $kindest?->option->kind === OptionKind::Stay ? $this->undecided($bores) : [];
        $open = [];
        foreach ($bores as $bore) {
            $reason = match (true) {
                ! $bore->isWhole() && $this->sizeIsOpen($bore, $plan) => NextReason::CouldChangeSize,
                default => $undecided[$bore->cylinder()] ?? null,
            };
            if ($reason !== null) {
                $open[$bore->cylinder()] = $reason;
            }
        }

        return $open !== [] ? $open : $this->unwhole($bores);
    }

    /** True where the way changes once the pits of one cylinder are as deep as they may be (BORE-7). */
    public function dependsOnPits(ReborePlan $plan, int $index): bool
    {
        $cylinders = $plan->cylinders;
        $cylinders[$index] = $cylinders[$index]->pitted($this->allowance);
        $deep = ReborePlan::of($plan->block, array_values($cylinders), $this->prices);

        return $this->recommended($plan)?->isSameAs($this->recommended($deep)) !== true;
    }

    public function recommended(ReborePlan $plan): ?Recommendation
    {
        return Recommendation::from($plan, $this->preference, $this->sleeveForWear);
    }

    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @return array<int, NextReason>
     */
    private function undecided(array $bores): array
    {
        $open = [];
        foreach ($bores as $bore) {
            if ($bore->canStay === CanStay::NotYetKnown) {
                $open[$bore->cylinder()] = $bore->isWhole() ? NextReason::CompletesStaying : NextReason::CouldCondemn;
            }
        }

        return $open;
    }

    /**
     * Where the ends differ and no single size tells why, a wall may: whatever is not wholly read stays open.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return array<int, NextReason>
     */
    private function unwhole(array $bores): array
    {
        $open = [];
        foreach ($bores as $bore) {
            if (! $bore->isWhole()) {
                $open[$bore->cylinder()] = NextReason::CouldChangeSize;
            }
        }

        return $open;
    }

    /** @param  non-empty-list<JudgedBore>  $bores */
    private function suppose(array $bores, ReborePlan $plan, bool $isKind): ReborePlan
    {
        return ReborePlan::of(
            $plan->block,
            array_map(
                fn (JudgedBore $bore, CylinderToPlan $cylinder): CylinderToPlan => $cylinder->suppose(
                    $isKind || $bore->isWhole() ? Length::zero() : $this->allowance,
                    $bore->canStay->stays() || ($isKind && $bore->canStay === CanStay::NotYetKnown),
                ),
                $bores,
                $plan->cylinders,
            ),
            $this->prices,
        );
    }

    private function sizeIsOpen(JudgedBore $bore, ReborePlan $plan): bool
    {
        $now = $plan->required[$bore->cylinder()];
        $worse = $now->afterFurtherWear($this->allowance);
        foreach ($plan->block->stepsAbove($plan->block->currentStep) as $step) {
            $size = $plan->block->nominal->plus($step);
            if ($now->at($size) !== $worse->at($size)) {
                return true;
            }
        }

        return false;
    }
}

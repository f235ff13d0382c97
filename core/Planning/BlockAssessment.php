<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\BlockStep;
use NorthLedger\Core\Judgement\BoreInspection;
use NorthLedger\Core\Judgement\BoreJudge;
use NorthLedger\Core\Judgement\CanStay;
use NorthLedger\Core\Judgement\Finding;
use NorthLedger\Core\Judgement\JudgedBore;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\SpecificationSheet;

/**
 * The bores of a block, judged and planned as far as its readings go: a pure function of the specification
 * sheet, the shop's policy and the inspections (VER-4).
 */
final readonly class BlockAssessment
{
    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @param  ?ReborePlan  $plan  Null while the current step is not known
     * @param  list<Place>  $walk  Unread places, worst first
     */
    private function __construct(
        public array $bores,
        public BlockStep $step,
        public CanStay $canStay,
        public PartVerdict $verdict,
        public ?ReborePlan $plan,
        public ?Recommendation $recommendation,
        public NextReading $next,
        public array $walk,
    ) {
    }

    /** @param  non-empty-list<BoreInspection>  $inspections  One for every cylinder */
    public static function of(SpecificationSheet $sheet, ShopPolicy $policy, array $inspections, ?Length $declaredStep): self
    {
        $allowances = $policy->boreAllowances($sheet->unit);
        $judge = new BoreJudge(
            $sheet->bore->nominal, $sheet->bore->oversizes, $sheet->bore->service, $allowances->stepTolerance,
            $declaredStep, $sheet->piston->standard, $policy->allowedPittingClass, $policy->incomingRule,
        );
        $bores = array_map($judge->judge(...), $inspections);
        $step = BlockStep::of($bores, $declaredStep);
        $plan = $step->value === null ? null : self::plan($sheet, $policy, $bores, $step->value);
        $screening = new Screening($allowances->screeningAllowance, self::prices($sheet, $policy), $policy->preference);
        $next = $screening->next($bores, $plan);
        $canStay = self::canStay($bores);

        return new self(
            $bores, $step, $canStay,
            self::verdict($canStay, $plan, $next),
            $plan,
            $plan === null ? null : Recommendation::from($plan, $policy->preference),
            $next, $screening->walk($bores),
        );
    }

    /** True once no further reading can change the verdict or the plan (BORE-5). */
    public function isSettled(): bool
    {
        return $this->next->reason === NextReason::NothingCanChange;
    }

    public function hasReadings(): bool
    {
        return array_filter($this->bores, static fn (JudgedBore $bore): bool => $bore->measures->largest !== null) !== [];
    }

    /** @return list<Finding> */
    public function failures(): array
    {
        return array_merge(...array_map(static fn (JudgedBore $bore): array => $bore->failures(), $this->bores));
    }

    /**
     * What is missing, the bores with the fewest missing places first (VER-1).
     *
     * @return array<int, list<Place>> By cylinder
     */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->bores as $bore) {
            $places = [];
            foreach ($bore->findings as $finding) {
                foreach ($finding->missing as $place) {
                    $places[$place->key()] = $place;
                }
            }
            if ($places !== []) {
                $missing[$bore->cylinder()] = array_values($places);
            }
        }
        uasort($missing, static fn (array $a, array $b): int => count($a) <=> count($b));

        return $missing;
    }

    /** @param  non-empty-list<JudgedBore>  $bores */
    private static function plan(SpecificationSheet $sheet, ShopPolicy $policy, array $bores, Length $currentStep): ReborePlan
    {
        $block = new BlockToPlan(
            $sheet->bore->nominal, $currentStep, $sheet->bore->oversizes, $sheet->bore->largestStep,
            $policy->boreAllowances($sheet->unit)->cleanUpStock, $sheet->bore->standardWall, $sheet->bore->minimumWall,
        );

        return ReborePlan::of(
            $block,
            array_map(static fn (JudgedBore $bore): CylinderToPlan => CylinderToPlan::fromJudged($bore, $block->asMade()), $bores),
            self::prices($sheet, $policy),
        );
    }

    private static function prices(SpecificationSheet $sheet, ShopPolicy $policy): BlockPrices
    {
        return BlockPrices::fromList($policy->prices, count($sheet->layout->cylinders()), $sheet->bore->oversizes);
    }

    /** @param  non-empty-list<JudgedBore>  $bores */
    private static function canStay(array $bores): CanStay
    {
        $all = array_column($bores, 'canStay');

        return match (true) {
            in_array(CanStay::No, $all, true) => CanStay::No,
            in_array(CanStay::NotYetKnown, $all, true) => CanStay::NotYetKnown,
            default => CanStay::Yes,
        };
    }

    private static function verdict(CanStay $canStay, ?ReborePlan $plan, NextReading $next): PartVerdict
    {
        if ($plan === null || $canStay === CanStay::NotYetKnown || $next->reason !== NextReason::NothingCanChange) {
            return PartVerdict::NotYetKnown;
        }
        $kinds = array_filter($plan->feasible(), static fn (ReboreOption $option): bool => $option->kind !== OptionKind::Replace);

        return match (true) {
            $canStay === CanStay::Yes && $plan->options[0]->isFeasible() => PartVerdict::Serviceable,
            array_filter($kinds, static fn (ReboreOption $option): bool => $option->sleeved === []) !== [] => PartVerdict::Recondition,
            $kinds !== [] => PartVerdict::Repair,
            default => PartVerdict::Scrap,
        };
    }
}

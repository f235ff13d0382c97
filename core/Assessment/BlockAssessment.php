<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\BoreLimits;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BlockStep;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreJudge;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\Pistons;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Features\Bores\Recommendation;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Quantity\Length;

/**
 * The bores of a block, judged and planned as far as its readings go: a pure function of the specification
 * sheet, the shop's policy and the inspections (VER-4).
 */
final readonly class BlockAssessment
{
    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @param  ?ReborePlan  $plan  Null while the current step is not known, or a size is needed for a zero
     * @param  list<Place>  $walk  Unread places, worst first
     * @param  list<PartDefect>  $defects  Of the block and its cylinders, beside the bores' own findings
     * @param  ?KnownPits  $knownPits  The way that the customer alone can open; null where there is none
     * @param  bool  $needsSize  True where readings count from a zero on the part itself, whose size nobody knows (GAUGE-2)
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
        public array $defects,
        public bool $needsSize,
        public ?KnownPits $knownPits,
        private BoreJudge $judge,
        private BoreLimits $limits,
    ) {
    }

    /**
     * @param  non-empty-list<BoreInspection>  $inspections  One for every cylinder
     * @param  list<PartDefect>  $defects  Found by crack check and pre-check, of any part
     */
    public static function of(
        SpecificationSheet $sheet,
        ShopPolicy $policy,
        array $inspections,
        ?Length $declaredStep,
        array $defects = [],
    ): self {
        $defects = array_values(
            array_filter(
                $defects,
                static fn (PartDefect $defect): bool => in_array($defect->part, [EnginePart::Block, EnginePart::Cylinders], true),
            ),
        );
        $isScrap = self::isScrap($defects);
        $inspections = array_map(
            static fn (BoreInspection $bore): BoreInspection => self::mustBeSleeved($bore, $defects) ? $bore->cracked() : $bore,
            $inspections,
        );
        $allowances = $policy->boreAllowances($sheet->unit);
        $judge = new BoreJudge(
            $sheet->bore->nominal,
            $sheet->bore->oversizes,
            $sheet->bore->service,
            $allowances->stepTolerance,
            $declaredStep,
            Pistons::of($sheet->piston, $allowances->mostHone),
            $policy->allowedPittingClass,
            $policy->incomingRule,
            $policy->readingsPerBore->stations(),
            $sheet->cylinders === CylinderKind::Separate ? EnginePart::Cylinders : EnginePart::Block,
        );
        $bores = array_map($judge->judge(...), $inspections);
        $step = BlockStep::of($bores, $declaredStep);
        $needsSize = array_filter($bores, static fn (JudgedBore $bore): bool => $bore->measures->needsSize) !== [];
        $planning = new BlockPlanning($sheet, $policy);
        $plan = $step->value === null || $needsSize ? null : $planning->plan($bores, $step->value, $isScrap);
        $screening = new Screening(
            $allowances->screeningAllowance,
            $planning->prices,
            $policy->preference,
            $policy->sleeveForWear,
            $policy->readingsPerBore->stations(),
        );
        $next = $isScrap
            ? NextReading::none(array_map(static fn (JudgedBore $bore): int => $bore->cylinder(), $bores))
            : $screening->next($bores, $plan);
        $canStay = CanStay::ofAll(array_column($bores, 'canStay'));

        return new self(
            $bores,
            $step,
            $canStay,
            $isScrap ? PartVerdict::Scrap : self::verdict($canStay, $plan, $next, $defects),
            $plan,
            $plan === null ? null : Recommendation::from($plan, $policy->preference, $policy->sleeveForWear),
            $next,
            $screening->walk($bores),
            $defects,
            $needsSize,
            $plan === null ? null : $planning->knownPits($bores, $judge, $plan),
            $judge,
            $sheet->bore->service,
        );
    }

    /** The way that a choice for the bores stands for, that of known pits among them. */
    public function way(string $code): ?ReboreOption
    {
        return $code === KnownPits::CODE ? $this->knownPits?->option : $this->plan?->option($code);
    }

    /** @return list<PartDefect> That scrap the block, whatever its bores read */
    public function scrappedBy(): array
    {
        return array_values(array_filter($this->defects, static fn (PartDefect $defect): bool => $defect->isScrap()));
    }

    /** @return list<PartDefect> About which a person has to say something first */
    public function openDefects(): array
    {
        return array_values(array_filter($this->defects, static fn (PartDefect $defect): bool => $defect->remedy === Remedy::Decide));
    }

    /** True once no further reading can change the verdict or the plan (BORE-5). */
    public function isSettled(): bool
    {
        return $this->next->reason === NextReason::NothingCanChange;
    }

    /** True once it is certain whether every bore can stay at its size; the size it goes to is another question (BORE-5). */
    public function knowsWhetherItStays(): bool
    {
        return $this->canStay !== CanStay::NotYetKnown;
    }

    public function hasReadings(): bool
    {
        return array_filter($this->bores, static fn (JudgedBore $bore): bool => $bore->measures->isRead()) !== [];
    }

    /** @return list<Finding> */
    public function failures(): array
    {
        return array_merge(...array_map(static fn (JudgedBore $bore): array => $bore->failures(), $this->bores));
    }

    /** @return list<WouldStay> What a person could change so that a cylinder that cannot stay would, each tried on a copy (VER-3) */
    public function changes(): array
    {
        return array_values(
            array_filter(array_map(fn (JudgedBore $bore): ?WouldStay => WouldStay::of($bore, $this->judge, $this->limits), $this->bores)),
        );
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
                    $places[$place->key] = $place;
                }
            }
            if ($places !== []) {
                $missing[$bore->cylinder()] = array_values($places);
            }
        }
        uasort($missing, static fn (array $a, array $b): int => count($a) <=> count($b));

        return $missing;
    }

    /** @param  list<PartDefect>  $defects */
    private static function isScrap(array $defects): bool
    {
        return array_filter($defects, static fn (PartDefect $defect): bool => $defect->isScrap()) !== [];
    }

    /** @param  list<PartDefect>  $defects */
    private static function mustBeSleeved(BoreInspection $bore, array $defects): bool
    {
        return array_filter(
            $defects,
            static fn (PartDefect $defect): bool => $defect->remedy === Remedy::Sleeve && $defect->cylinder === $bore->cylinder,
        ) !== [];
    }

    /** @param  list<PartDefect>  $defects */
    private static function verdict(CanStay $canStay, ?ReborePlan $plan, NextReading $next, array $defects): PartVerdict
    {
        if (in_array(Remedy::Decide, array_column($defects, 'remedy'), true)) {
            return PartVerdict::NotYetKnown;
        }
        if (
            $plan === null ||
            $canStay === CanStay::NotYetKnown ||
            ! in_array($next->reason, [NextReason::NothingCanChange, NextReason::TraceDecides], true)
        ) {
            return PartVerdict::NotYetKnown;
        }
        // What rests on a trace that nobody has taken is no verdict; where the way hangs on it, it is not known yet.
        $certain = self::verdictOf($plan->ifTracesFail(), $canStay, $defects);

        return $next->reason === NextReason::TraceDecides && self::verdictOf($plan, $canStay, $defects) !== $certain
            ? PartVerdict::NotYetKnown
            : $certain;
    }

    /** @param  list<PartDefect>  $defects */
    private static function verdictOf(ReborePlan $plan, CanStay $canStay, array $defects): PartVerdict
    {
        $kinds = array_filter($plan->feasible(), static fn (ReboreOption $option): bool => $option->kind !== OptionKind::Replace);

        return match (true) {
            $kinds !== [] && array_filter($defects, static fn (PartDefect $defect): bool => $defect->isRepaired()) !== []
                => PartVerdict::Repair,
            $canStay->stays() && $plan->options[0]->isFeasible() => PartVerdict::Serviceable,
            array_filter($kinds, static fn (ReboreOption $option): bool => $option->sleeved === []) !== [] => PartVerdict::Recondition,
            $kinds !== [] => PartVerdict::Repair,
            default => PartVerdict::Scrap,
        };
    }
}

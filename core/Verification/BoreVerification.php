<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Specification\BoreLimits;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\FinishLook;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Work\Target;

/**
 * Verifies finished bores by fresh readings (WORK-4): against the ordered size, the form, the clearance with the piston that
 * goes in, and, where a bore stays, against what it measured when it came (BORE-6a).
 */
final readonly class BoreVerification
{
    /** @param  list<Station>  $stations  Where thrust and inline have to be read, by the shop's school */
    public function __construct(
        private BoreLimits $service,
        private BoreLimits $finished,
        private RequiredConditions $required,
        private DecisionRule $rule,
        private array $stations = Station::JUDGED,
    ) {
    }

    /**
     * @param  ?Target  $size  The ordered size; null where the bore was only deglazed
     * @param  array<string, Conditions>  $conditions  By place key, of the readings in the inspection
     * @param  list<RingGap>  $rings  That were squared in it and felt
     */
    public function verify(
        BoreInspection $bore,
        ?Target $size,
        FinishedFit $fit,
        array $conditions,
        bool $isConceded,
        array $rings = [],
    ): VerifiedBore {
        $measures = BoreMeasures::of($bore);
        $characteristics = [
            ...$this->sizes($measures, $size),
            ...$this->form($measures, $fit),
            ...$this->clearances($measures, $fit),
            ...$this->growth($measures, $fit),
        ];
        $missing = [...$this->unread($bore), ...$fit->piston === null ? [BorePlace::piston($bore->cylinder)] : []];
        $lacking = [];
        foreach ($conditions as $stated) {
            $lacking = [...$lacking, ...$this->required->lacking($stated, $size !== null)];
        }
        $lacking = array_values(array_unique($lacking, SORT_REGULAR));

        return new VerifiedBore(
            $bore->cylinder,
            self::withItsRings(
                $isConceded
                    ? VerificationState::Conceded
                    : self::withItsFinish(
                        self::state($characteristics, $missing, $lacking, $this->lacksLimit($size, $fit)),
                        $bore->looks->finish,
                    ),
                $rings,
            ),
            $size,
            $measures,
            $characteristics,
            $missing,
            $lacking,
            self::grewBeyondDoubt($measures, $fit),
            $rings,
        );
    }

    private static function grewBeyondDoubt(BoreMeasures $measures, FinishedFit $fit): bool
    {
        if ($fit->incoming === null || $measures->largest === null) {
            return false;
        }
        $growth = $measures->largest->corrected->minus($fit->incoming->corrected);

        return $growth->isLargerThan($measures->largest->sizeUncertainty()->combinedWith($fit->incoming->sizeUncertainty())->expanded());
    }

    /** A wall that rings do not run in on is honed once more, whatever its size; what is out by its size stays out. */
    private static function withItsFinish(VerificationState $state, ?FinishLook $finish): VerificationState
    {
        return $finish === null || $finish->mayRun() || $state === VerificationState::Out ? $state : VerificationState::Undersize;
    }

    /**
     * What is accepted of a bore says nothing of its rings: they are filed, or others are taken.
     *
     * @param  list<RingGap>  $rings
     */
    private static function withItsRings(VerificationState $state, array $rings): VerificationState
    {
        $misfits = array_filter($rings, static fn (RingGap $ring): bool => ! $ring->fits());

        return $state->closesTheWork() && $misfits !== [] ? VerificationState::RingsToFit : $state;
    }

    /**
     * @param  list<VerifiedCharacteristic>  $characteristics
     * @param  list<Place>  $missing
     * @param  list<OrderedCondition>  $lacking
     */
    private static function state(array $characteristics, array $missing, array $lacking, bool $lacksLimit): VerificationState
    {
        $failing = array_filter(
            $characteristics,
            static fn (VerifiedCharacteristic $one): bool => $one->decision->conformity === Conformity::Fails,
        );
        $beyondTheHone = array_filter($failing, static fn (VerifiedCharacteristic $one): bool => ! $one->what->asksForMoreHoning());

        return match (true) {
            $beyondTheHone !== [] => VerificationState::Out,
            $failing !== [] => VerificationState::Undersize,
            $missing !== [] => VerificationState::Missing,
            $lacking !== [] => VerificationState::ConditionsLacking,
            $lacksLimit => VerificationState::NoLimit,
            array_filter(
                $characteristics,
                static fn (VerifiedCharacteristic $one): bool => $one->decision->conformity === Conformity::Undecided,
            ) !== []
                => VerificationState::Undecided,
            default => VerificationState::Conforms,
        };
    }

    /** @return list<VerifiedCharacteristic> */
    private function sizes(BoreMeasures $measures, ?Target $size): array
    {
        return $size === null || $measures->largest === null || $measures->smallest === null
            ? []
            : [
                $this->held(
                    FinishedCharacteristic::LargestSize,
                    $measures->largest->corrected,
                    $size->most,
                    LimitKind::Max,
                    $measures->largest->sizeUncertainty(),
                    $measures->largest,
                ),
                $this->held(
                    FinishedCharacteristic::SmallestSize,
                    $measures->smallest->corrected,
                    $size->least,
                    LimitKind::Min,
                    $measures->smallest->sizeUncertainty(),
                    $measures->smallest,
                ),
            ];
    }

    /** @return list<VerifiedCharacteristic> */
    private function form(BoreMeasures $measures, FinishedFit $fit): array
    {
        $limits = $this->limitsOf($fit);
        $found = [];
        foreach (
            [
                [FinishedCharacteristic::OutOfRound, Spread::widest($measures->outOfRound), $limits->outOfRound],
                [FinishedCharacteristic::Taper, Spread::widest($measures->taper), $limits->taper],
            ] as [$what, $spread, $limit]
        ) {
            if ($spread !== null && $limit !== null) {
                $found[] = $this->held($what, $spread->value(), $limit, LimitKind::Max, $spread->uncertainty(), $spread->largest);
            }
        }

        return $found;
    }

    /** True where something of it has no limit that anybody knows: its ordered size, its form, its clearance. */
    private function lacksLimit(?Target $size, FinishedFit $fit): bool
    {
        $limits = $this->limitsOf($fit);

        return ($size === null && ! $fit->staysAtItsSize()) ||
            in_array(null, [$limits->outOfRound, $limits->taper, $fit->mostClearance, $fit->leastClearance], true);
    }

    private function limitsOf(FinishedFit $fit): BoreLimits
    {
        return $fit->staysAtItsSize() ? $this->service : $this->finished;
    }

    /** @return list<VerifiedCharacteristic> */
    private function clearances(BoreMeasures $measures, FinishedFit $fit): array
    {
        if ($fit->piston === null || $measures->largest === null || $measures->smallest === null) {
            return [];
        }
        $doubt = static fn (Reading $bore): Uncertainty => $bore
            ->sizeUncertainty()
            ->combinedWith($fit->reading?->sizeUncertainty() ?? Uncertainty::none());

        return array_values(
            array_filter([
                $fit->mostClearance === null
                    ? null
                    : $this->held(
                        FinishedCharacteristic::MostClearance,
                        $measures->largest->corrected->minus($fit->piston),
                        $fit->mostClearance,
                        LimitKind::Max,
                        $doubt($measures->largest),
                        $measures->largest,
                    ),
                $fit->leastClearance === null
                    ? null
                    : $this->held(
                        FinishedCharacteristic::LeastClearance,
                        $measures->smallest->corrected->minus($fit->piston),
                        $fit->leastClearance,
                        LimitKind::Min,
                        $doubt($measures->smallest),
                        $measures->smallest,
                    ),
            ]),
        );
    }

    /** @return list<VerifiedCharacteristic> */
    private function growth(BoreMeasures $measures, FinishedFit $fit): array
    {
        if ($fit->incoming === null || $fit->mostGrowth === null || $measures->largest === null) {
            return [];
        }
        $doubt = $measures->largest->sizeUncertainty()->combinedWith($fit->incoming->sizeUncertainty());

        return [
            $this->held(
                FinishedCharacteristic::Growth,
                $measures->largest->corrected->minus($fit->incoming->corrected),
                $fit->mostGrowth,
                LimitKind::Max,
                $doubt,
                $measures->largest,
            ),
        ];
    }

    private function held(
        FinishedCharacteristic $what,
        Length $value,
        Length $limit,
        LimitKind $kind,
        Uncertainty $uncertainty,
        Reading $at,
    ): VerifiedCharacteristic {
        return new VerifiedCharacteristic($what, $value, $limit, $this->rule->decide($value, $limit, $kind, $uncertainty), $at->place);
    }

    /** @return list<Place> */
    private function unread(BoreInspection $bore): array
    {
        $missing = [];
        foreach ($this->stations as $station) {
            foreach (Axis::NEEDED as $axis) {
                if ($bore->reading($station, $axis) === null) {
                    $missing[] = BorePlace::bore($bore->cylinder, $station, $axis);
                }
            }
        }

        return $missing;
    }
}

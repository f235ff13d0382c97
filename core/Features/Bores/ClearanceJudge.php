<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Gauging\Decision;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** Holds one bore against its piston: clearance has a sign and two limits (BORE-6a). */
final readonly class ClearanceJudge
{
    /**
     * @param  ?Length  $most  The service limit; null where nobody knows it
     * @param  list<Place>  $unread  Of the bore
     * @param  ?Length  $step  The bore's present step; null where it is not known
     */
    public function __construct(
        private BoreFindings $findings,
        private ?Length $most,
        private Pistons $pistons,
        private DecisionRule $rule,
        private array $unread,
        private ?Length $step,
    ) {
    }

    /** Largest reading less piston, against the service limit. */
    public function most(BoreMeasures $measures): Finding
    {
        $bore = $measures->bore;
        $piston = $bore->piston->corrected ?? ($this->pistons->usedAreNoLarger ? $this->pistons->newFor($this->step) : null);
        if ($measures->largest === null || $piston === null) {
            return $this->findings->unread(
                Criterion::Clearance,
                Limits::atMostLength($this->most),
                $this->missing($bore),
                $measures->needsSize,
            );
        }
        $clearance = $measures->largest->corrected->minus($piston);
        $uncertainty = self::uncertainty($measures->largest, $bore->piston);

        return $this->findings->measured(
            Criterion::Clearance,
            $clearance,
            Limits::atMostLength($this->most),
            $this->atMost($clearance, $uncertainty),
            $uncertainty,
            self::readings($measures->largest, $bore->piston),
            $this->missing($bore),
            $measures->needsSize,
        );
    }

    /** Smallest reading less piston, against the specification's least; a piston as large as its bore never runs. */
    public function least(BoreMeasures $measures): Finding
    {
        $bore = $measures->bore;
        $limit = $this->pistons->leastClearance;
        if ($measures->smallest === null || $bore->piston === null) {
            return $this->findings->unread(
                Criterion::LeastClearance,
                Limits::atLeastLength($limit),
                $this->missing($bore),
                $measures->needsSize,
            );
        }
        $clearance = $measures->smallest->corrected->minus($bore->piston->corrected);
        $uncertainty = self::uncertainty($measures->smallest, $bore->piston);

        return $this->findings->measured(
            Criterion::LeastClearance,
            $clearance,
            Limits::atLeastLength($limit),
            $this->atLeast($clearance, $limit, $uncertainty),
            $uncertainty,
            self::readings($measures->smallest, $bore->piston),
            $this->missing($bore),
            $measures->needsSize,
        );
    }

    /** Null where no new piston can be named. */
    public function withNewPiston(BoreMeasures $measures): ?NewPistonFit
    {
        $piston = $this->pistons->newFor($this->step);
        if ($piston === null) {
            return null;
        }
        if ($measures->largest === null || $measures->smallest === null) {
            return new NewPistonFit(Outcome::Missing, null, null);
        }
        $clearance = $measures->largest->corrected->minus($piston);
        $least = $measures->smallest->corrected->minus($piston);
        $decisions = [
            $this->atMost($clearance, $measures->largest->sizeUncertainty())?->conformity,
            $this->atLeast($least, $this->pistons->leastClearance, $measures->smallest->sizeUncertainty())?->conformity,
        ];

        return new NewPistonFit(
            match (true) {
                in_array(Conformity::Fails, $decisions, true) => Outcome::Fail,
                $this->unread !== [], $measures->needsSize => Outcome::Missing,
                in_array(null, $decisions, true) => Outcome::NoLimit,
                in_array(Conformity::Undecided, $decisions, true) => Outcome::Undecided,
                default => Outcome::Pass,
            },
            $clearance,
            $least,
        );
    }

    /**
     * The ways to a clearance that holds, in the order in which they are tried.
     *
     * @return array<string, Outcome> By what a bore that goes this way comes to
     */
    public function ways(Finding $most, Finding $least, ?NewPistonFit $newPiston): array
    {
        return [
            CanStay::Yes->value => Outcome::worst([$most->outcome, $least->outcome]),
            CanStay::WithNewPiston->value => $newPiston->outcome ?? ($this->pistons->newAreUnknown ? Outcome::NoLimit : Outcome::Fail),
            CanStay::HonedToClearance->value => $this->isHonedOut($least) ? $most->outcome : Outcome::Fail,
        ];
    }

    private function isHonedOut(Finding $least): bool
    {
        return $least->outcome === Outcome::Fail &&
            $least->margin !== null &&
            $this->pistons->mostHone !== null &&
            ! $least->margin->length()->absolute()->isLargerThan($this->pistons->mostHone);
    }

    /** Null where the service limit is not known. */
    private function atMost(Length $clearance, Uncertainty $uncertainty): ?Decision
    {
        return $this->most === null ? null : $this->rule->decide($clearance, $this->most, LimitKind::Max, $uncertainty);
    }

    /** Null where the least is not known, and the piston is smaller than its bore. */
    private function atLeast(Length $clearance, ?Length $limit, Uncertainty $uncertainty): ?Decision
    {
        $decision = $this->rule->decide($clearance, $limit ?? Length::zero(), LimitKind::Min, $uncertainty);

        return match (true) {
            ! $clearance->isPositive() => new Decision(Conformity::Fails, $decision->margin, $decision->isCloseCall),
            $limit === null => null,
            default => $decision,
        };
    }

    /** @return list<Place> */
    private function missing(BoreInspection $bore): array
    {
        return $bore->piston === null ? [...$this->unread, BorePlace::piston($bore->cylinder)] : $this->unread;
    }

    private static function uncertainty(Reading $bore, ?Reading $piston): Uncertainty
    {
        return $bore->sizeUncertainty()->combinedWith($piston?->sizeUncertainty() ?? Uncertainty::none());
    }

    /** @return list<Reading> */
    private static function readings(Reading $bore, ?Reading $piston): array
    {
        return $piston === null ? [$bore] : [$bore, $piston];
    }
}

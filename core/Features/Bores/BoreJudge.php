<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Specification\BoreLimits;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** Judges whether a bore can stay at its size (BORE-3, BORE-4, BORE-6, BORE-6a); it collects every finding and stops at none. */
final readonly class BoreJudge
{
    /** Class 3 stays by a signed concession only, whatever a policy allows (BORE-6). */
    private const MOST_UNSIGNED_PITTING = 2;

    /**
     * @param  list<Length>  $oversizes
     * @param  list<Station>  $stations  Where thrust and inline have to be read: three of them, or two in the school of four readings
     */
    public function __construct(
        private Length $nominal,
        private array $oversizes,
        private BoreLimits $limits,
        private Length $stepTolerance,
        private ?Length $declaredStep = null,
        private ?Pistons $pistons = null,
        private int $allowedPittingClass = 2,
        private DecisionRule $rule = DecisionRule::Simple,
        private array $stations = Station::JUDGED,
        private EnginePart $part = EnginePart::Block,
    ) {
    }

    public function judge(BoreInspection $bore): JudgedBore
    {
        $measures = BoreMeasures::of($bore);
        $step = CurrentStep::of($bore, $this->nominal, $this->oversizes, $this->stepTolerance, $this->declaredStep);
        $size = $measures->size();
        $unread = $this->unread($bore, $this->stations);
        $findings = new BoreFindings($this->part, $bore->cylinder);
        $clearances = new ClearanceJudge(
            $findings,
            $this->limits->clearance,
            $this->pistons ?? Pistons::sized(null),
            $this->rule,
            $unread,
            $step->value,
        );
        [$most, $least, $newPiston] = [$clearances->most($measures), $clearances->least($measures), $clearances->withNewPiston($measures)];
        $ofTheBore = [
            $this->outOfRound($findings, $measures, $unread),
            $this->taper($findings, $bore, $measures),
            $this->crack($findings, $bore),
            $this->ridge($findings, $bore),
            $this->scoring($findings, $bore),
            $this->pitting($findings, $bore),
        ];
        $ways = $clearances->ways($most, $least, $newPiston);

        return new JudgedBore(
            $bore,
            $measures,
            $step,
            $size === null || $step->value === null ? null : $size->minus($this->nominal)->minus($step->value),
            $size === null || $bore->piston === null ? null : $size->minus($bore->piston->corrected),
            self::inOrder([...$ofTheBore, $most, $least]),
            CanStay::of(array_map(static fn (Finding $finding): Outcome => $finding->outcome, $ofTheBore), $ways),
            $newPiston,
            $ways,
            $unread,
        );
    }

    /** The same judge with other limits: what a bore would be by them (VER-3). */
    public function withLimits(BoreLimits $limits): self
    {
        return new self(
            $this->nominal,
            $this->oversizes,
            $limits,
            $this->stepTolerance,
            $this->declaredStep,
            $this->pistons,
            $this->allowedPittingClass,
            $this->rule,
            $this->stations,
            $this->part,
        );
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, Finding> By criterion, in the order in which they are told
     */
    private static function inOrder(array $findings): array
    {
        $byCriterion = [];
        foreach ($findings as $finding) {
            $byCriterion[$finding->criterion->value] = $finding;
        }
        $inOrder = [];
        foreach (Criterion::cases() as $criterion) {
            if (isset($byCriterion[$criterion->value])) {
                $inOrder[$criterion->value] = $byCriterion[$criterion->value];
            }
        }

        return $inOrder;
    }

    /** @param  list<Place>  $unread */
    private function outOfRound(BoreFindings $findings, BoreMeasures $measures, array $unread): Finding
    {
        return $this->spread($findings, Criterion::OutOfRound, Spread::widest($measures->outOfRound), $this->limits->outOfRound, $unread);
    }

    private function taper(BoreFindings $findings, BoreInspection $bore, BoreMeasures $measures): Finding
    {
        return $this->spread(
            $findings,
            Criterion::Taper,
            Spread::widest($measures->taper),
            $this->limits->taper,
            $this->unread($bore, [Station::Top, Station::Bottom]),
        );
    }

    /**
     * @param  ?Length  $limit  Null where nobody knows it
     * @param  list<Place>  $missing
     */
    private function spread(BoreFindings $findings, Criterion $criterion, ?Spread $widest, ?Length $limit, array $missing): Finding
    {
        if ($widest === null) {
            return $findings->unread($criterion, Limits::atMostLength($limit), $missing);
        }
        $uncertainty = $widest->uncertainty();

        return $findings->measured(
            $criterion,
            $widest->value(),
            Limits::atMostLength($limit),
            $limit === null ? null : $this->rule->decide($widest->value(), $limit, LimitKind::Max, $uncertainty),
            $uncertainty,
            [$widest->largest, $widest->smallest],
            $missing,
        );
    }

    private function crack(BoreFindings $findings, BoreInspection $bore): Finding
    {
        $outcome = match ($bore->looks->crack) {
            null => Outcome::Missing,
            CrackLook::NoneSeen => Outcome::Pass,
            CrackLook::Crack, CrackLook::Hole => Outcome::Fail,
        };

        return $findings->look(Criterion::Crack, $outcome, $bore->looks->crack->value ?? '', $bore->looks->crack->value ?? '', [
            BorePlace::look(BoreFeature::Crack, $bore->cylinder),
        ]);
    }

    private function ridge(BoreFindings $findings, BoreInspection $bore): Finding
    {
        $looks = $said = $places = [];
        foreach ([[Station::Top, $bore->looks->ridgeAtTop], [Station::Bottom, $bore->looks->ridgeAtBottom]] as [$end, $look]) {
            $outcome = self::ridgeOutcome($look);
            $looks[] = "{$end->value} ".($look->value ?? 'not checked');
            $said[$end->value] = $look ?? new Message('findings.reason.not_checked');
            $places[$outcome->value][] = BorePlace::ridge($bore->cylinder, $end);
        }
        $worst = match (true) {
            isset($places[Outcome::Fail->value]) => Outcome::Fail,
            isset($places[Outcome::Missing->value]) => Outcome::Missing,
            default => Outcome::Pass,
        };
        $words = new Message('findings.reason.ridge', $said);

        return $findings->look(Criterion::Ridge, $worst, $words, implode(', ', $looks), $places[$worst->value] ?? []);
    }

    private static function ridgeOutcome(?RidgeLook $look): Outcome
    {
        return match ($look) {
            RidgeLook::CatchesNail => Outcome::Fail,
            null, RidgeLook::Deposits => Outcome::Missing,
            default => Outcome::Pass,
        };
    }

    private function scoring(BoreFindings $findings, BoreInspection $bore): Finding
    {
        $look = $bore->looks->scoring;
        $outcome = $look === null ? Outcome::Missing : ($look->mayStay() ? Outcome::Pass : Outcome::Fail);

        return $findings->look(Criterion::Scoring, $outcome, $look->value ?? '', $look->value ?? '', [
            BorePlace::look(BoreFeature::Scoring, $bore->cylinder),
        ]);
    }

    private function pitting(BoreFindings $findings, BoreInspection $bore): Finding
    {
        $class = $bore->looks->pitting;
        $outcome = match (true) {
            $class === null => Outcome::Missing,
            $class->value <= min($this->allowedPittingClass, self::MOST_UNSIGNED_PITTING) => Outcome::Pass,
            $class === PittingClass::Felt && $bore->looks->pittingConceded => Outcome::Concession,
            default => Outcome::Fail,
        };

        $said = $class === null ? '' : new Message("places.pitting.{$class->value}");

        return $findings->look(Criterion::Pitting, $outcome, $said, (string) $class?->value, [
            BorePlace::look(BoreFeature::Pitting, $bore->cylinder),
        ]);
    }

    /**
     * @param  array<Station>  $stations
     * @return list<Place>
     */
    private function unread(BoreInspection $bore, array $stations): array
    {
        $unread = [];
        foreach ($stations as $station) {
            foreach (Axis::NEEDED as $axis) {
                if ($bore->reading($station, $axis) === null) {
                    $unread[] = BorePlace::bore($bore->cylinder, $station, $axis);
                }
            }
        }

        return $unread;
    }
}

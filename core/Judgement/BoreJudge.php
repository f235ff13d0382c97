<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

use NorthLedger\Core\Gauging\Axis;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\BoreLimits;

/** Judges whether a bore can stay at its size (BORE-3, BORE-4, BORE-6); it collects every finding and stops at none. */
final readonly class BoreJudge
{
    /**
     * @param  list<Length>  $oversizes
     * @param  ?Length  $newPiston  A new piston at standard. A used one is never larger, so where no piston is
     *                              measured this one can show that a bore is past its limit, and never that it holds.
     */
    public function __construct(
        private Length $nominal,
        private array $oversizes,
        private BoreLimits $limits,
        private Length $stepTolerance,
        private ?Length $declaredStep = null,
        private ?Length $newPiston = null,
        private int $allowedPittingClass = 2,
        private DecisionRule $rule = DecisionRule::Simple,
    ) {
    }

    public function judge(BoreInspection $bore): JudgedBore
    {
        $measures = BoreMeasures::of($bore);
        $step = CurrentStep::of($bore, $this->nominal, $this->oversizes, $this->stepTolerance, $this->declaredStep);
        $size = $measures->size();
        $findings = [];
        foreach ([
            $this->outOfRound($bore, $measures),
            $this->taper($bore, $measures),
            $this->clearance($bore, $measures, $step),
            $this->crack($bore),
            $this->ridge($bore),
            $this->scoring($bore),
            $this->pitting($bore),
        ] as $finding) {
            $findings[$finding->criterion->value] = $finding;
        }

        return new JudgedBore(
            $bore,
            $measures,
            $step,
            $size === null || $step->value === null ? null : $size->minus($this->nominal)->minus($step->value),
            $size === null || $bore->piston === null ? null : $size->minus($bore->piston->corrected),
            $findings,
            CanStay::ofOutcomes(array_column($findings, 'outcome')),
        );
    }

    private function outOfRound(BoreInspection $bore, BoreMeasures $measures): Finding
    {
        return $this->spread(Criterion::OutOfRound, $bore, Spread::widest($measures->outOfRound), $this->limits->outOfRound, $this->unread($bore, Station::JUDGED));
    }

    private function taper(BoreInspection $bore, BoreMeasures $measures): Finding
    {
        return $this->spread(Criterion::Taper, $bore, Spread::widest($measures->taper), $this->limits->taper, $this->unread($bore, [Station::Top, Station::Bottom]));
    }

    /** @param  list<Place>  $missing */
    private function spread(Criterion $criterion, BoreInspection $bore, ?Spread $widest, Length $limit, array $missing): Finding
    {
        if ($widest === null) {
            return Finding::unread($criterion, $bore->cylinder, $limit, $missing);
        }
        $uncertainty = $widest->uncertainty();

        return Finding::measured(
            $criterion, $bore->cylinder, $widest->value(), $limit,
            $this->rule->decide($widest->value(), $limit, LimitKind::Max, $uncertainty),
            $uncertainty, [$widest->largest, $widest->smallest], $missing,
        );
    }

    private function clearance(BoreInspection $bore, BoreMeasures $measures, CurrentStep $step): Finding
    {
        $missing = $this->unread($bore, Station::JUDGED);
        if ($bore->piston === null) {
            $missing[] = Place::piston($bore->cylinder);
        }
        $piston = $bore->piston->corrected ?? ($this->newPiston === null || $step->value === null ? null : $this->newPiston->plus($step->value));
        if ($measures->largest === null || $piston === null) {
            return Finding::unread(Criterion::Clearance, $bore->cylinder, $this->limits->clearance, $missing, $measures->needsSize);
        }
        $clearance = $measures->largest->corrected->minus($piston);
        $uncertainty = $measures->largest->sizeUncertainty()->combinedWith($bore->piston?->sizeUncertainty() ?? Uncertainty::none());

        return Finding::measured(
            Criterion::Clearance, $bore->cylinder, $clearance, $this->limits->clearance,
            $this->rule->decide($clearance, $this->limits->clearance, LimitKind::Max, $uncertainty),
            $uncertainty, $bore->piston === null ? [$measures->largest] : [$measures->largest, $bore->piston], $missing, $measures->needsSize,
        );
    }

    private function crack(BoreInspection $bore): Finding
    {
        $outcome = match ($bore->looks->crack) {
            null => Outcome::Missing,
            CrackLook::NoneSeen => Outcome::Pass,
            CrackLook::Crack, CrackLook::Hole => Outcome::Fail,
        };

        return Finding::look(Criterion::Crack, $bore->cylinder, $outcome, $bore->looks->crack->value ?? '', [Place::look(Feature::Crack, $bore->cylinder)]);
    }

    private function ridge(BoreInspection $bore): Finding
    {
        $ends = [Station::Top->value => $bore->looks->ridgeAtTop, Station::Bottom->value => $bore->looks->ridgeAtBottom];
        $open = array_filter($ends, static fn (?RidgeLook $look): bool => $look === null || $look === RidgeLook::Deposits);
        $outcome = match (true) {
            in_array(RidgeLook::CatchesNail, $ends, true) => Outcome::Fail,
            $open !== [] => Outcome::Missing,
            default => Outcome::Pass,
        };
        $looks = array_map(static fn (string $end, ?RidgeLook $look): string => "{$end} ".($look->value ?? 'not checked'), array_keys($ends), $ends);
        $missing = array_map(static fn (string $end): Place => Place::ridge($bore->cylinder, Station::from($end)), array_keys($open));

        return Finding::look(Criterion::Ridge, $bore->cylinder, $outcome, implode(', ', $looks), $missing);
    }

    private function scoring(BoreInspection $bore): Finding
    {
        $look = $bore->looks->scoring;
        $outcome = $look === null ? Outcome::Missing : ($look->mayStay() ? Outcome::Pass : Outcome::Fail);

        return Finding::look(Criterion::Scoring, $bore->cylinder, $outcome, $look->value ?? '', [Place::look(Feature::Scoring, $bore->cylinder)]);
    }

    private function pitting(BoreInspection $bore): Finding
    {
        $class = $bore->looks->pitting;
        $outcome = match (true) {
            $class === null => Outcome::Missing,
            $class->value <= $this->allowedPittingClass => Outcome::Pass,
            $class === PittingClass::Felt && $bore->looks->pittingConceded => Outcome::Concession,
            default => Outcome::Fail,
        };

        return Finding::look(Criterion::Pitting, $bore->cylinder, $outcome, $class?->label() ?? '', [Place::look(Feature::Pitting, $bore->cylinder)]);
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
                    $unread[] = Place::bore($bore->cylinder, $station, $axis);
                }
            }
        }

        return $unread;
    }
}

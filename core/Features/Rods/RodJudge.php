<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Rods;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Record\Measurements;

/** Judges the connecting rods, and names the one that weighs unlike the others (ROD-1, ROD-3, ROD-4). */
final readonly class RodJudge implements Judge
{
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = $works = [];
        foreach ($this->sheet->layout->cylinders() as $rod) {
            $ofRod = $this->ofRod($rod, $measurements);
            $findings = [...$findings, ...$ofRod];
            $works = [...$works, ...self::works($rod, $ofRod)];
        }
        $weights = RodWeights::of($this->sheet->layout->cylinders(), $measurements);

        return new SectionJudgement(
            Section::Rods,
            [...$findings, $this->spread($weights, $measurements)],
            [
                ...$works,
                ...$this->sheet->rods->spread === null ? [] : $weights->works($this->sheet->rods->spread, $this->policy->mostOffARod),
            ],
            ! $measurements->isEmpty(),
        );
    }

    /** @return list<Place> */
    public static function bigEnd(int $rod): array
    {
        return array_map(static fn (string $spot): Place => Place::at(RodFeature::BigEnd, $rod, $spot), RodPlaces::BIG_END);
    }

    /** @return list<Finding> */
    private function ofRod(int $rod, Measurements $measurements): array
    {
        $spec = $this->sheet->rods;
        $gate = new Gate(EnginePart::Rods, $this->policy->incomingRule, $measurements, 'ROD-1', Subject::rod($rod));
        [$front, $frontAcross, $rear, $rearAcross] = self::bigEnd($rod);
        $loose = array_values(
            array_filter(
                self::bigEnd($rod),
                static fn (Place $place): bool => $measurements->isRead($place) && ! $measurements->conditions($place)->capsTorqued,
            ),
        );
        $at = static fn (Feature $feature): Place => Place::at($feature, $rod);

        return [
            ...$loose === []
                ? []
                : [$gate->unread(Criterion::CapsTorqued, $loose, new Message('findings.reason.cap_loose'))],
            $gate->sizes(Criterion::BigEnd, self::bigEnd($rod), $spec->bigEnd, Remedy::Machine),
            $gate->widest(Criterion::BigEndOutOfRound, [[$front, $frontAcross], [$rear, $rearAcross]], $spec->outOfRound, Remedy::Machine),
            $gate->widest(Criterion::BigEndTaper, [[$front, $rear], [$frontAcross, $rearAcross]], $spec->taper, Remedy::Machine),
            $gate->sizes(
                Criterion::SmallEnd,
                [Place::at(RodFeature::SmallEnd, $rod, '0'), Place::at(RodFeature::SmallEnd, $rod, '90')],
                $spec->smallEnd,
                Remedy::Machine,
            ),
            $gate->under('ROD-4')->sizes(Criterion::CentreDistance, [$at(RodFeature::Centres)], $spec->centreDistance, Remedy::Scrap),
            $gate->under('ROD-4')->reading(Criterion::Bend, $at(RodFeature::Bend), Limits::atMostLength($spec->bend), Remedy::Machine),
            $gate->under('ROD-4')->reading(Criterion::Twist, $at(RodFeature::Twist), Limits::atMostLength($spec->twist), Remedy::Machine),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<PlannedWork>
     */
    private static function works(int $rod, array $findings): array
    {
        $kinds = [];
        foreach ($findings as $finding) {
            if ($finding->outcome === Outcome::Fail) {
                $kind = match (true) {
                    in_array($finding->criterion, [Criterion::BigEnd, Criterion::BigEndOutOfRound, Criterion::BigEndTaper], true)
                        => WorkKind::Resize,
                    $finding->criterion === Criterion::SmallEnd => WorkKind::Rebush,
                    $finding->criterion === Criterion::CentreDistance => WorkKind::Replace,
                    default => WorkKind::Straighten,
                };
                $kinds[$kind->value] = PlannedWork::of($finding->rule, Subject::rod($rod), $kind);
            }
        }

        return array_values($kinds);
    }

    private function spread(RodWeights $weights, Measurements $measurements): Finding
    {
        $subject = Subject::the('rods');
        $gate = new Gate(EnginePart::Rods, $this->policy->incomingRule, $measurements, 'ROD-3', $subject);
        if ($weights->spread === null) {
            return $gate->unread(Criterion::WeightSpread, $weights->missing);
        }
        $value = Amount::mass($weights->spread);
        $allowed = $this->sheet->rods->spread;
        $limits = Limits::atMost($allowed === null ? null : Amount::mass($allowed->micrograms));
        $scale = $measurements->scale($weights->extremes);

        return $scale === null
            ? Finding::held(
                EnginePart::Rods,
                'ROD-3',
                $subject,
                Criterion::WeightSpread,
                $value,
                $limits,
                Remedy::Machine,
                $weights->extremes,
            )
            : $gate->judged(
                Criterion::WeightSpread,
                $value,
                $limits,
                $scale->uncertaintyOfDifference(count($weights->extremes)),
                Remedy::Machine,
                $weights->extremes,
            );
    }
}

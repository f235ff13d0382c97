<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\HousingSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\SectionJudgement;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** Judges the main housings, their line, the parting face and the thrust (LINE-1 to LINE-4, LINE-2a). */
final readonly class HousingJudge implements Judge
{
    private HousingSpec $spec;

    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
        $this->spec = $sheet->housings;
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $cut = new LineCut($this->spec, $this->policy->partAllowances($this->sheet->unit)->lineStock, $measurements);
        $step = $cut->step;
        $findings = [];
        foreach (range(1, $this->spec->count) as $housing) {
            $findings = [...$findings, ...$this->ofHousing($housing, $measurements, $step)];
        }
        $findings = [...$findings, ...$this->line($measurements), ...$this->parting($measurements), ...$this->thrust($measurements)];
        $mustBeBored =
            array_filter(
                $findings,
                static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail &&
                    in_array($finding->rule, ['LINE-1', 'LINE-2'], true),
            ) !== [];
        $plan = $mustBeBored ? $cut->plan() : null;

        return new SectionJudgement(
            Section::Housings,
            [...$findings, ...$mustBeBored ? $cut->atTheEnd($plan) : []],
            $cut->works($plan),
            ! $measurements->isEmpty(),
        );
    }

    /** @return list<Finding> */
    private function ofHousing(int $housing, Measurements $measurements, Length $step): array
    {
        $places = HousingPlaces::bore($this->spec, $housing);
        $gate = new Gate(
            EnginePart::Block,
            $this->policy->incomingRule,
            $measurements,
            'LINE-1',
            Subject::numbered('housing', $housing),
        );
        $loose = array_values(
            array_filter(
                $places,
                static fn (Place $place): bool => $measurements->isRead($place) && ! $measurements->conditions($place)->capsTorqued,
            ),
        );

        return [
            ...$loose === []
                ? []
                : [$gate->unread(Criterion::CapsTorqued, $loose, new Message('findings.reason.caps_loose'))],
            $gate->sizes(Criterion::Size, $places, $this->spec->diameterAt($step), Remedy::Machine),
            $gate->spread(Criterion::OutOfRound, $places, $this->spec->outOfRound, Remedy::Machine),
            $gate
                ->under('LINE-2')
                ->look(Criterion::Imprint, Place::at(HousingFeature::Imprint, $housing), [
                    Looks::IMPRINT => Remedy::Machine,
                    Looks::STEP => Remedy::Machine,
                ]),
        ];
    }

    /**
     * Each housing against its neighbours, and the line as a whole.
     *
     * @return list<Finding>
     */
    private function line(Measurements $measurements): array
    {
        $places = array_map(static fn (int $housing): Place => Place::at(HousingFeature::Offset, $housing), range(1, $this->spec->count));
        $gate = new Gate(
            EnginePart::Block,
            $this->policy->incomingRule,
            $measurements,
            'LINE-2',
            Subject::the('line'),
        );
        $pairs = array_map(static fn (int $index): array => [$places[$index], $places[$index + 1]], array_keys(array_slice($places, 1)));

        return [
            $gate->widest(Criterion::StepToNeighbour, $pairs, $this->spec->stepToNeighbour, Remedy::Machine),
            $gate->spread(Criterion::StepOverall, $places, $this->spec->stepOverall, Remedy::Machine, count($places)),
        ];
    }

    /**
     * A feeler that enters the torqued case scraps it.
     *
     * @return list<Finding>
     */
    private function parting(Measurements $measurements): array
    {
        if ($this->spec->partingGap === null) {
            return [];
        }
        $findings = [];
        foreach (range(1, $this->spec->count) as $housing) {
            $place = Place::at(HousingFeature::PartingGap, $housing);
            $gate = new Gate(
                EnginePart::Block,
                $this->policy->incomingRule,
                $measurements,
                'LINE-3',
                Subject::numbered('housing', $housing),
            );
            $gap = $measurements->length($place);
            $findings[] = match (true) {
                $gap === null => $gate->unread(Criterion::PartingFace, [$place]),
                $this->spec->isPartedBy($gap) => $gate->failed(
                    Criterion::PartingFace,
                    new Message('findings.reason.feeler_enters'),
                    Remedy::Scrap,
                    [$place],
                ),
                default => $gate->passed(
                    Criterion::PartingFace,
                    new Message($gap->isZero() ? 'findings.reason.no_feeler_enters' : 'findings.reason.thinner_feeler_enters'),
                    [$place],
                ),
            };
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function thrust(Measurements $measurements): array
    {
        if ($this->spec->thrust === null) {
            return [];
        }
        $housing = $this->spec->thrust->housing;
        $gate = new Gate(
            EnginePart::Block,
            $this->policy->incomingRule,
            $measurements,
            'LINE-4',
            Subject::numbered('thrust', $housing),
        );

        return [
            $gate->sizes(
                Criterion::Width,
                array_map(static fn (string $spot): Place => Place::at(HousingFeature::ThrustWidth, $housing, $spot), [
                    '0',
                    '90',
                    '180',
                    '270',
                ]),
                $this->spec->thrust->width,
                Remedy::Machine,
            ),
            $gate->look(Criterion::ThrustFace, Place::at(HousingFeature::ThrustFace, $housing), [Looks::CATCHES => Remedy::Machine]),
        ];
    }
}

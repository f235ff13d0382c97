<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Heads;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
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
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** Judges guides, valves and seats, and lifters where they run in the head (VALVE-1 to VALVE-4). */
final readonly class HeadJudge implements Judge
{
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = [];
        foreach (ValvePlaces::valves($this->sheet) as [$cylinder, $spot]) {
            $findings = [...$findings, ...$this->ofValve($cylinder, $spot, $measurements)];
        }
        $findings = [...$findings, ...$this->evenness($measurements)];

        return new SectionJudgement(Section::Heads, $findings, $this->works($findings), ! $measurements->isEmpty());
    }

    /** @return list<Finding> */
    private function ofValve(int $cylinder, string $spot, Measurements $measurements): array
    {
        $spec = ValvePlaces::spec($this->sheet, $spot);
        $at = static fn (Feature $feature): Place => Place::at($feature, $cylinder, $spot);
        $gate = new Gate(
            ValvePlaces::part($this->sheet, $spot),
            $this->policy->incomingRule,
            $measurements,
            'VALVE-1',
            ValvePlaces::subject($cylinder, $spot),
        );

        $clearance = $gate
            ->under('VALVE-2')
            ->difference(
                Criterion::StemClearance,
                $at(ValveFeature::Guide),
                $at(ValveFeature::Stem),
                $spec->stemClearance,
                Remedy::Machine,
            );

        return [
            ...$this->contradiction($gate->under('VALVE-2'), $clearance, $at(ValveFeature::Drop), $measurements),
            $gate->sizes(Criterion::GuideHeight, [$at(ValveFeature::GuideHeight)], $spec->guideHeight, Remedy::Machine),
            $clearance,
            $gate->under('VALVE-2')->look(Criterion::ValveDrop, $at(ValveFeature::Drop), [Looks::TIGHT => Remedy::Machine]),
            $gate->under('VALVE-3')->look(Criterion::SeatAngles, $at(ValveFeature::SeatAngle), [Looks::OTHER_ANGLES => Remedy::Machine]),
            $gate->under('VALVE-3')->sizes(Criterion::SeatWidth, [$at(ValveFeature::SeatWidth)], $spec->seatWidth, Remedy::Machine),
            $gate
                ->under('VALVE-3')
                ->reading(Criterion::SeatRunOut, $at(ValveFeature::SeatRunOut), Limits::atMostLength($spec->seatRunout), Remedy::Machine),
            $gate->under('VALVE-3')->look(Criterion::Vacuum, $at(ValveFeature::Vacuum), [Looks::FALLS => Remedy::Machine]),
        ];
    }

    /**
     * A valve that sticks in a guide that measures wide enough: one of the two is not so.
     *
     * @return list<Finding>
     */
    private function contradiction(Gate $gate, Finding $clearance, Place $drop, Measurements $measurements): array
    {
        return $clearance->outcome === Outcome::Pass && $measurements->look($drop) === Looks::TIGHT
            ? [
                $gate->failed(
                    Criterion::DropAgainstClearance,
                    'It does not fall freely, and its clearance measures fine. A bent stem, dirt in the guide, or a reading that is '.
                        'wrong: look again.',
                    Remedy::Decide,
                    [$drop, ...$clearance->places],
                ),
            ]
            : [];
    }

    /**
     * Guides of one kind stand equally high.
     *
     * @return list<Finding>
     */
    private function evenness(Measurements $measurements): array
    {
        $findings = [];
        foreach (['in' => 'Intake guides', 'ex' => 'Exhaust guides'] as $kind => $subject) {
            $valves = array_values(
                array_filter(ValvePlaces::valves($this->sheet), static fn (array $valve): bool => str_starts_with($valve[1], $kind)),
            );
            $places = array_map(static fn (array $valve): Place => Place::at(ValveFeature::GuideHeight, $valve[0], $valve[1]), $valves);
            $gate = new Gate(
                ValvePlaces::part($this->sheet, $kind),
                $this->policy->incomingRule,
                $measurements,
                'VALVE-1',
                Subject::of("guides.{$kind}", $subject),
            );
            $findings[] = $gate->spread(
                Criterion::Evenness,
                $places,
                $this->policy->partAllowances($this->sheet->unit)->guideEvenness,
                Remedy::Machine,
                count($places),
            );
        }

        return $findings;
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<PlannedWork>
     */
    private function works(array $findings): array
    {
        $works = [];
        foreach ($findings as $finding) {
            if ($finding->outcome === Outcome::Fail) {
                $kind = $finding->rule === 'VALVE-3' ? WorkKind::CutSeats : WorkKind::Guides;
                $works["{$kind->value} {$finding->about->code}"] = PlannedWork::of(
                    $finding->rule,
                    $finding->about,
                    $kind,
                    target: $finding->criterion === Criterion::StemClearance ? $this->ream($finding->about) : null,
                );
            }
        }

        return array_values($works);
    }

    /** What a new guide is reamed to; null where the sheet does not say. */
    private function ream(Subject $valve): ?Length
    {
        return str_ends_with($valve->kind(), '.in') ? $this->sheet->intake->guideReam : $this->sheet->exhaust->guideReam;
    }
}

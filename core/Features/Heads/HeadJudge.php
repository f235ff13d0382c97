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
use NorthLedger\Core\Message;
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

        return new SectionJudgement(Section::Heads, $findings, $this->works($findings, $measurements), ! $measurements->isEmpty());
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
            ...$this->seatFace($gate->under('VALVE-3'), $at(ValveFeature::SeatFace), $measurements),
            $gate->under('VALVE-3')->look(Criterion::SeatAngles, $at(ValveFeature::SeatAngle), [Looks::OTHER_ANGLES => Remedy::Machine]),
            $gate->under('VALVE-3')->sizes(Criterion::SeatWidth, [$at(ValveFeature::SeatWidth)], $spec->seatWidth, Remedy::Machine),
            $gate
                ->under('VALVE-3')
                ->reading(Criterion::SeatRunOut, $at(ValveFeature::SeatRunOut), Limits::atMostLength($spec->seatRunout), Remedy::Machine),
            $gate->under('VALVE-3')->look(Criterion::Vacuum, $at(ValveFeature::Vacuum), [Looks::FALLS => Remedy::Machine]),
        ];
    }

    /** @return list<Finding> None where nobody has looked: width, run-out and vacuum say whether it seals */
    private function seatFace(Gate $gate, Place $face, Measurements $measurements): array
    {
        return $measurements->look($face) === null
            ? []
            : [
                $gate->look(Criterion::SeatFace, $face, [
                    Looks::PITTED => Remedy::Machine,
                    Looks::BURNT => Remedy::Machine,
                    Looks::SUNK => Remedy::Machine,
                ]),
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
                    new Message('findings.reason.drop_against_clearance'),
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
        foreach (['in', 'ex'] as $kind) {
            $valves = array_values(
                array_filter(ValvePlaces::valves($this->sheet), static fn (array $valve): bool => str_starts_with($valve[1], $kind)),
            );
            $places = array_map(static fn (array $valve): Place => Place::at(ValveFeature::GuideHeight, $valve[0], $valve[1]), $valves);
            $gate = new Gate(
                ValvePlaces::part($this->sheet, $kind),
                $this->policy->incomingRule,
                $measurements,
                'VALVE-1',
                Subject::of("guides.{$kind}", new Message("places.subject.guides_{$kind}")),
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
    private function works(array $findings, Measurements $measurements): array
    {
        $failed = $seats = [];
        foreach ($findings as $finding) {
            if ($finding->outcome === Outcome::Fail && $finding->remedy === Remedy::Machine) {
                $seats[$finding->about->code] ??= $finding->rule === 'VALVE-3' ? $finding->about : null;
                $failed[$finding->about->code][$finding->criterion->value] = $finding->about;
            }
        }
        $works = [];
        foreach (ValvePlaces::valves($this->sheet) as [$cylinder, $spot]) {
            $valve = ValvePlaces::subject($cylinder, $spot);
            $guide = new GuideWork(ValvePlaces::spec($this->sheet, $spot), $valve, $cylinder, $spot, $measurements);
            array_push($works, ...$guide->works(array_keys($failed[$valve->code] ?? [])));
            if (isset($seats[$valve->code])) {
                $look = $measurements->look(Place::at(ValveFeature::SeatFace, $cylinder, $spot));
                $isLost = in_array($look, [Looks::BURNT, Looks::SUNK], true);
                $works[] = PlannedWork::of('VALVE-3', $valve, $isLost ? WorkKind::FitSeat : WorkKind::CutSeats);
            }
        }

        return [...$works, ...$this->unevenWorks($failed, $works)];
    }

    /**
     * Guides that are each within their range and stand unevenly are pressed to one height; where one is pressed for its own height, that
     * evens them.
     *
     * @param  array<string, array<string, Subject>>  $failed  By subject and criterion
     * @param  list<PlannedWork>  $works
     * @return list<PlannedWork>
     */
    private function unevenWorks(array $failed, array $works): array
    {
        $uneven = [];
        foreach (['in', 'ex'] as $kind) {
            $subject = $failed["guides.{$kind}"][Criterion::Evenness->value] ?? null;
            $pressed = array_filter(
                $works,
                static fn (PlannedWork $work): bool => $work->kind === WorkKind::PressGuide && $work->about->kind() === "valve.{$kind}",
            );
            if ($subject !== null && $pressed === []) {
                $uneven[] = PlannedWork::of('VALVE-1', $subject, WorkKind::PressGuide, said: new Message('findings.also.one_height'));
            }
        }

        return $uneven;
    }
}

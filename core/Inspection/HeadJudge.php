<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Judgement\Outcome;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Spec\EnginePart;
use NorthLedger\Core\Spec\SpecificationSheet;
use NorthLedger\Core\Spec\ValveTrain;

/** Judges guides, valves, seats and lifters (VALVE-1 to VALVE-4). */
final readonly class HeadJudge implements Judge
{
    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
    }

    public function judge(Measurements $measurements): SectionJudgement
    {
        $findings = [];
        foreach (HeadPlan::valves($this->sheet) as [$cylinder, $spot]) {
            $findings = [...$findings, ...$this->ofValve($cylinder, $spot, $measurements)];
        }
        $findings = [...$findings, ...$this->evenness($measurements), ...$this->lifters($measurements)];

        return new SectionJudgement(Section::Heads, $findings, self::works($findings), ! $measurements->isEmpty());
    }

    /** Valves stand in the block where it is a side-valve engine. */
    private function valvePart(): EnginePart
    {
        return $this->sheet->valveTrain === ValveTrain::SideValve ? EnginePart::Block : EnginePart::Head;
    }

    /** @return list<PartFinding> */
    private function ofValve(int $cylinder, string $spot, Measurements $measurements): array
    {
        $spec = HeadPlan::spec($this->sheet, $spot);
        $at = static fn (Feature $feature): Place => Place::at($feature, $cylinder, $spot);
        $gate = new Gate($this->valvePart(), $this->policy->incomingRule, $measurements, 'VALVE-1', HeadPlan::subject($cylinder, $spot));

        return [
            $gate->sizes('guide height', [$at(Feature::GuideHeight)], $spec->guideHeight, Remedy::Machine),
            $gate->under('VALVE-2')->difference('stem clearance', $at(Feature::Guide), $at(Feature::Stem), $spec->stemClearance, Remedy::Machine),
            $gate->under('VALVE-2')->look('valve drops by itself', $at(Feature::Drop), [Looks::TIGHT => Remedy::Machine]),
            $gate->under('VALVE-3')->look('seat angles', $at(Feature::SeatAngle), [Looks::OTHER_ANGLES => Remedy::Machine]),
            $gate->under('VALVE-3')->sizes('seat width', [$at(Feature::SeatWidth)], $spec->seatWidth, Remedy::Machine),
            $gate->under('VALVE-3')->reading('seat run-out', $at(Feature::SeatRunOut), Limits::atMostLength($spec->seatRunout), Remedy::Machine),
            $gate->under('VALVE-3')->look('vacuum', $at(Feature::Vacuum), [Looks::FALLS => Remedy::Machine]),
        ];
    }

    /**
     * Guides of one kind stand equally high.
     *
     * @return list<PartFinding>
     */
    private function evenness(Measurements $measurements): array
    {
        $findings = [];
        foreach (['in' => 'Intake guides', 'ex' => 'Exhaust guides'] as $kind => $subject) {
            $valves = array_values(array_filter(HeadPlan::valves($this->sheet), static fn (array $valve): bool => str_starts_with($valve[1], $kind)));
            $places = array_map(static fn (array $valve): Place => Place::at(Feature::GuideHeight, $valve[0], $valve[1]), $valves);
            $gate = new Gate($this->valvePart(), $this->policy->incomingRule, $measurements, 'VALVE-1', $subject);
            $findings[] = $gate->spread('evenness', $places, $this->policy->partAllowances($this->sheet->unit)->guideEvenness, Remedy::Machine, count($places));
        }

        return $findings;
    }

    /** @return list<PartFinding> */
    private function lifters(Measurements $measurements): array
    {
        $spec = $this->sheet->lifters;
        $part = $this->sheet->valveTrain === ValveTrain::OverheadCam ? EnginePart::Head : EnginePart::Block;

        return $spec === null ? [] : array_map(
            fn (int $number): PartFinding => (new Gate($part, $this->policy->incomingRule, $measurements, 'VALVE-4', "Lifter {$number}"))
                ->difference('play', Place::at(Feature::LifterBore, $number), Place::at(Feature::Lifter, $number), $spec->play, Remedy::Machine),
            range(1, $spec->count),
        );
    }

    /**
     * @param  list<PartFinding>  $findings
     * @return list<PlannedWork>
     */
    private static function works(array $findings): array
    {
        $works = [];
        foreach ($findings as $finding) {
            if ($finding->outcome === Outcome::Fail) {
                $kind = match (true) {
                    $finding->rule === 'VALVE-3' => WorkKind::CutSeats,
                    $finding->rule === 'VALVE-4' => WorkKind::Resize,
                    default => WorkKind::Guides,
                };
                $works["{$kind->value} {$finding->subject}"] = PlannedWork::of($finding->rule, $finding->subject, $kind, said: $finding->rule === 'VALVE-4' ? 'Bush or ream the bore, or fit another lifter.' : '');
            }
        }

        return array_values($works);
    }
}

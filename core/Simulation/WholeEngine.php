<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use DateTimeImmutable;
use NorthLedger\Core\Assessment\AssessedPart;
use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Assessment\Facts;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckProcedure;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\CheckStep;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\Surface;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Heads\ValveFeature;
use NorthLedger\Core\Features\Lifters\LifterFeature;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/** An engine as it is: a simulated block, every other part sound but for its wear, and what a crack check would show (PRAC-2). */
final readonly class WholeEngine implements Facts
{
    /** No expansion between part and master. */
    private const AT_20 = [11.0, 11.5, 20.0, 20.0];

    /** What runs in a hole. */
    private const SHAFTS = [JournalFeature::Main, JournalFeature::Pin, ValveFeature::Stem, LifterFeature::Lifter];

    /** @param  ?CrackSight  $sight  Null where nothing shows */
    public function __construct(
        private SpecificationSheet $sheet,
        private ShopPolicy $policy,
        public SimulatedBlock $block,
        public SimulatedParts $parts,
        public ?CrackSight $sight,
    ) {
    }

    /** What is really there, at a place beside the bores; null where nobody would read anything. */
    public function value(Characteristic $one): int|float|string|null
    {
        return $this->parts->value($one);
    }

    /** Every part judged by what it is. */
    public function truth(): EngineInspection
    {
        return new EngineInspection($this->sheet, $this->policy, $this);
    }

    /**
     * True where it is known of every part what it can be made to, and no gauge could turn it over: neither with every clearance read too
     * large nor too small. A crack that a specialist has to look at leaves it open.
     */
    public function isTold(): bool
    {
        $verdicts = $this->verdicts();

        return ! in_array(PartVerdict::NotYetKnown, $verdicts, true) &&
            $this->readOff(1)->verdicts() === $verdicts &&
            $this->readOff(-1)->verdicts() === $verdicts;
    }

    /** @return array<string, PartVerdict> What each part can be made to */
    public function verdicts(): array
    {
        return array_map(static fn (AssessedPart $part): PartVerdict => $part->verdict, $this->truth()->engine()->parts);
    }

    /** What readings would make of it whose holes are all off one way, and what runs in them the other, by what a gauge can be off. */
    private function readOff(int $way): self
    {
        $read = $this->parts->worn;
        foreach (Section::beside() as $section) {
            foreach (InspectionPlan::of($section, $this->sheet)->walk() as $one) {
                $value = $this->value($one);
                if (is_int($value) && $one->place->feature->measurand() === Measurand::Size) {
                    $gauge = new PartGauge(UsualGauge::of($one->place->feature, $one->nominal), 0);
                    $isShaft = in_array($one->place->feature, self::SHAFTS, true);
                    $read[$one->place->key] = $value + ($isShaft ? -$way : $way) * $gauge->most()->nanometres;
                }
            }
        }

        return new self($this->sheet, $this->policy, $this->block, $this->parts->with($read), $this->sight);
    }

    public function measurements(Section $section): Measurements
    {
        $readings = $conditions = $values = $looks = [];
        foreach ($section === Section::Bores ? [] : InspectionPlan::of($section, $this->sheet)->walk() as $one) {
            $value = $this->value($one);
            $key = $one->place->key;
            if ($value === null) {
                continue;
            }
            if ($one->place->feature->isGauged()) {
                $readings[$key] = self::reading($one->place, (int) $value);
                $conditions[$key] = new Conditions(capsTorqued: true);
            } elseif ($one->place->feature->measurand() === Measurand::Look) {
                $looks[$key] = (string) $value;
            } elseif (! is_string($value)) {
                $values[$key] = $value;
            }
        }

        return new Measurements($readings, $conditions, $values, $looks);
    }

    public function bores(): array
    {
        return $this->block->trueBores($this->policy);
    }

    public function declaredStep(): Length
    {
        return Length::zero();
    }

    /** As if every part had been checked, and everything that shows read twice. */
    public function cracks(): CrackReport
    {
        $runs = [];
        foreach ($this->sheet->faces() as $face) {
            $runs[$face->part()->value] ??= self::read($face, $this->sheet);
        }

        return new CrackReport(
            $this->sheet,
            $this->sight === null ? [] : [$this->sight->indication($this->sheet)],
            array_values($runs),
            array_column($this->sheet->pronePlaces, 'number'),
            [],
        );
    }

    public function defects(): array
    {
        return [];
    }

    public function absent(): array
    {
        return [];
    }

    public function concedes(Finding $finding): bool
    {
        return false;
    }

    private static function reading(Place $place, int $nanometres): Reading
    {
        return Reading::of(
            $place,
            [Length::ofNanometres($nanometres)],
            Instrument::of(Length::zero(), Length::zero(), Length::zero()),
            Temperatures::of(...self::AT_20),
        );
    }

    private static function read(Face $face, SpecificationSheet $sheet): CheckRun
    {
        $steps = CheckProcedure::dyePenetrant(Dwell::at(20, DwellSchool::Short));
        $done = array_fill_keys(
            array_map(static fn (CheckStep $step): string => $step->kind->value, $steps),
            new DateTimeImmutable('@0'),
        );

        return new CheckRun(
            $face->part()->value,
            CheckMethod::DyePenetrant,
            $face->part(),
            array_values(array_filter($sheet->faces(), static fn (Face $other): bool => $other->part() === $face->part())),
            Surface::Machined,
            $steps,
            $done,
        );
    }
}

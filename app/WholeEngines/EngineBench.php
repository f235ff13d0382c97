<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\Reading;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use App\Storage\StatedSetup;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Simulation\CrackSight;
use NorthLedger\Core\Simulation\SimulatedBlock;
use NorthLedger\Core\Simulation\SimulatedParts;
use NorthLedger\Core\Simulation\WholeEngine;

/** A simulated engine as it is, beside the sheets that somebody reads of it (PRAC-2). */
final readonly class EngineBench
{
    private function __construct(
        public PracticeEngine $row,
        public SpecificationSheet $sheet,
        public ShopPolicy $policy,
        public WholeEngine $engine,
    ) {
    }

    public static function of(PracticeEngine $row, SpecBook $specs, PolicyBook $policies): self
    {
        $sheet = $specs->sheet($row->family, $row->family_revision);
        $policy = $policies->revision($row->policy_revision);

        return new self(
            $row,
            $sheet,
            $policy,
            new WholeEngine(
                $sheet,
                $policy,
                SimulatedBlock::again($sheet, $row->difficulty, $row->seed, $row->attempt),
                new SimulatedParts($sheet, $row->worn, $row->seed, $row->generation),
                $row->sight === null ? null : CrackSight::at($sheet, $row->sight, $row->is_crack),
            ),
        );
    }

    /** What was keyed of it; asked for in the practice house. */
    public function file(): JobFile
    {
        return PracticeHouse::inside(fn (): JobFile => app(JobFiles::class)->open(Job::query()->findOrFail($this->row->job_id)));
    }

    /** What is seen and felt there, as it is stored; null where nothing is looked at. */
    public function look(SheetName $sheet, Place $place): ?string
    {
        if ($sheet->section === Section::Bores) {
            return in_array($place->number, $this->sheet->layout->cylinders(), true) ? $this->lookOfBore($place) : null;
        }
        $one = $place->feature->measurand() === Measurand::Look ? $this->characteristic($sheet, $place) : null;

        return $one === null ? null : (string) $this->engine->value($one);
    }

    private function lookOfBore(Place $place): ?string
    {
        $looks = $this->engine->block->looksOf($place->number);
        $ridge = $place->station === Station::Top ? $looks->ridgeAtTop : $looks->ridgeAtBottom;

        return match ($place->feature) {
            BoreFeature::Ridge => $ridge?->value,
            BoreFeature::Scoring => $looks->scoring?->value,
            BoreFeature::Pitting => (string) $looks->pitting?->value,
            BoreFeature::Crack => $looks->crack?->value,
            default => null,
        };
    }

    /** What it measures there; null where nothing is gauged. */
    public function length(SheetName $sheet, Place $place): ?Length
    {
        if ($sheet->section === Section::Bores) {
            return match (true) {
                ! in_array($place->number, $this->sheet->layout->cylinders(), true) => null,
                $place->feature === BoreFeature::Piston => $this->sheet->piston->standard,
                $place->feature === BoreFeature::Bore => $this->engine->block->diameter($place),
                default => null,
            };
        }
        $one = $place->feature->isGauged() ? $this->characteristic($sheet, $place) : null;
        $value = $one === null ? null : $this->engine->value($one);

        return $value === null ? null : Length::ofNanometres((int) $value);
    }

    /** What the deviations of a setup count from: the size that was stated, or what the place of the part is where it was zeroed. */
    public function zeroOf(SheetName $sheet, StatedSetup $setup): ?Length
    {
        return $setup->zeroPlace === null ? $setup->knownZero : $this->length($sheet, Place::parse($setup->zeroPlace));
    }

    /** @return list<Place> That a section is read, looked at and felt at */
    public function places(Section $section): array
    {
        return $section === Section::Bores
            ? [
                ...$this->engine->block->places(),
                ...$this->engine->block->lookedAt(),
                ...array_map(BorePlace::piston(...), $this->sheet->layout->cylinders()),
            ]
            : array_map(static fn (Characteristic $one): Place => $one->place, InspectionPlan::of($section, $this->sheet)->walk());
    }

    public function characteristic(SheetName $sheet, Place $place): ?Characteristic
    {
        return InspectionPlan::of($sheet->section, $this->sheet)->find($place);
    }

    /** What reads a place where nobody stated a gauge. */
    public function usualGauge(SheetName $sheet, Place $place): InstrumentKind
    {
        return UsualGauge::of($place->feature, $this->characteristic($sheet, $place)?->nominal);
    }

    /** How many readings of its bores were taken, repeats included. */
    public function boresRead(JobFile $file): int
    {
        return Reading::query()
            ->where('job_id', $file->job->id)
            ->where('sheet', SheetName::bores()->value)
            ->where('place', 'like', BoreFeature::Bore->value.'.%')
            ->count();
    }

    /** True where its bore gauge has lost its zero, as far as it was used since it was set. */
    public function hasDrifted(JobFile $file): bool
    {
        [$since, $wasZeroedAgain] = $this->sinceZero($file);

        return $this->engine->block->gauge->hasDrifted($since, $wasZeroedAgain);
    }

    /** @return array{int, bool} Readings since the zero of the bore gauge was set, and whether it was set before */
    public function sinceZero(JobFile $file): array
    {
        $gauges = $file->record->entries(SheetName::bores())->gauges;
        $setup = $gauges->current(BoreFeature::Bore);
        $setups = array_filter($gauges->setups, static fn (StatedSetup $one): bool => $one->feature === BoreFeature::Bore);

        return [$setup === null ? 0 : Reading::query()->where('setup_id', $setup->id)->count(), count($setups) > 1];
    }
}

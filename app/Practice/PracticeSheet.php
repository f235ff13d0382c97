<?php

declare(strict_types=1);

namespace App\Practice;

use App\Record\JobFile;
use App\Record\SheetEntries;
use App\Record\SheetGauges;
use App\Storage\BlockEvent;
use App\Storage\Job;
use App\Storage\JobObservations;
use App\Storage\KeyedReading;
use App\Storage\PracticeBlockEvent;
use App\Storage\SheetName;
use App\Storage\StatedCheck;
use App\Storage\StatedSetup;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Gauging\InstrumentKind;

/** The sheet that a learner’s readings make, as if they were keyed into a job; it stands in no table of jobs and in no ledger (PRAC-3). */
final class PracticeSheet
{
    private const PISTON_SETUP = 1;

    /** The gauge’s first setup; one more with every zero that is set again. */
    private const FIRST_SETUP = 2;

    private const AT_20 = 20.0;

    /** @var list<StatedSetup> */
    private array $setups = [];

    /** @var list<StatedCheck> */
    private array $checks = [];

    /** @var list<KeyedReading> */
    private array $readings = [];

    private function __construct(private readonly BlockBench $bench)
    {
    }

    public static function of(BlockBench $bench): JobFile
    {
        return self::with($bench, $bench->events);
    }

    /** The same block as it is, as if somebody had read every place of it by a gauge that is never off. */
    public static function asItIs(BlockBench $bench): JobFile
    {
        return self::with(
            $bench,
            array_map(
                static fn (Place $place): PracticeBlockEvent => new PracticeBlockEvent([
                    'kind' => BlockEvent::Read,
                    'place' => $place->key,
                    'value_nm' => $bench->block->diameter($place)->nanometres,
                ]),
                $bench->block->places(),
            ),
        );
    }

    /** @param  list<PracticeBlockEvent>  $events */
    private static function with(BlockBench $bench, array $events): JobFile
    {
        $sheet = new self($bench);
        $sheet->state(self::PISTON_SETUP, BoreFeature::Piston, InstrumentKind::OutsideMicrometer);
        $sheet->state(self::FIRST_SETUP, BoreFeature::Bore, $bench->block->gauge->kind);
        $sheet->pistons();
        foreach ($events as $event) {
            $sheet->add($event);
        }
        $entries = array_fill_keys(array_column(SheetName::all(), 'value'), SheetEntries::none());
        $name = SheetName::bores();
        $observations = JobObservations::none();
        $gauges = SheetGauges::of($sheet->setups, $sheet->checks, []);
        $entries[$name->value] = SheetEntries::of($sheet->readings, $gauges, $name, $observations);

        return JobFile::assembled(self::job($bench), $bench->block->sheet, $bench->policy, $observations, $entries);
    }

    /** New ones, measured: what is learned here is the bore. */
    private function pistons(): void
    {
        $size = $this->bench->block->sheet->piston->standard;
        foreach ($this->bench->block->sheet->layout->cylinders() as $cylinder) {
            $this->readings[] = self::reading(count($this->readings) + 1, BorePlace::piston($cylinder)->key, [
                'value_nm' => $size?->nanometres,
                'setup_id' => self::PISTON_SETUP,
            ]);
        }
    }

    private function add(PracticeBlockEvent $event): void
    {
        $setup = count($this->setups);
        match ($event->kind) {
            BlockEvent::Read => ($this->readings[] = self::reading(count($this->readings) + 1, $event->place, [
                'value_nm' => $event->value_nm,
                'setup_id' => $setup,
            ])),
            BlockEvent::Look => ($this->readings[] = self::reading(count($this->readings) + 1, $event->place, ['look' => $event->look])),
            BlockEvent::Zero => $this->state($setup + 1, BoreFeature::Bore, $this->bench->block->gauge->kind),
            BlockEvent::Check => ($this->checks[] = StatedCheck::ofRow(
                (object) [
                    'id' => $event->id,
                    'setup_id' => $setup,
                    'master_nm' => $this->bench->block->sheet->bore->nominal->nanometres,
                    'shows_nm' => $this->bench->block->sheet->bore->nominal->nanometres + (int) $event->value_nm,
                    'last_reading_id' => count($this->readings),
                    'created_at' => (string) $event->created_at,
                ],
            )),
        };
    }

    private function state(int $id, BoreFeature $feature, InstrumentKind $kind): void
    {
        $isGauge = ! $kind->showsSizes();
        $this->setups[] = StatedSetup::ofRow(
            (object) ([
                'id' => $id,
                'ulid' => "setup-{$id}",
                'sheet' => SheetName::bores()->value,
                'feature' => $feature->value,
                'instrument' => $kind->value,
                'reading_unit' => $isGauge ? $this->bench->block->sheet->unit->readingUnit()->value : null,
                'zero_nm' => $isGauge ? $this->bench->block->sheet->bore->nominal->nanometres : null,
                'part_celsius' => self::AT_20,
                'master_celsius' => self::AT_20,
                'created_at' => (string) $this->bench->row->created_at,
                'resolution_nm' => null,
                'zero_place' => null,
                'gauge_tag' => null,
                'master_tag' => null,
                'range_least_nm' => null,
                'range_most_nm' => null,
                'calibration_due' => null,
            ] + array_fill_keys(['caps_torqued', 'torque_plate', 'cooled', 'clean'], 1)),
        );
    }

    /** @param  array<string, int|string|null>  $said */
    private static function reading(int $id, string $place, array $said): KeyedReading
    {
        return KeyedReading::ofRow(
            (object) ($said + [
                'id' => $id,
                'ulid' => "reading-{$id}",
                'place' => $place,
                'value_nm' => null,
                'look' => null,
                'setup_id' => null,
                'series' => "reading-{$id}",
                'withdraws_id' => null,
                'user_id' => 0,
                'mass_ug' => null,
            ]),
        );
    }

    private static function job(BlockBench $bench): Job
    {
        return (new Job())->newFromBuilder([
            'family' => $bench->row->family,
            'family_revision' => $bench->row->family_revision,
            'serial' => '',
            'description' => '',
            'arrival' => 'short block',
            'purpose' => 'rebuild',
            'declared_step_nm' => 0,
            'is_closed' => 0,
            'entries' => 0,
        ]);
    }
}

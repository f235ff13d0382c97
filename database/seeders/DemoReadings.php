<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Ledger\Ledger;
use App\Record\JobFiles;
use App\Sheet\BorePage;
use App\Sheet\CheckGauge;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Sheet\SetupEntry;
use App\Sheet\StateSetup;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Record\Conditions;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Keys readings into a job's sheets the way an inspector does. */
final readonly class DemoReadings
{
    private const PLACES = [
        [Station::Top, Axis::Thrust],
        [Station::Top, Axis::Inline],
        [Station::Middle, Axis::Thrust],
        [Station::Middle, Axis::Inline],
        [Station::Bottom, Axis::Thrust],
        [Station::Bottom, Axis::Inline],
    ];

    public function __construct(
        private Ledger $ledger,
        private RecordReading $record,
        private StateSetup $state,
        private CheckGauge $check,
        private JobFiles $files,
    ) {
    }

    /**
     * @param  array<int, list<float|int|null>>  $deviations  By cylinder, from the standard bore, in the gauge's unit
     * @param  ?float  $pistonUnder  How far the used pistons are below the standard bore, in thou; null: not read
     */
    public function incoming(Job $job, User $by, array $deviations, bool $looks = true, ?float $pistonUnder = null): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $deviations, $looks, $pistonUnder): void {
            $file = $this->files->open($job);
            $this->setup(
                $job,
                $by,
                SheetName::bores(),
                $file->sheet->bore->nominal,
                new Conditions(capsTorqued: true, clean: true, partCelsius: 20.0, masterCelsius: 20.0),
            );
            $this->more($job, $by, $deviations);
            foreach (array_keys($deviations) as $cylinder) {
                if ($looks) {
                    $this->looks($job, $by, $cylinder);
                }
                if ($pistonUnder !== null) {
                    $piston = $file->sheet->bore->nominal->minus(Length::ofNanometres((int) round($pistonUnder * 25_400)));
                    $this->key(
                        $job,
                        $by,
                        SheetName::bores(),
                        BorePlace::piston($cylinder),
                        LengthDisplay::in($file->sheet->unit)->size($piston),
                    );
                }
            }
        });
    }

    /**
     * More readings with the gauge as it stands.
     *
     * @param  array<int, list<float|int|null>>  $deviations  By cylinder
     */
    public function more(Job $job, User $by, array $deviations): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $deviations): void {
            foreach ($deviations as $cylinder => $values) {
                foreach (self::PLACES as $index => [$station, $axis]) {
                    if (($values[$index] ?? null) !== null) {
                        $this->key($job, $by, SheetName::bores(), BorePlace::bore($cylinder, $station, $axis), (string) $values[$index]);
                    }
                }
            }
        });
    }

    /**
     * Readings with a gauge that was zeroed on the part itself; its size nobody has measured (GAUGE-2).
     *
     * @param  array<int, list<float|int|null>>  $deviations  By cylinder, from the zero
     */
    public function comparative(Job $job, User $by, Place $zero, array $deviations): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $zero, $deviations): void {
            $this->state->handle(
                $job,
                $by,
                new SetupEntry(
                    (string) Str::ulid(),
                    SheetName::bores(),
                    BoreFeature::Bore,
                    'G-02',
                    null,
                    '',
                    new Conditions(capsTorqued: true, clean: true),
                    $zero,
                ),
            );
            foreach ($deviations as $cylinder => $values) {
                foreach (self::PLACES as $index => [$station, $axis]) {
                    $place = BorePlace::bore($cylinder, $station, $axis);
                    if (($values[$index] ?? null) !== null && $place->key !== $zero->key) {
                        $this->key($job, $by, SheetName::bores(), $place, (string) $values[$index]);
                    }
                }
            }
        });
    }

    /**
     * A wall traced from the original axis, in eight directions at each station (BORE-8), and its thicknesses.
     *
     * @param  array<string, list<int|float>>  $around  By station, in the indicator's unit
     * @param  array<int, string>  $walls  By direction
     */
    public function trace(Job $job, User $by, int $cylinder, array $around, array $walls): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $cylinder, $around, $walls): void {
            foreach ($around as $station => $values) {
                foreach ($values as $index => $value) {
                    $this->key(
                        $job,
                        $by,
                        SheetName::bores(),
                        BorePlace::trace($cylinder, Station::from($station), BorePage::DIRECTIONS[$index]),
                        (string) $value,
                    );
                }
            }
            foreach ($walls as $degrees => $thickness) {
                $this->key($job, $by, SheetName::bores(), BorePlace::wall($cylinder, $degrees), $thickness);
            }
        });
    }

    public function checkBack(Job $job, User $by, string $shows): void
    {
        $this->check->handle($job, $by, (string) Str::ulid(), SheetName::bores(), $shows, '');
    }

    /**
     * Reads every finished bore inside its ordered size, with the scatter of a hand, and gives each its piston.
     *
     * @param  int  $seed  The same seed, the same readings
     */
    public function finished(Job $job, User $by, int $seed, ?int $outCylinder = null, float $outBy = 0): void
    {
        $this->ledger->together($job->id, function () use ($job, $by, $seed, $outCylinder, $outBy): void {
            $file = $this->files->open($job);
            $chance = new Randomizer(new Mt19937($seed));
            $size = $file->work()->chosen()->step ?? Length::zero();
            $this->setup(
                $job,
                $by,
                SheetName::bores(Occasion::Final),
                $file->sheet->bore->sizeAt($size),
                new Conditions(true, $file->sheet->bore->torquePlate->isOrdered(), true, true, 20.0, 20.0),
            );
            foreach ($file->sheet->layout->cylinders() as $cylinder) {
                $middle = $chance->getInt(2, 3);
                foreach (self::PLACES as $index => [$station, $axis]) {
                    $value = ($middle + $chance->getInt(-1, 1)) / 10 + ($cylinder === $outCylinder && $index < 2 ? $outBy : 0);
                    $this->key(
                        $job,
                        $by,
                        SheetName::bores(Occasion::Final),
                        BorePlace::bore($cylinder, $station, $axis),
                        sprintf('%.1f', $value),
                    );
                }
            }
            $this->weighPistons($job, $by, $chance);
        });
    }

    /** New ones, where they were ordered: a few tenths of a gram apart. */
    private function weighPistons(Job $job, User $by, Randomizer $chance): void
    {
        $file = $this->files->open($job->refresh());
        $grams = ($file->sheet->piston->mass->micrograms ?? 600_000_000) / 1_000_000;
        $parts = $file->work()->verification()->parts();
        foreach (isset($parts['pistons']) ? $parts['pistons']->missing : [] as $place) {
            $weight = sprintf('%.1f', $grams + $chance->getInt(-6, 6) / 10);
            $this->key($job, $by, SheetName::of(Section::Weights, Occasion::Final), $place, $weight);
        }
    }

    private function looks(Job $job, User $by, int $cylinder): void
    {
        foreach (
            [
                BorePlace::ridge($cylinder, Station::Top),
                BorePlace::ridge($cylinder, Station::Bottom),
                BorePlace::look(BoreFeature::Scoring, $cylinder),
                BorePlace::look(BoreFeature::Pitting, $cylinder),
                BorePlace::look(BoreFeature::Crack, $cylinder),
            ] as $index => $place
        ) {
            $this->key($job, $by, SheetName::bores(), $place, $index === 0 ? '1' : '0');
        }
    }

    private function setup(Job $job, User $by, SheetName $sheet, Length $zero, Conditions $conditions): void
    {
        $display = LengthDisplay::in($this->files->open($job)->sheet->unit);
        $this->state->handle(
            $job,
            $by,
            new SetupEntry(
                (string) Str::ulid(),
                $sheet,
                BoreFeature::Bore,
                $display->unit() === LengthUnit::Inch ? 'G-02' : 'G-03',
                null,
                $display->size($zero),
                $conditions,
            ),
        );
    }

    private function key(Job $job, User $by, SheetName $sheet, Place $place, string $text): void
    {
        $this->record->handle($job, $by, new ReadingEntry((string) Str::ulid(), $sheet, $place, $text, null, false, false, null));
    }
}

<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Gauges\GaugeRegister;
use App\Storage\Gauge;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\RepeatStudy;
use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** The demo shop's gauges and masters: most in order, one due soon, one past its date. */
final readonly class DemoGauges
{
    public function __construct(private GaugeRegister $register)
    {
    }

    public function register(User $by): void
    {
        foreach (
            [
                ['G-01', 'outside micrometers 0 to 4, boxed set', InstrumentKind::OutsideMicrometer, LengthUnit::Inch, 210],
                ['G-02', 'bore gauge, long handle', InstrumentKind::BoreGaugeTenth, LengthUnit::Inch, 160],
                ['G-03', 'bore gauge, metric dial', InstrumentKind::BoreGaugeTenth, LengthUnit::Millimetre, 18],
                ['G-04', 'bore gauge, old', InstrumentKind::BoreGaugeHalfThou, LengthUnit::Inch, -44],
                ['G-05', 'inside micrometer with rods', InstrumentKind::InsideMicrometer, LengthUnit::Inch, 300],
                ['G-06', 'telescoping gauges, six', InstrumentKind::TelescopingGauge, LengthUnit::Inch, 300],
                ['G-07', 'bore gauge with output', InstrumentKind::BoreGaugeTenth, LengthUnit::Inch, 95],
                ['G-08', 'indicator for the boring spindle', InstrumentKind::TestIndicator, LengthUnit::Inch, 240],
            ] as [$tag, $name, $kind, $unit, $days]
        ) {
            $this->gauge($by, $tag, $name, $kind, $unit, $days);
        }
        $this->scale($by, 'S-01', 'scale of the balancing bench', InstrumentKind::ScaleTenth, 190);
        foreach (
            [
                ['M-01', 'setting ring', 96_837_500, LengthUnit::Inch, 320],
                ['M-02', 'setting ring', 103_000_000, LengthUnit::Millimetre, 320],
                ['M-03', 'bore gauge setting fixture', null, LengthUnit::Inch, 150],
            ] as [$tag, $name, $size, $unit, $days]
        ) {
            $this->register->registerMaster(
                (string) Str::ulid(),
                [
                    'tag' => $tag,
                    'name' => $name,
                    'size_nm' => $size,
                    'unit' => $unit,
                    'calibration_due' => Carbon::today()->addDays($days)->format('Y-m-d'),
                ],
                $by,
            );
        }
        $tenths = [1.2, 1.1, 1.3, 1.2, 1.2, 1.1, 1.2, 1.3, 1.2, 1.1];
        $this->register->study(
            (string) Str::ulid(),
            Gauge::query()->where('tag', 'G-02')->firstOrFail(),
            array_map(strval(...), $tenths),
            RepeatStudy::of(array_map(static fn (float $thou): Length => Length::ofNanometres((int) round($thou * 25_400)), $tenths)),
            $by,
        );
    }

    private function scale(User $by, string $tag, string $name, InstrumentKind $kind, int $days): void
    {
        $book = Scale::ofKind($kind) ?? throw new \LogicException('A scale has its book values.');
        $this->register->registerGauge(
            (string) Str::ulid(),
            [
                'tag' => $tag,
                'name' => $name,
                'kind' => $kind,
                'unit' => LengthUnit::Inch,
                'resolution_nm' => 0,
                'calibration_nm' => 0,
                'repeatability_nm' => 0,
                'range_least_nm' => 0,
                'range_most_nm' => 0,
                'scale_resolution_ug' => $book->resolution->micrograms,
                'scale_calibration_ug' => $book->calibration->micrograms,
                'scale_repeatability_ug' => $book->repeatability->micrograms,
                'scale_most_ug' => $book->most->micrograms,
                'calibration_due' => Carbon::today()->addDays($days)->format('Y-m-d'),
            ],
            $by,
        );
    }

    private function gauge(User $by, string $tag, string $name, InstrumentKind $kind, LengthUnit $unit, int $days): void
    {
        $book = Instrument::ofKind($kind);
        $this->register->registerGauge(
            (string) Str::ulid(),
            [
                'tag' => $tag,
                'name' => $name,
                'kind' => $kind,
                'unit' => $unit,
                'reading_unit' => $kind->showsSizes() ? null : $unit->readingUnit(),
                'resolution_nm' => $book->resolution->nanometres,
                'calibration_nm' => $book->calibration->nanometres,
                'repeatability_nm' => $book->repeatability->nanometres,
                'range_least_nm' => $kind->range()->least->nanometres,
                'range_most_nm' => $kind->range()->most->nanometres,
                'calibration_due' => Carbon::today()->addDays($days)->format('Y-m-d'),
            ],
            $by,
        );
    }
}

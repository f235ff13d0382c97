<?php

declare(strict_types=1);

namespace App\Models;

use NorthLedger\Core\Gauging\Conditions;
use NorthLedger\Core\Gauging\GaugeRange;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Quantity\ShopNotation;

/**
 * A gauge bound to its zero, and the conditions under which it is used (GAUGE-2, GAUGE-4).
 *
 * @property string $ulid
 * @property string $sheet
 * @property string $feature
 * @property InstrumentKind $instrument
 * @property ?ReadingUnit $reading_unit
 * @property ?int $zero_nm
 * @property bool $caps_torqued
 * @property bool $torque_plate
 * @property bool $cooled
 * @property bool $clean
 * @property ?float $part_celsius
 * @property ?float $master_celsius
 * @property ?string $gauge_tag
 * @property ?string $master_tag
 * @property ?int $resolution_nm
 * @property ?int $calibration_nm
 * @property ?int $repeatability_nm
 * @property ?int $range_least_nm
 * @property ?int $range_most_nm
 * @property ?\Illuminate\Support\Carbon $calibration_due
 * @property ?string $zero_place
 */
final class Setup extends Entry
{
    public function zero(): ?Length
    {
        return $this->zero_nm === null ? null : Length::ofNanometres($this->zero_nm);
    }

    /** What the gauge was worth when it was stated; of a kind only, that kind's book values. */
    public function gauge(): Instrument
    {
        return $this->resolution_nm === null ? Instrument::ofKind($this->instrument) : Instrument::of(
            Length::ofNanometres($this->resolution_nm), Length::ofNanometres((int) $this->calibration_nm), Length::ofNanometres((int) $this->repeatability_nm),
        );
    }

    public function range(): GaugeRange
    {
        return $this->range_least_nm === null || $this->range_most_nm === null ? $this->instrument->range() : GaugeRange::ofNanometres($this->range_least_nm, $this->range_most_nm);
    }

    /** “G-02 dial bore gauge .0001” */
    public function gaugeWords(): string
    {
        return ltrim("{$this->gauge_tag} {$this->instrument->value}");
    }

    /** True where the gauge was past its calibration when it was stated: its readings are taken, and marked (GAUGE-1). */
    public function isPastCalibration(): bool
    {
        return $this->calibration_due !== null && $this->calibration_due->isBefore($this->created_at->startOfDay());
    }

    public function notation(LengthUnit $unit): ShopNotation
    {
        return $this->reading_unit === null ? ShopNotation::forSizes($unit) : ShopNotation::forDeviations($unit, $this->reading_unit);
    }

    public function conditions(): Conditions
    {
        return new Conditions($this->caps_torqued, $this->torque_plate, $this->cooled, $this->clean, $this->part_celsius, $this->master_celsius);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'instrument' => InstrumentKind::class, 'reading_unit' => ReadingUnit::class, 'zero_nm' => 'integer',
            'caps_torqued' => 'boolean', 'torque_plate' => 'boolean', 'cooled' => 'boolean', 'clean' => 'boolean',
            'part_celsius' => 'float', 'master_celsius' => 'float', 'calibration_due' => 'date:Y-m-d', 'created_at' => 'datetime',
        ];
    }
}

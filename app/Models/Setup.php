<?php

declare(strict_types=1);

namespace App\Models;

use NorthLedger\Core\Gauging\Conditions;
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
 */
final class Setup extends Entry
{
    public function zero(): ?Length
    {
        return $this->zero_nm === null ? null : Length::ofNanometres($this->zero_nm);
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
            'part_celsius' => 'float', 'master_celsius' => 'float', 'created_at' => 'datetime',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Storage;

use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\ReadingUnit;

/**
 * The row of a gauge bound to its zero (GAUGE-2, GAUGE-4).
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
 * @property ?string $zero_with
 * @property ?int $repeatability_nm
 * @property ?int $range_least_nm
 * @property ?int $range_most_nm
 * @property ?int $scale_resolution_ug
 * @property ?int $scale_calibration_ug
 * @property ?int $scale_repeatability_ug
 * @property ?int $scale_most_ug
 * @property ?\Illuminate\Support\Carbon $calibration_due
 * @property ?string $zero_place
 * @property ?string $fitness
 */
final class Setup extends Entry
{
    protected $table = 'setups';

    /** As it is read with the sheet. */
    public function stated(): StatedSetup
    {
        return StatedSetup::ofRow(
            (object) ($this->getAttributes() + ['id' => 0] + array_fill_keys(explode(', ', StatedSetup::COLUMNS), null)),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['instrument' => InstrumentKind::class, 'reading_unit' => ReadingUnit::class, 'created_at' => 'datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * The size of the place on which a comparative setup was zeroed; it makes all of the setup's readings sizes (GAUGE-2).
 *
 * @property string $ulid
 * @property int $setup_id
 * @property string $sheet
 * @property string $typed
 * @property int $size_nm
 * @property string $instrument
 * @property ?string $gauge_tag
 * @property int $resolution_nm
 * @property int $calibration_nm
 * @property int $repeatability_nm
 */
final class ZeroSize extends Entry
{
    protected $table = 'zero_sizes';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}

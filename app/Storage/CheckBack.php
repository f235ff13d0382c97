<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * A gauge put back on its master during or after a sheet (GAUGE-3).
 *
 * @property string $ulid
 * @property int $setup_id
 * @property string $sheet
 * @property string $typed
 * @property int $master_nm
 * @property int $shows_nm
 * @property int $last_reading_id
 */
final class CheckBack extends Entry
{
    protected $table = 'check_backs';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}

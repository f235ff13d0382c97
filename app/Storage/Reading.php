<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * One reading or look, as it was typed; or, where withdraws_id is set, the taking back of another one.
 *
 * @property string $ulid
 * @property string $sheet
 * @property string $place
 * @property string $typed
 * @property ?int $value_nm
 * @property ?string $look
 * @property ?int $mass_ug
 * @property ?float $volume_mm3
 * @property ?int $setup_id
 * @property string $series
 * @property ?int $supersedes_id
 * @property ?int $withdraws_id
 * @property ?string $reason
 * @property bool $was_confirmed
 */
final class Reading extends Entry
{
    protected $table = 'readings';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['value_nm' => 'integer', 'volume_mm3' => 'float', 'was_confirmed' => 'boolean', 'created_at' => 'datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * What is done about a finished bore that is out: rework, or a concession (VER-5, WORK-4).
 *
 * @property string $ulid
 * @property int $plan_choice_id
 * @property int $cylinder
 * @property DispositionKind $kind
 * @property string $reason
 * @property int $last_reading_id
 */
final class Disposition extends Entry
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => DispositionKind::class, 'created_at' => 'datetime'];
    }
}

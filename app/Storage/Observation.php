<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * Something said about one subject of a job: a part counted in, a claim, a line of the checklist, a step of a crack
 * check, an indication. Rows are only added; what stands is folded from them.
 *
 * @property string $ulid
 * @property EntryKind $kind
 * @property string $subject
 * @property array<string, mixed> $said
 * @property \Illuminate\Support\Carbon $happened_at
 */
final class Observation extends Entry
{
    protected $table = 'observations';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => EntryKind::class, 'said' => 'array', 'happened_at' => 'datetime', 'created_at' => 'datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What came up about a job after its release: whether its certificate stands.
 *
 * @property string $ulid
 * @property CertificateStanding $standing
 * @property RecallCause $cause
 * @property string $reason
 * @property Job $job
 * @property-read ?int $entry_number  In the job's ledger, where it was read along
 */
final class Recall extends Entry
{
    protected $table = 'recalls';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['standing' => CertificateStanding::class, 'cause' => RecallCause::class, 'created_at' => 'datetime'];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return Collection<int, self> The jobs whose certificate is in question now, the newest first */
    public static function open(): Collection
    {
        return self::query()
            ->with('job')
            ->whereIn('id', self::query()->selectRaw('MAX(id)')->groupBy('job_id'))
            ->where('standing', CertificateStanding::InQuestion->value)
            ->latest('id')
            ->get();
    }
}

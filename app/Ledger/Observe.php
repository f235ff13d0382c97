<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\JobNumber;
use App\Storage\Observation;
use App\Storage\User;
use Illuminate\Support\Carbon;

/** Writes one observation about a job; every action of the first three stages ends here. */
final readonly class Observe
{
    public function __construct(private Ledger $ledger)
    {
    }

    /**
     * @param  callable(JobFile): array{string, array<string, mixed>}  $what  The subject, and what is said of it; refuses what cannot be
     * @param  ?Carbon  $at  When it was seen or done; null: now
     */
    public function handle(Job|JobNumber $job, User $by, string $ulid, EntryKind $kind, callable $what, ?Carbon $at = null): Written
    {
        return $this->ledger->write($job->id, $ulid, $kind, $by, static function (JobFile $file) use (
            $by,
            $ulid,
            $kind,
            $what,
            $at,
        ): array {
            [$subject, $said] = $what($file);
            $now = now();
            Observation::keep([
                'ulid' => $ulid,
                'job_id' => $file->job->id,
                'kind' => $kind,
                'subject' => $subject,
                'said' => $said,
                'happened_at' => $at ?? $now,
                'user_id' => $by->id,
                'created_at' => $now,
            ]);

            return ['subject' => $subject, 'at' => ($at ?? $now)->format('Y-m-d\TH:i:s.v\Z')] + $said;
        });
    }
}

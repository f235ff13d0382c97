<?php

declare(strict_types=1);

namespace App\Storage;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;

/** A job that nobody else writes about until this transaction ends, with what was written under a request's number before, if anything. */
final readonly class LockedJob
{
    private function __construct(public Job $job, public ?LedgerEntry $earlier)
    {
    }

    /** @throws ModelNotFoundException<Job> If there is no such job */
    public static function of(int $jobId, string $requestId): self
    {
        [$jobs, $entries] = DB::selectResultSets(
            Job::WITH_POLICY.' FOR UPDATE; SELECT * FROM ledger_entries WHERE request_id = ?',
            [$jobId, $requestId],
        );
        $job = $jobs[0] ?? throw (new ModelNotFoundException())->setModel(Job::class, [$jobId]);
        $house = DB::getDefaultConnection();

        return new self(
            (new Job())->newFromBuilder((array) $job, $house),
            $entries === [] ? null : (new LedgerEntry())->newFromBuilder((array) $entries[0], $house),
        );
    }
}

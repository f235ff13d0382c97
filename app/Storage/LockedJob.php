<?php

declare(strict_types=1);

namespace App\Storage;

use Closure;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** A job that nobody else writes about until this transaction ends, with what was written under a request's number before, if anything. */
final readonly class LockedJob
{
    private function __construct(public Job $job, public ?LedgerEntry $earlier)
    {
    }

    /**
     * @return Closure(): self
     *
     * @throws ModelNotFoundException<Job> When it is called, if there is no such job
     */
    public static function asked(Questions $questions, int $jobId, string $requestId): Closure
    {
        $jobs = $questions->ask(Job::WITH_POLICY.' FOR UPDATE', [$jobId]);
        $entries = $questions->ask('SELECT * FROM ledger_entries WHERE request_id = ?', [$requestId]);

        return static function () use ($questions, $jobs, $entries, $jobId): self {
            $job = $jobs()[0] ?? throw (new ModelNotFoundException())->setModel(Job::class, [$jobId]);
            $earlier = $entries()[0] ?? null;
            $house = $questions->house();

            return new self(
                (new Job())->newFromBuilder((array) $job, $house),
                $earlier === null ? null : (new LedgerEntry())->newFromBuilder((array) $earlier, $house),
            );
        };
    }
}

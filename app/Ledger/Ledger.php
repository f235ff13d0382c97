<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Record\JobSummary;
use App\Storage\Entry;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Questions;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;
use Closure;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/**
 * The one way to write about a job. In one transaction: the rows, a numbered entry that holds the hash of the one
 * before it, and what lists show of the job. A request that was written already is not written again.
 */
final class Ledger
{
    /** The job of which everything is written that is written now; what its lists show follows at the end. */
    private ?int $together = null;

    public function __construct(private readonly JobFiles $files)
    {
    }

    /**
     * Writes into one job in one go, like the readings of a file: all of it or nothing. What lists show of the job is made once,
     * at the end.
     *
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function together(int $jobId, Closure $work): mixed
    {
        if ($this->together !== null) {
            return $work();
        }

        return DB::transaction(function () use ($jobId, $work): mixed {
            $this->together = $jobId;
            try {
                $result = $work();
            } finally {
                $this->together = null;
            }
            $job = Job::query()->lockForUpdate()->findOrFail($jobId);
            $job->fill(JobSummary::of($this->files->open($job))->columns())->save();

            return $result;
        });
    }

    /**
     * @param  string  $requestId  ULID that the sender made; unique over everything written
     * @param  callable(JobFile): array<string, mixed>  $work  Writes the rows and returns what the entry says of them
     * @param  list<SheetName>  $sheets  That the work looks into, beside the bores: they are read with the lock
     *
     * @throws ValidationException If the job is released
     * @throws ConflictHttpException If the request's number was used for something else
     */
    public function write(int $jobId, string $requestId, EntryKind $kind, User $by, callable $work, array $sheets = []): Written
    {
        return DB::transaction(function (Connection $connection) use ($jobId, $requestId, $kind, $by, $work, $sheets): Written {
            $questions = new Questions($connection);
            $locked = LockedFile::of($questions, $jobId, $requestId, $kind, $sheets);
            [$job, $earlier] = [$locked->job, $locked->earlier];
            if ($earlier !== null) {
                return $earlier->job_id === $jobId && $earlier->kind === $kind->value
                    ? new Written($earlier, $this->files->open($job), true)
                    : throw new ConflictHttpException(__('input.used'));
            }
            if ($job->is_closed && ! $kind->isAfterRelease()) {
                throw Refused::because('ulid', Line::of('sheet.told.job_released_ledger_closed'));
            }
            $before = $locked->opened($this->files);
            Entry::takeAdded();
            $said = $work($before);
            $added = Entry::takeAdded();
            $digests = RowDigests::asked($questions, $added);
            $file = $kind->changesTheSpecification() ? $this->files->open($job) : $before->anew($added, $questions);
            $entry = self::entry($job, $requestId, $kind, $by, $said + ['rows' => $digests()]);
            // Until lists are told, nothing that is kept of the plan counts.
            $shown = $jobId === $this->together ? ['agreement' => null] : self::shownInLists($kind, $file);
            $isStored = $questions->insert($entry);
            $questions->update($job, [
                'entries' => $entry->number,
                'head_hash' => $entry->hash,
                'policy_revision' => $file->policy->revision,
                ...$shown,
            ]);
            $isStored();

            return new Written($entry, $file, false);
        });
    }

    /** @return array<string, mixed> What lists show after an entry, as far as it can have changed; all of it under another policy */
    private static function shownInLists(EntryKind $kind, JobFile $file): array
    {
        $isKept = $file->job->agreement !== null && $file->job->policy_revision === $file->policy->revision;

        return match (true) {
            $isKept && $kind === EntryKind::WorkTime => JobSummary::ofClocks($file),
            $isKept && in_array($kind, EntryKind::ofWork(), true) => JobSummary::ofWork($file),
            default => JobSummary::of($file, ! $kind->touchesSheetsOnly())->columns(),
        };
    }

    /** @param  array<string, mixed>  $payload */
    private static function entry(Job $job, string $requestId, EntryKind $kind, User $by, array $payload): LedgerEntry
    {
        $entry = (new LedgerEntry())->setRawAttributes([
            'job_id' => $job->id,
            'number' => $job->entries + 1,
            'request_id' => $requestId,
            'kind' => $kind->value,
            'payload' => json_encode($payload, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            'user_id' => $by->id,
            'created_at' => now()->format('Y-m-d\TH:i:s.v\Z'),
            'previous_hash' => $job->head_hash,
        ]);

        return $entry->setRawAttributes(['hash' => $entry->computedHash()] + $entry->getAttributes());
    }
}

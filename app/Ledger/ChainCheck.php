<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\Job;
use App\Storage\LedgerEntry;

/** Walks the hash chain of a job's ledger. */
final readonly class ChainCheck
{
    /** @return ?string What is wrong with the first broken entry, or the first row that is not as it was written; null where all holds */
    public function complaint(Job $job): ?string
    {
        $hash = str_repeat('0', 64);
        $number = 0;
        $rows = new RowCheck($job);
        foreach (LedgerEntry::query()->where('job_id', $job->id)->orderBy('number')->lazy(500) as $entry) {
            $number++;
            $complaint = match (true) {
                $entry->number !== $number => "entry {$number} is missing",
                $entry->previous_hash !== $hash => "entry {$number} does not follow from entry ".($number - 1),
                $entry->computedHash() !== $entry->hash => "entry {$number} ({$entry->kind}) was changed after it was written",
                default => null,
            };
            if ($complaint !== null) {
                return $complaint;
            }
            $hash = $entry->hash;
            $rows->claim($entry);
        }

        return match (true) {
            $number !== $job->entries => "the job counts {$job->entries} entries, the ledger holds {$number}",
            $hash !== $job->head_hash => 'the job does not point at its last entry',
            default => $rows->complaint(),
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Words\Line;

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
                $entry->number !== $number => Line::of('proof.entry_missing', ['number' => $number]),
                $entry->previous_hash !== $hash => Line::of('proof.entry_astray', ['number' => $number, 'before' => $number - 1]),
                $entry->computedHash() !== $entry->hash => Line::of('proof.entry_changed', [
                    'number' => $number,
                    'kind' => $entry->kind,
                ]),
                default => null,
            };
            if ($complaint !== null) {
                return $complaint;
            }
            $hash = $entry->hash;
            $rows->claim($entry);
        }

        return match (true) {
            $number !== $job->entries => Line::of('proof.count', ['counted' => $job->entries, 'held' => $number]),
            $hash !== $job->head_hash => Line::of('proof.last_entry'),
            default => $rows->complaint(),
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\JobTables;
use App\Storage\LedgerEntry;

/** Holds the rows of a job against what its entries say of them: none changed, none gone, none that nobody wrote. */
final class RowCheck
{
    /** What is said when a job is received, and nothing changes afterwards. */
    private const AS_RECEIVED = [
        'serial',
        'arrival',
        'purpose',
        'castings',
        'usage',
        'budget_minor',
        'keeps_original',
        'description',
        'wishes',
        'declared_step_nm',
        'declared_evidence',
    ];

    /** @var array<string, string> Digest by row */
    private readonly array $stored;

    /** @var array<string, true> */
    private array $claimed = [];

    private ?string $complaint = null;

    /** Entries from before rows were answered for say nothing of theirs. */
    private bool $isAnsweredFor = false;

    public function __construct(private readonly Job $job)
    {
        $this->stored = RowDigests::ofJob($job->id);
    }

    public function claim(LedgerEntry $entry): void
    {
        /** @var array{rows?: array<string, string>} $payload */
        $payload = json_decode($entry->payload, true, 32, JSON_THROW_ON_ERROR);
        if ($entry->kind === EntryKind::Received->value) {
            $this->isAnsweredFor = isset($payload['rows']);
            $this->complaint ??= $this->receivedOtherwise($payload);
        }
        foreach ($payload['rows'] ?? [] as $row => $digest) {
            $this->claimed[$row] = true;
            $name = str_replace('_', ' ', (string) strtok($row, ' '));
            $this->complaint ??= match (true) {
                ! isset($this->stored[$row]) => isset(JobTables::ANSWERED_FOR[strtok($row, ' ')])
                    ? null
                    : "a row of {$name} that entry {$entry->number} wrote is gone",
                $this->stored[$row] !== $digest => "a row of {$name} is not as entry {$entry->number} wrote it",
                default => null,
            };
        }
    }

    public function complaint(): ?string
    {
        $strangers = $this->isAnsweredFor ? array_keys(array_diff_key($this->stored, $this->claimed)) : [];

        return $this->complaint ?? ($strangers === [] ? null : 'a row of '.strtok($strangers[0], ' ').' was written by no entry');
    }

    /** @param  array<string, mixed>  $payload */
    private function receivedOtherwise(array $payload): ?string
    {
        foreach (self::AS_RECEIVED as $column) {
            if (
                array_key_exists($column, $payload) &&
                self::plain($payload[$column]) !== self::plain($this->job->getRawOriginal($column))
            ) {
                return "the job’s {$column} is not what was received";
            }
        }

        return null;
    }

    private static function plain(mixed $value): string
    {
        return is_bool($value) || $value === null ? (string) (int) $value : (is_scalar($value) ? (string) $value : '');
    }
}

<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\JobTables;
use App\Storage\LedgerEntry;
use App\Words\Line;

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

    /** What is gone, and may be where the job was read in after it was written. */
    private ?string $wanting = null;

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
        if ($entry->kind === EntryKind::Imported->value) {
            $this->wanting = null;
        }
        foreach ($payload['rows'] ?? [] as $row => $digest) {
            $this->claimed[$row] = true;
            $table = (string) strtok($row, ' ');
            $with = ['table' => str_replace('_', ' ', $table), 'number' => $entry->number];
            if (! isset($this->stored[$row]) && in_array($table, JobTables::SINCE_LATER, true)) {
                $this->wanting ??= Line::of('proof.row_gone', $with);
            } else {
                $this->complaint ??= match ($this->stored[$row] ?? null) {
                    null => Line::of('proof.row_gone', $with),
                    $digest => null,
                    default => Line::of('proof.row_changed', $with),
                };
            }
        }
    }

    public function complaint(): ?string
    {
        $strangers = $this->isAnsweredFor ? array_keys(array_diff_key($this->stored, $this->claimed)) : [];

        $stranger = $strangers === [] ? null : Line::of('proof.row_stranger', ['table' => (string) strtok($strangers[0], ' ')]);

        return $this->complaint ?? ($this->wanting ?? $stranger);
    }

    /** @param  array<string, mixed>  $payload */
    private function receivedOtherwise(array $payload): ?string
    {
        foreach (self::AS_RECEIVED as $column) {
            if (
                array_key_exists($column, $payload) &&
                self::plain($payload[$column]) !== self::plain($this->job->getRawOriginal($column))
            ) {
                return Line::of('proof.received', ['column' => $column]);
            }
        }

        return null;
    }

    private static function plain(mixed $value): string
    {
        return is_bool($value) || $value === null ? (string) (int) $value : (is_scalar($value) ? (string) $value : '');
    }
}

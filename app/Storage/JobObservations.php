<?php

declare(strict_types=1);

namespace App\Storage;

/** Everything that was said about a job beside its readings, oldest first. */
final readonly class JobObservations
{
    public const COLUMNS = 'id, ulid, kind, subject, said, happened_at, user_id';

    /** @param  list<Said>  $rows */
    private function __construct(public array $rows)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** Of what was said last; 0 where nothing was. */
    public function lastId(): int
    {
        return $this->rows === [] ? 0 : $this->rows[count($this->rows) - 1]->id;
    }

    /**
     * The same with what was said since it was read.
     *
     * @param  array<object>  $rows  Oldest first
     */
    public function followedBy(array $rows): self
    {
        return $rows === [] ? $this : new self([...$this->rows, ...array_values(array_map(Said::ofRow(...), $rows))]);
    }

    /** @param  array<array<string, mixed>>  $rows  Of an exported job, oldest first */
    public static function ofRows(array $rows): self
    {
        return new self(array_values(array_map(static fn (array $row): Said => Said::ofRow((object) $row)->checked(), $rows)));
    }

    /** @return list<Said> Of one kind, oldest first */
    public function all(EntryKind $kind): array
    {
        return array_values(array_filter($this->rows, static fn (Said $row): bool => $row->kind === $kind));
    }

    /** @return list<Said> Of one kind about one subject, oldest first */
    public function about(EntryKind $kind, string $subject): array
    {
        return array_values(array_filter($this->rows, static fn (Said $row): bool => $row->kind === $kind && $row->subject === $subject));
    }

    /** @return array<string, Said> What was last said about each subject, subjects in the order of their first mention */
    public function newest(EntryKind $kind): array
    {
        $newest = [];
        foreach ($this->all($kind) as $row) {
            $newest[$row->subject] = $row;
        }

        return $newest;
    }
}

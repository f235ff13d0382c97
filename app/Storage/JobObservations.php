<?php

declare(strict_types=1);

namespace App\Storage;

/** Everything that was said about a job beside its readings, oldest first. */
final readonly class JobObservations
{
    public const COLUMNS = 'id, ulid, kind, subject, said, happened_at, user_id';

    public CrankshaftsThatCame $crankshafts;

    /** @var list<Said> What counts: of the crankshaft that is used, and of everything else */
    public array $rows;

    /** @var array<string, list<Said>> The same, by kind: each page asks for a dozen kinds */
    private array $ofKind;

    /** @param  list<Said>  $all */
    private function __construct(private array $all, ?CrankshaftsThatCame $crankshafts = null)
    {
        $this->crankshafts = $crankshafts ?? CrankshaftsThatCame::of($all);
        $this->rows = $this->crankshafts->counting($all);
        $ofKind = [];
        foreach ($this->rows as $row) {
            $ofKind[$row->kind->value][] = $row;
        }
        $this->ofKind = $ofKind;
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** Of what was said last; 0 where nothing was. */
    public function lastId(): int
    {
        return $this->all === [] ? 0 : $this->all[count($this->all) - 1]->id;
    }

    /**
     * The same with what was said since it was read.
     *
     * @param  array<object>  $rows  Oldest first
     */
    public function followedBy(array $rows): self
    {
        return $rows === [] ? $this : new self([...$this->all, ...array_values(array_map(Said::ofRow(...), $rows))]);
    }

    /** The same as if another crankshaft were used. */
    public function asIfUsed(string $letter): self
    {
        return new self($this->all, $this->crankshafts->asIf($letter));
    }

    /** @param  array<array<string, mixed>>  $rows  Of an exported job, oldest first */
    public static function ofRows(array $rows): self
    {
        return new self(array_values(array_map(static fn (array $row): Said => Said::ofRow((object) $row)->checked(), $rows)));
    }

    /** @return list<Said> Of one kind, oldest first */
    public function all(EntryKind $kind): array
    {
        return $this->ofKind[$kind->value] ?? [];
    }

    /** @return list<Said> Of one kind about one subject, oldest first */
    public function about(EntryKind $kind, string $subject): array
    {
        return array_values(array_filter($this->all($kind), static fn (Said $row): bool => $row->subject === $subject));
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

<?php

declare(strict_types=1);

namespace App\Stages\Work;

/** The rows of one part. */
final readonly class WorkGroup
{
    /** @param  list<WorkRow>  $rows */
    public function __construct(public string $title, public array $rows)
    {
    }

    /** The same with what is done at one machine. */
    public function at(string $machine): self
    {
        $rows = array_filter($this->rows, static fn (WorkRow $row): bool => $row->machine === $machine);

        return new self($this->title, array_values($rows));
    }

    public function count(): int
    {
        return array_sum(array_map(static fn (WorkRow $row): int => count($row->cells), $this->rows));
    }

    public function closed(): int
    {
        $closed = 0;
        foreach ($this->rows as $row) {
            $closed += count(array_filter($row->cells, static fn (WorkCell $cell): bool => $cell->state->isClosed()));
        }

        return $closed;
    }
}

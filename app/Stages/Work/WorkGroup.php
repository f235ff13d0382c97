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

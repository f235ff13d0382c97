<?php

declare(strict_types=1);

namespace App\Storage;

/** Rows that were added since somebody asked last, by table, as the database told them when it took them. */
final class AddedRows
{
    /** @var array<string, array<int, ?\stdClass>> By table and id, oldest first; null where the database was not asked to tell it */
    private array $rows = [];

    /** @param  ?\stdClass  $told  All that `JobTables::told` names */
    public function add(string $table, int $id, ?\stdClass $told): void
    {
        $this->rows[$table][$id] = $told;
    }

    /** @return list<string> To which something was added */
    public function tables(): array
    {
        return array_keys($this->rows);
    }

    /** @return list<int> */
    public function ids(string $table): array
    {
        return array_keys($this->rows[$table] ?? []);
    }

    /** @return ?list<\stdClass> Oldest first; null where one of them has to be read to be known */
    public function told(string $table): ?array
    {
        $told = array_filter($this->rows[$table] ?? [], static fn (?\stdClass $row): bool => $row !== null);

        return count($told) === count($this->rows[$table] ?? []) ? array_values($told) : null;
    }
}

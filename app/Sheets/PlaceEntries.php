<?php

declare(strict_types=1);

namespace App\Sheets;

use App\Models\Reading;

/** What stands at one place of a sheet: the newest series that was not taken back, and all that came before (GAUGE-7). */
final class PlaceEntries
{
    /** @var array<string, list<Reading>> Series in the order in which they were begun; only what still stands */
    private array $series = [];

    public function add(Reading $reading): void
    {
        $this->series[$reading->series][] = $reading;
    }

    public function withdraw(int $readingId): void
    {
        foreach ($this->series as $name => $rows) {
            $standing = array_values(array_filter($rows, static fn (Reading $row): bool => $row->id !== $readingId));
            if ($standing === []) {
                unset($this->series[$name]);
            } else {
                $this->series[$name] = $standing;
            }
        }
    }

    /** @return list<Reading> The repeats that count; empty where nothing stands */
    public function current(): array
    {
        return $this->series === [] ? [] : end($this->series);
    }

    public function newest(): ?Reading
    {
        $current = $this->current();

        return $current === [] ? null : end($current);
    }
}

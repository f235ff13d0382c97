<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\KeyedReading;

/** What stands at one place of a sheet: the newest series that was not taken back, and all that came before (GAUGE-7). */
final class PlaceEntries
{
    /** @var array<string, list<KeyedReading>> Series in the order in which they were begun; only what still stands */
    private array $series = [];

    /** @var ?list<KeyedReading> Found once */
    private ?array $current = null;

    public function add(KeyedReading $reading): void
    {
        $this->series[$reading->series][] = $reading;
        $this->current = null;
    }

    public function withdraw(int $readingId): void
    {
        $this->current = null;
        foreach ($this->series as $name => $rows) {
            $standing = array_values(array_filter($rows, static fn (KeyedReading $row): bool => $row->id !== $readingId));
            if ($standing === []) {
                unset($this->series[$name]);
            } else {
                $this->series[$name] = $standing;
            }
        }
    }

    /** @return list<KeyedReading> The repeats that count; empty where nothing stands */
    public function current(): array
    {
        return $this->current ??= $this->series === [] ? [] : end($this->series);
    }

    public function newest(): ?KeyedReading
    {
        $current = $this->current ?? $this->current();

        return $current === [] ? null : $current[array_key_last($current)];
    }
}

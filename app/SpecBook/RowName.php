<?php

declare(strict_types=1);

namespace App\SpecBook;

/** What a row of a sheet's list is called: by its own words, a seat by its valve and cylinder. */
final class RowName
{
    private const WORDS = ['name', 'words', 'circuit', 'fastener'];

    /** @return string Empty while nothing that it can be called by is written */
    public static function of(mixed $row): string
    {
        if (! is_array($row)) {
            return '';
        }
        foreach (self::WORDS as $key) {
            if (is_string($row[$key] ?? null)) {
                return $row[$key];
            }
        }
        [$valve, $cylinder] = [$row['valve'] ?? null, $row['cylinder'] ?? null];

        return is_string($valve) && is_int($cylinder) ? "{$valve} {$cylinder}" : '';
    }
}

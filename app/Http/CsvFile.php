<?php

declare(strict_types=1);

namespace App\Http;

use LogicException;

/** Comma-separated text that a spreadsheet opens as it is: what would be a formula there is marked as text. */
final class CsvFile
{
    private const FORMULA = '/^\s*[=+\-@\t\r]/';

    /** @param  iterable<list<string|int|float|bool|null>>  $rows */
    public static function of(iterable $rows): string
    {
        $file = fopen('php://temp', 'r+b') ?: throw new LogicException('There is always memory for a file.');
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::cell(...), $row), ',', '"', '', "\r\n");
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** As it was before it was marked. */
    public static function unmarked(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::FORMULA, substr($cell, 1)) === 1 ? substr($cell, 1) : $cell;
    }

    private static function cell(string|int|float|bool|null $value): string
    {
        $text = is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;

        return ! is_numeric($text) && preg_match(self::FORMULA, $text) === 1 ? "'{$text}" : $text;
    }
}

<?php

declare(strict_types=1);

namespace App\Sheet\Import;

use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\GaugingException;

/**
 * Readings of a bore sheet as comma-separated text. The first line names the columns: `place` or `cylinder`, `station` and
 * `axis`, and `value` or `typed`; other columns are passed over, so that North Ledger's own export can be read back.
 */
final readonly class BoreCsv
{
    public const MOST_ROWS = 400;

    private const AXES = [
        'thrust' => 'thrust',
        'inline' => 'inline',
        'in line' => 'inline',
        '45' => '45',
        '45°' => '45',
        '135' => '135',
        '135°' => '135',
    ];

    /** @param  list<CsvRow>  $rows */
    private function __construct(public array $rows)
    {
    }

    /** @throws CsvRefused If the columns are not there, or there are no rows or too many */
    public static function parse(string $text): self
    {
        $text = mb_scrub((string) preg_replace('/^\xEF\xBB\xBF/', '', $text));
        $lines = array_values(array_filter(preg_split('/\r\n|\r|\n/', $text) ?: [], static fn (string $line): bool => trim($line) !== ''));
        if (count($lines) < 2) {
            throw CsvRefused::empty();
        }
        if (count($lines) > self::MOST_ROWS + 1) {
            throw CsvRefused::tooLong(count($lines) - 1, self::MOST_ROWS);
        }
        $separator = substr_count($lines[0], ';') > substr_count($lines[0], ',') ? ';' : (str_contains($lines[0], "\t") ? "\t" : ',');
        $columns = array_map(
            static fn (?string $name): string => mb_strtolower(trim((string) $name)),
            str_getcsv($lines[0], $separator, '"', ''),
        );
        $value = in_array('value', $columns, true) ? 'value' : 'typed';
        $isByPlace = in_array('place', $columns, true);
        $missing = array_diff([...$isByPlace ? ['place'] : ['cylinder', 'station', 'axis'], $value], $columns);
        if ($missing !== []) {
            throw CsvRefused::columns($missing);
        }
        $rows = [];
        foreach (array_slice($lines, 1) as $index => $line) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $separator, '"', ''));
            $row = array_combine($columns, array_pad(array_slice($cells, 0, count($columns)), count($columns), ''));
            $rows[] = self::row($index + 2, $row, $isByPlace, $value);
        }

        return new self($rows);
    }

    /** @param  array<string, string>  $row */
    private static function row(int $line, array $row, bool $isByPlace, string $value): CsvRow
    {
        $key = $isByPlace ? $row['place'] : self::key($row);
        try {
            return new CsvRow($line, Place::parse($key), $row[$value], $row[$value] === '' ? Line::of('sheet.told.no_value') : '');
        } catch (GaugingException $exception) {
            return new CsvRow($line, null, $row[$value], Messages::refusal($exception));
        }
    }

    /** @param  array<string, string>  $row */
    private static function key(array $row): string
    {
        $axis = self::AXES[mb_strtolower($row['axis'])] ?? $row['axis'];

        return implode('.', ['bore', $row['cylinder'], mb_strtolower($row['station']), $axis]);
    }
}

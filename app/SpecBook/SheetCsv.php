<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Http\CsvFile;
use Illuminate\Support\Arr;
use NorthLedger\Core\Document\Fault;
use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Message;

/**
 * A whole sheet as a table for a spreadsheet: part, value, and what it is, in shop notation; empty where nobody knows, to be filled in. The
 * last column says where on the sheet a value stands, so that it is found again whatever it is called.
 */
final class SheetCsv
{
    private const COLUMNS = ['part', 'value', 'is', 'place'];

    private const MOST_ROWS = 5_000;

    /** What a spreadsheet would take for a formula is marked as text. */

    /** @param  array<mixed>  $document */
    public static function of(array $document): string
    {
        return CsvFile::of([
            self::COLUMNS,
            ...array_map(
                static fn (SheetField $field): array => [$field->section, $field->label, $field->text, $field->path],
                (new SheetFields($document))->all(),
            ),
        ]);
    }

    /**
     * @return array<mixed> The document of a sheet; it may still be at odds with itself
     *
     * @throws InvalidDocument If it is no such table, or a value of it cannot be read; every fault is named
     */
    public static function document(string $csv): array
    {
        $texts = self::texts($csv);
        $document = array_filter([
            'family' => CopyFamilyRequest::familyOf($texts['/name'] ?? ''),
            'unit' => $texts['/unit'] ?? null,
        ]);
        foreach (array_keys($texts) as $place) {
            if (preg_match('#^/(.+)/(\d+)(?:/|$)#', $place, $match) === 1) {
                $list = str_replace('/', '.', $match[1]);
                $rows = Arr::get($document, $list);
                $rows = is_array($rows) ? $rows : [];
                while (count($rows) <= min((int) $match[2], self::MOST_ROWS)) {
                    $rows[] = SheetBlank::row($match[1]);
                }
                Arr::set($document, $list, $rows);
            }
        }
        $fields = new SheetFields($document);
        $known = array_column($fields->all(), 'path');
        $faults = array_map(
            static fn (string $place): Fault => new Fault($place, $texts[$place], new Message('refusal.expected.place_of_a_sheet')),
            array_values(array_diff(array_keys($texts), $known)),
        );
        [$written, $unread] = $fields->written($texts);

        $all = [...$faults, ...$unread];

        return $all === []
            ? SheetBlank::known($written)
            : throw InvalidDocument::withFaults(new Message('refusal.document.the_table'), $all);
    }

    /**
     * @return array<string, string> By place in the sheet
     *
     * @throws InvalidDocument If it has not the columns
     */
    private static function texts(string $csv): array
    {
        $lines = preg_split('/\R/u', ltrim($csv, "\u{FEFF}")) ?: [];
        $separator = str_contains($lines[0], ';') && ! str_contains($lines[0], ',') ? ';' : ',';
        $header = array_map(
            static fn (?string $one): string => mb_strtolower(trim((string) $one)),
            str_getcsv($lines[0], $separator, '"', ''),
        );
        [$is, $place] = [array_search('is', $header, true), array_search('place', $header, true)];
        if ($is === false || $place === false || count($lines) > self::MOST_ROWS) {
            throw InvalidDocument::withFaults(new Message('refusal.document.the_table'), [
                new Fault(
                    '/',
                    mb_strimwidth($lines[0], 0, 60, '…'),
                    new Message('refusal.expected.table_with_columns', ['columns' => implode(', ', self::COLUMNS)]),
                ),
            ]);
        }
        $texts = [];
        foreach (array_slice($lines, 1) as $line) {
            $columns = array_map(static fn (?string $one): string => trim((string) $one), str_getcsv($line, $separator, '"', ''));
            $text = $columns[$is] ?? '';
            if (($columns[$place] ?? '') !== '' && $text !== '') {
                $texts[$columns[$place]] = CsvFile::unmarked($text);
            }
        }

        return $texts;
    }
}

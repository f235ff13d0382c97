<?php

declare(strict_types=1);

namespace App\SpecBook;

/**
 * Values pasted from a spreadsheet or a text, a line each: what it is, then the value, or both ends of a range. What it is may stand
 * in one column or two: “Bore”, “service, taper”.
 */
final readonly class PastedValues
{
    public const MOST_LINES = 2_000;

    /**
     * @param  array<string, string>  $values  By path
     * @param  list<string>  $unknown  Lines that fit nothing on the sheet, or more than one thing
     */
    private function __construct(public array $values, public array $unknown)
    {
    }

    public static function of(string $text, SheetFields $fields): self
    {
        $byName = self::byName($fields);
        $values = $unknown = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            if (trim($line) === '') {
                continue;
            }
            [$field, $value] = self::read($line, $byName) ?? [null, ''];
            if ($field === null || count($values) + count($unknown) >= self::MOST_LINES) {
                $unknown[] = trim($line);
            } else {
                $values[$field->path] = $value;
            }
        }

        return new self($values, $unknown);
    }

    /**
     * @param  array<string, list<SheetField>>  $byName
     * @return ?array{SheetField, string}
     */
    private static function read(string $line, array $byName): ?array
    {
        $columns = self::columns($line);
        foreach ([2, 1] as $names) {
            $found = $byName[self::plain(implode(' ', array_slice($columns, 0, $names)))] ?? [];
            $values = array_slice($columns, $names);
            if (count($found) === 1 && $values !== []) {
                return [$found[0], $found[0]->isRange && count($values) > 1 ? RangeText::of($values[0], $values[1]) : $values[0]];
            }
        }

        return null;
    }

    /** @return list<string> By tabs, else by semicolons, else what stands before and behind a colon or a sign of equality */
    private static function columns(string $line): array
    {
        $columns = match (true) {
            str_contains($line, "\t") => explode("\t", $line),
            str_contains($line, ';') => explode(';', $line),
            str_contains($line, '"') => str_getcsv($line, ',', '"', ''),
            default => preg_split('/\s*[:=]\s*/u', $line, 2) ?: [],
        };

        $plain = array_map(static fn (?string $one): string => trim((string) $one, " \"\t"), $columns);

        return array_values(array_filter($plain, static fn (string $one): bool => $one !== ''));
    }

    /** @return array<string, list<SheetField>> By its label, and by its section and label */
    private static function byName(SheetFields $fields): array
    {
        $byName = [];
        foreach ($fields->all() as $field) {
            foreach (array_unique([self::plain($field->label), self::plain("{$field->section} {$field->label}")]) as $name) {
                $byName[$name][] = $field;
            }
        }

        return $byName;
    }

    /** Letters and digits alone: “Run-out, centre” and “run out centre” are one name. */
    private static function plain(string $name): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($name)));
    }
}

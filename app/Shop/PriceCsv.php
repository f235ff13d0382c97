<?php

declare(strict_types=1);

namespace App\Shop;

use App\Storage\SpecBook;
use App\Words\Line;
use NorthLedger\Core\Engine\Policy\PriceItem;

/** A price list as comma-separated text: one line for each item, those of single families beside them. */
final readonly class PriceCsv
{
    private const MOST_LINES = 2_000;

    private const MOST_FAULTS = 20;

    private const COLUMNS = ['item', 'family', 'labour', 'parts', 'setup', 'run', 'days'];

    /**
     * @param  list<PriceLine>  $lines  None where there are faults
     * @param  list<string>  $faults  A sentence each
     */
    private function __construct(public array $lines, public array $faults)
    {
    }

    /**
     * @param  list<PriceLine>  $lines
     * @return list<list<string>> The head first
     */
    public static function rows(array $lines): array
    {
        return [
            self::COLUMNS,
            ...array_map(
                static fn (PriceLine $line): array => [
                    $line->item->value,
                    $line->family,
                    ...array_map(static fn (string $field): string => $line->typed[$field], array_keys(PriceLine::FIELDS)),
                ],
                $lines,
            ),
        ];
    }

    public static function read(string $text, SpecBook $specs): self
    {
        $rows = preg_split('/\r\n|\r|\n/', trim(mb_scrub((string) preg_replace('/^\xEF\xBB\xBF/', '', $text)))) ?: [];
        if (count($rows) > self::MOST_LINES + 1) {
            return new self(
                [],
                [Line::of('price.csv.too_long', ['lines' => count($rows) - 1, 'most' => self::MOST_LINES])],
            );
        }
        $columns = array_map(static fn (?string $cell): string => mb_strtolower(trim((string) $cell)), self::cells($rows[0]));
        $missing = array_diff(self::COLUMNS, $columns);
        if ($missing !== []) {
            return new self(
                [],
                [Line::of('price.csv.columns', ['columns' => implode(', ', self::COLUMNS), 'missing' => implode(', ', $missing)])],
            );
        }
        $lines = $faults = [];
        foreach (array_slice($rows, 1, null, true) as $index => $row) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), self::cells($row));
            if (implode('', $cells) === '') {
                continue;
            }
            $read = array_combine($columns, array_pad(array_slice($cells, 0, count($columns)), count($columns), ''));
            $item = PriceItem::tryFrom($read['item']);
            $line = $item === null ? null : new PriceLine($item, $read['family'], array_intersect_key($read, PriceLine::FIELDS));
            $wrong = self::wrong($line, $read, $specs);
            $line === null || $wrong !== [] ? ($faults = [...$faults, ...self::numbered($index + 1, $wrong)]) : ($lines[] = $line);
        }
        if ($lines === [] && $faults === []) {
            $faults[] = Line::of('shop.told.no_price_each_line');
        }

        return $faults === [] ? new self($lines, []) : new self([], self::first($faults));
    }

    /**
     * @param  array<string, string>  $read
     * @return list<string>
     */
    private static function wrong(?PriceLine $line, array $read, SpecBook $specs): array
    {
        if ($line === null) {
            return [Line::of('price.csv.no_item', ['item' => $read['item']])];
        }
        $wrong = [];
        foreach ($line->faults() as $field => $fault) {
            $wrong[] = Line::of('price.csv.wrong', ['field' => $field, 'typed' => $line->typed[$field], 'fault' => $fault]);
        }

        return $line->family === '' || $specs->has($line->family)
            ? $wrong
            : [...$wrong, Line::of('price.csv.no_family', ['family' => $line->family])];
    }

    /**
     * @param  list<string>  $wrong
     * @return list<string>
     */
    private static function numbered(int $number, array $wrong): array
    {
        return array_map(static fn (string $fault): string => Line::of('price.csv.line', ['number' => $number, 'fault' => $fault]), $wrong);
    }

    /**
     * @param  list<string>  $faults
     * @return list<string>
     */
    private static function first(array $faults): array
    {
        $more = count($faults) - self::MOST_FAULTS;

        return $more > 0 ? [...array_slice($faults, 0, self::MOST_FAULTS), Line::of('price.csv.more', ['more' => $more])] : $faults;
    }

    /** @return list<?string> */
    private static function cells(string $row): array
    {
        $separator = substr_count($row, ';') > substr_count($row, ',') ? ';' : (str_contains($row, "\t") ? "\t" : ',');

        return str_getcsv($row, $separator, '"', '');
    }
}

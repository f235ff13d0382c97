<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/**
 * Draws up rows over numbered columns.
 *
 * @internal
 */
final readonly class CharacteristicRows
{
    /** @param  list<int>  $numbers  Of the journals, housings, rods … , one for every column */
    public function __construct(private array $numbers)
    {
    }

    public function needed(
        string $row,
        Feature $feature,
        string $spot = '',
        ?Length $nominal = null,
        string $group = '',
    ): CharacteristicRow {
        return new CharacteristicRow(
            self::group($group),
            self::words($row),
            array_map(
                static fn (int $number): Characteristic => Characteristic::needed(Place::at($feature, $number, $spot), $nominal),
                $this->numbers,
            ),
        );
    }

    public function optional(
        string $row,
        Feature $feature,
        string $spot = '',
        ?Length $nominal = null,
        string $group = '',
    ): CharacteristicRow {
        return new CharacteristicRow(
            self::group($group),
            self::words($row),
            array_map(
                static fn (int $number): Characteristic => Characteristic::optional(Place::at($feature, $number, $spot), $nominal),
                $this->numbers,
            ),
        );
    }

    public function extra(string $row, Feature $feature, string $spot, ?Length $nominal, string $group = ''): CharacteristicRow
    {
        return new CharacteristicRow(self::group($group), self::words($row), $this->optional($row, $feature, $spot, $nominal)->cells, true);
    }

    private static function group(string $group): string|Message
    {
        return $group === '' ? '' : self::words($group);
    }

    /** Of a row: by the end of its line’s code, or the direction that it is read in. */
    private static function words(string $row): Message
    {
        return ctype_digit($row) ? new Message('places.degrees', ['degrees' => $row]) : new Message("places.row.{$row}");
    }

    /** @return list<string> Codes of what the findings of each column are about: `main.1`, `main.2`, … */
    public function subjects(string $code): array
    {
        return array_map(static fn (int $number): string => "{$code}.{$number}", $this->numbers);
    }

    /** @return list<string> */
    public function columns(): array
    {
        return array_map(strval(...), $this->numbers);
    }

    public static function middle(?LengthRange $range): ?Length
    {
        return $range?->middle();
    }
}

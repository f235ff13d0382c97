<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\LengthRange;
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
        string $label,
        Feature $feature,
        string $spot = '',
        ?Length $nominal = null,
        string $group = '',
    ): CharacteristicRow {
        return new CharacteristicRow(
            $group,
            $label,
            array_map(
                static fn (int $number): Characteristic => Characteristic::needed(Place::at($feature, $number, $spot), $nominal),
                $this->numbers,
            ),
        );
    }

    public function optional(
        string $label,
        Feature $feature,
        string $spot = '',
        ?Length $nominal = null,
        string $group = '',
    ): CharacteristicRow {
        return new CharacteristicRow(
            $group,
            $label,
            array_map(
                static fn (int $number): Characteristic => Characteristic::optional(Place::at($feature, $number, $spot), $nominal),
                $this->numbers,
            ),
        );
    }

    public function extra(string $label, Feature $feature, string $spot, ?Length $nominal, string $group = ''): CharacteristicRow
    {
        return new CharacteristicRow($group, $label, $this->optional($label, $feature, $spot, $nominal)->cells, true);
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

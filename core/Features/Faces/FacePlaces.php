<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;

/** The faces of block and head: heights on a grid, what is left of them, pits and finish; pistons at the corners (DECK). */
final readonly class FacePlaces
{
    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $tables = [];
        foreach (FaceKind::cases() as $kind) {
            foreach (array_keys($sheet->layout->banks) as $index) {
                $tables = [...$tables, ...self::face($sheet, $kind, $index + 1)];
            }
        }
        if ($sheet->deck !== null) {
            $corners = new CharacteristicRows(self::corners($sheet));
            $tables[] = new CharacteristicTable(new Message('places.table.corners'), $corners->columns(), [
                $corners->needed('below_the_deck', FaceFeature::PistonToDeck),
            ]);
        }

        return $tables;
    }

    /** @return list<int> The cylinders at the ends of each bank (DECK-6) */
    public static function corners(SpecificationSheet $sheet): array
    {
        return array_values(
            array_unique(
                array_merge([], ...array_map(static fn (array $bank): array => [$bank[0], $bank[count($bank) - 1]], $sheet->layout->banks)),
            ),
        );
    }

    /** @return list<CharacteristicTable> */
    private static function face(SpecificationSheet $sheet, FaceKind $kind, int $bank): array
    {
        $face = $kind->spec($sheet);
        if ($face === null) {
            return [];
        }
        $bores = count($sheet->layout->banks[$bank - 1]);
        $grid = FaceGrid::of($face, $bores);
        $points = $grid->points;
        $rows = [];
        foreach (['a', 'd', 'b', 'e', 'c'] as $row) {
            $rows[] = new CharacteristicRow(
                '',
                new Message("places.row.grid_{$row}"),
                array_map(
                    static fn (string $column): ?Characteristic => match (true) {
                        ! isset($points["{$row}{$column}"]) => null,
                        FaceGrid::isNeeded("{$row}{$column}") => Characteristic::needed(
                            Place::at($kind->point(), $bank, "{$row}{$column}"),
                        ),
                        default => Characteristic::optional(Place::at($kind->point(), $bank, "{$row}{$column}")),
                    },
                    $grid->columns,
                ),
            );
        }
        $name = $kind->name($sheet, $bank);
        $about =
            [
                'feeler' => Characteristic::needed(Place::at($kind->feeler(), $bank)),
                'height_left' => Characteristic::needed(Place::at($kind->height(), $bank), $face->standardHeight),
                'pits' => Characteristic::needed(Place::at($kind->pits(), $bank)),
                'deepest_pit' => Characteristic::optional(Place::at($kind->pitDepth(), $bank)),
                'ra' => Characteristic::optional(Place::at($kind->finish(), $bank)),
            ] + ($kind === FaceKind::Deck ? ['stamped_numbers' => Characteristic::optional(Place::at(FaceFeature::DeckStamp, $bank))] : []);

        return [
            new CharacteristicTable(
                $name,
                array_map(static fn (string $column): string => str_contains($column, 'x') ? '+' : $column, $grid->columns),
                $rows,
                array_map(static fn (string $spot): string => Place::at($kind->point(), $bank, $spot)->key, array_keys($points)),
            ),
            new CharacteristicTable(
                new Message('places.table.the_whole_of', ['face' => $name]),
                array_map(static fn (string $column): Message => new Message("places.row.{$column}"), array_keys($about)),
                [new CharacteristicRow('', new Message('places.row.reads'), array_values($about))],
            ),
        ];
    }
}

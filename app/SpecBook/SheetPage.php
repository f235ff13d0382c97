<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Drawings\Faces\DrawnFace;
use App\Drawings\Faces\FaceDrawing;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** A specification sheet to read, or to be written anew: its values by section, and drawings made from it. */
final readonly class SheetPage
{
    /** The faces that are drawn on the page, where the family has them. */
    private const DRAWN = [Face::Deck, Face::LeftDeck, Face::LeftCase, Face::Crankshaft];

    /**
     * @param  array<string, list<array{path: string, label: string, value: string}>>  $sections  Every single value, by title
     * @param  array<string, list<array{label: string, shown: string}>>  $readable  The same to be read: ranges on one line, masses in grams
     * @param  list<array{title: string, columns: list<string>, rows: list<list<string>>}>  $tables  Lists of like things: rings, threads
     * @param  list<array{face: DrawnFace, pins: list<MapPin>}>  $drawings
     */
    private function __construct(
        public SpecificationSheet $sheet,
        public array $sections,
        public array $readable,
        public array $tables,
        public array $drawings,
    ) {
    }

    /** @param  array<mixed>  $document */
    public static function of(SpecificationSheet $sheet, array $document): self
    {
        $drawings = [];
        foreach ($sheet->faces() as $face) {
            if (in_array($face, self::DRAWN, true)) {
                $drawn = FaceDrawing::of($sheet, $face);
                $drawings[] = [
                    'face' => $drawn,
                    'pins' => array_values(
                        array_map(
                            static fn (PronePlace $place): MapPin => new MapPin(
                                $place->number,
                                (string) $place->x,
                                (string) round(($place->y * $drawn->height) / PronePlace::SIDE, 1),
                                $place->words,
                                false,
                            ),
                            array_filter($sheet->pronePlaces, static fn (PronePlace $place): bool => $place->face === $face),
                        ),
                    ),
                ];
            }
        }

        return new self($sheet, self::sections($document), self::readable($document), self::tables($document), $drawings);
    }

    /**
     * A page of values that are no sheet yet, beside the sheet they were meant to follow.
     *
     * @param  array<mixed>  $document
     */
    public static function ofDocument(SpecificationSheet $sheet, array $document): self
    {
        return new self($sheet, self::sections($document), [], [], []);
    }

    /**
     * @param  array<mixed>  $document
     * @param  array<string, mixed>  $values  What was typed, by path
     * @return array<mixed>
     */
    public static function edited(array $document, array $values): array
    {
        foreach (SheetLeaves::of($document) as $path => $before) {
            if (array_key_exists($path, $values)) {
                self::put($document, array_slice(explode('/', $path), 1), SheetLeaves::typed($before, (string) $values[$path]));
            }
        }

        return $document;
    }

    /**
     * @param  array<mixed>  $document
     * @param  list<string>  $keys
     */
    private static function put(array &$document, array $keys, mixed $value): void
    {
        $place = &$document;
        foreach ($keys as $key) {
            $place = &$place[$key];
        }
        $place = $value;
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, list<array{path: string, label: string, value: string}>>
     */
    private static function sections(array $document): array
    {
        $sections = [];
        foreach (SheetLeaves::of($document) as $path => $value) {
            $sections[SheetLeaves::section($path)][] = [
                'path' => $path,
                'label' => SheetLeaves::label($path),
                'value' => SheetLeaves::shown($value),
            ];
        }

        return $sections;
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, list<array{label: string, shown: string}>>
     */
    private static function readable(array $document): array
    {
        $readable = [];
        $leaves = SheetLeaves::of($document);
        foreach ($leaves as $path => $value) {
            $ends = SheetLeaves::rangeEnds($path);
            if ($ends !== null && array_key_exists($ends[0], $leaves) && array_key_exists($ends[1], $leaves)) {
                if ($path === $ends[1]) {
                    continue;
                }
                $readable[SheetLeaves::section($path)][] = [
                    'label' => SheetLeaves::plainLabel(dirname($path)),
                    'shown' => SheetLeaves::read($path, $value).' to '.SheetLeaves::read($ends[1], $leaves[$ends[1]]),
                ];
            } else {
                $readable[SheetLeaves::section($path)][] = [
                    'label' => SheetLeaves::plainLabel($path),
                    'shown' => SheetLeaves::read($path, $value),
                ];
            }
        }

        return $readable;
    }

    /**
     * @param  array<mixed>  $document
     * @return list<array{title: string, columns: list<string>, rows: list<list<string>>}>
     */
    private static function tables(array $document): array
    {
        $tables = [];
        foreach ($document as $key => $list) {
            if (is_array($list) && array_is_list($list) && is_array($list[0] ?? null)) {
                $columns = array_keys(array_merge(...$list));
                $tables[] = [
                    'title' => SheetLeaves::section("/{$key}/0"),
                    'columns' => array_map(static fn (int|string $column): string => str_replace('_', ' ', (string) $column), $columns),
                    'rows' => array_map(
                        static fn (array $row): array => array_map(
                            static fn (int|string $column): string => SheetLeaves::cell($row[$column] ?? null),
                            $columns,
                        ),
                        $list,
                    ),
                ];
            }
        }

        return $tables;
    }
}

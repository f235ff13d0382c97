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

    /** Lists whose rows can be added and taken away, with how few there have to be. */
    private const ROWS = ['rings' => 1, 'threads' => 0, 'pressure_tests' => 0, 'crack_prone' => 0];

    /**
     * @param  array<string, list<SheetField>>  $sections  Every value, by title
     * @param  list<array{title: string, columns: list<string>, rows: list<list<string>>}>  $tables  Lists of like things: rings, threads
     * @param  list<array{face: DrawnFace, pins: list<MapPin>}>  $drawings
     * @param  list<array{title: string, list: string, rows: list<array{index: int, name: string}>, canBeFewer: bool}>  $lists
     */
    private function __construct(
        public SpecificationSheet $sheet,
        public array $sections,
        public array $tables,
        public array $drawings,
        public array $lists,
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

        return new self($sheet, self::sections($document), self::tables($document), $drawings, self::lists($document));
    }

    /**
     * A page of values that are no sheet yet, beside the sheet they were meant to follow.
     *
     * @param  array<mixed>  $document
     */
    public static function ofDocument(SpecificationSheet $sheet, array $document): self
    {
        return new self($sheet, self::sections($document), [], [], self::lists($document));
    }

    /**
     * The document with another row at the end of a list, made like the last, or without one.
     *
     * @param  array<mixed>  $document
     * @param  string  $change  “add threads” or “drop threads 2”
     * @return array<mixed>
     */
    public static function withRows(array $document, string $change): array
    {
        [$act, $list, $index] = [...explode(' ', $change), '', ''];
        $rows = $document[$list] ?? null;
        if (! is_array($rows) || ! array_key_exists($list, self::ROWS)) {
            return $document;
        }
        if ($act === 'drop' && isset($rows[(int) $index]) && count($rows) > self::ROWS[$list]) {
            array_splice($rows, (int) $index, 1);
        }
        if ($act === 'add' && $rows !== []) {
            $rows[] = self::rowLike($rows);
        }
        $document[$list] = self::numbered($rows);

        return $document;
    }

    /**
     * Rows that have a number are numbered from 1 on.
     *
     * @param  array<mixed>  $rows
     * @return list<mixed>
     */
    private static function numbered(array $rows): array
    {
        return array_map(
            static fn (mixed $row, int $index): mixed => is_array($row) && isset($row['number']) ? ['number' => $index + 1] + $row : $row,
            array_values($rows),
            array_keys(array_values($rows)),
        );
    }

    /**
     * A key of its own, the rest as in the last row.
     *
     * @param  non-empty-array<mixed>  $rows
     * @return array<mixed>
     */
    private static function rowLike(array $rows): array
    {
        $last = $rows[array_key_last($rows)];
        $row = is_array($last) ? $last : [];
        if (isset($row['key'])) {
            $row['key'] = 'row-'.(count($rows) + 1);
        }

        return $row;
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, list<SheetField>>
     */
    private static function sections(array $document): array
    {
        $sections = [];
        foreach ((new SheetFields($document))->all() as $field) {
            $sections[$field->section][] = $field;
        }

        return $sections;
    }

    /**
     * @param  array<mixed>  $document
     * @return list<array{title: string, list: string, rows: list<array{index: int, name: string}>, canBeFewer: bool}>
     */
    private static function lists(array $document): array
    {
        $fields = new SheetFields($document);
        $lists = [];
        foreach (self::ROWS as $list => $fewest) {
            $rows = is_array($document[$list] ?? null) && array_is_list($document[$list]) ? $document[$list] : [];
            $lists[] = [
                'title' => SheetLeaves::section("/{$list}/0"),
                'list' => $list,
                'rows' => array_map(
                    static fn (int $index): array => ['index' => $index, 'name' => $fields->label("/{$list}/{$index}")],
                    array_keys($rows),
                ),
                'canBeFewer' => count($rows) > $fewest,
            ];
        }

        return $lists;
    }

    /**
     * @param  array<mixed>  $document
     * @return list<array{title: string, columns: list<string>, rows: list<list<string>>}>
     */
    private static function tables(array $document): array
    {
        $fields = [];
        foreach ((new SheetFields($document))->all() as $field) {
            $fields[$field->path] = $field->text;
        }
        $label = new SheetFields($document);
        $tables = [];
        foreach ($document as $key => $list) {
            if (is_array($list) && array_is_list($list) && is_array($list[0] ?? null)) {
                $columns = array_keys(array_merge(...$list));
                $tables[] = [
                    'title' => SheetLeaves::section("/{$key}/0"),
                    'columns' => array_map(static fn (int|string $column): string => $label->label("/{$column}"), $columns),
                    'rows' => array_map(
                        static fn (int $index): array => array_map(
                            static fn (int|string $column): string => $fields["/{$key}/{$index}/{$column}"] ?? '',
                            $columns,
                        ),
                        array_keys($list),
                    ),
                ];
            }
        }

        return $tables;
    }
}

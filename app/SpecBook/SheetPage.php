<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Drawings\Faces\DrawnFace;
use App\Drawings\Faces\FaceDrawing;
use Illuminate\Support\Arr;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** A specification sheet to read, or to be written anew: its values by section, and drawings made from it. */
final readonly class SheetPage
{
    /** The faces that are drawn on the page, where the family has them. */
    private const DRAWN = [Face::Deck, Face::LeftDeck, Face::LeftCase, Face::Crankshaft];

    /** Lists whose rows can be added and taken away. */
    private const ROWS = [
        'rings',
        'threads',
        'pressure_tests',
        'crack_prone',
        'stamped',
        'seats',
        'datum_faces',
        'torques',
        'parts',
        'housings/no_go',
        'camshaft_bores/diameters',
    ];

    /**
     * @param  array<string, list<SheetField>>  $sections  Every value, by title
     * @param  list<array{title: string, columns: list<string>, rows: list<list<string>>}>  $tables  Lists of like things: rings, threads
     * @param  list<array{face: DrawnFace, pins: list<MapPin>}>  $drawings
     * @param  array<mixed>  $document  As it is shown
     * @param  list<array{title: string, list: string, rows: list<array{index: int, name: string}>}>  $lists
     */
    private function __construct(
        public SpecificationSheet $sheet,
        public array $sections,
        public array $tables,
        public array $drawings,
        public array $lists,
        public array $document,
    ) {
    }

    /** @return list<string> Titles of the sections of which nothing is known */
    public function unknown(): array
    {
        return array_keys(
            array_filter(
                $this->sections,
                static fn (array $fields): bool => array_filter($fields, static fn (SheetField $one): bool => $one->text !== '') === [],
            ),
        );
    }

    /** Where a value comes from; nothing where nobody has said. */
    public function source(string $path): string
    {
        return Sources::words($this->sheet->sourceOf($path));
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

        return new self($sheet, self::sections($document), self::tables($document), $drawings, self::lists($document), $document);
    }

    /**
     * A page of values that are no sheet yet, beside the sheet they were meant to follow.
     *
     * @param  array<mixed>  $document
     */
    public static function ofDocument(SpecificationSheet $sheet, array $document): self
    {
        return new self($sheet, self::sections($document), [], [], self::lists($document), $document);
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
        if (! in_array($list, self::ROWS, true)) {
            return $document;
        }
        $rows = self::rows($document, $list);
        if ($act === 'drop' && isset($rows[(int) $index])) {
            array_splice($rows, (int) $index, 1);
        }
        if ($act === 'add') {
            $rows[] = self::withOwnKey($rows === [] ? SheetBlank::row($list) : self::rowLike($rows), $rows);
        }
        Arr::set($document, str_replace('/', '.', $list), self::numbered($rows));

        return $document;
    }

    /**
     * @param  array<mixed>  $document
     * @return list<mixed>
     */
    private static function rows(array $document, string $list): array
    {
        $rows = Arr::get($document, str_replace('/', '.', $list));

        return is_array($rows) && array_is_list($rows) ? $rows : [];
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
            static fn (mixed $row, int $index): mixed => is_array($row) && array_key_exists('number', $row)
                ? ['number' => $index + 1] + $row
                : $row,
            array_values($rows),
            array_keys(array_values($rows)),
        );
    }

    /**
     * @param  non-empty-array<mixed>  $rows
     * @return array<mixed>
     */
    private static function rowLike(array $rows): array
    {
        $last = $rows[array_key_last($rows)];

        return is_array($last) ? $last : [];
    }

    /**
     * The key by which answers and entries know a row is nobody's to type.
     *
     * @param  array<mixed>  $row
     * @param  list<mixed>  $rows  Those that are there
     * @return array<mixed>
     */
    private static function withOwnKey(array $row, array $rows): array
    {
        if (array_key_exists('key', $row)) {
            $number = count($rows) + 1;
            while (in_array("row-{$number}", array_column($rows, 'key'), true)) {
                $number++;
            }
            $row['key'] = "row-{$number}";
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
            if (basename($field->path) !== 'key') {
                $sections[$field->section][] = $field;
            }
        }

        return $sections;
    }

    /**
     * @param  array<mixed>  $document
     * @return list<array{title: string, list: string, rows: list<array{index: int, name: string}>}>
     */
    private static function lists(array $document): array
    {
        $fields = new SheetFields($document);
        $lists = [];
        foreach (self::ROWS as $list) {
            $rows = self::rows($document, $list);
            $lists[] = [
                'title' => SheetLeaves::section("/{$list}/0"),
                'list' => $list,
                'rows' => array_map(
                    static fn (int $index): array => ['index' => $index, 'name' => $fields->label("/{$list}/{$index}")],
                    array_keys($rows),
                ),
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
                $columns = array_values(array_diff(array_keys(array_merge(...$list)), ['key']));
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

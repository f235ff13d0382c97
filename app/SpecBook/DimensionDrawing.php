<?php

declare(strict_types=1);

namespace App\SpecBook;

/** A part of an engine drawn with its dimensions, each with the value of the sheet that belongs to it. */
final readonly class DimensionDrawing
{
    /**
     * @param  list<string>  $shapes  Paths of what is cut or seen
     * @param  list<string>  $fine  Paths of centre lines and hidden edges
     * @param  list<DimensionLine>  $lines
     */
    private function __construct(public string $says, public int $height, public array $shapes, public array $fine, public array $lines)
    {
    }

    /**
     * @param  string  $part  Of the sheet: “bore”, “valves”
     * @param  list<SheetField>  $fields  Of that part
     * @return list<self> None for what has no dimensions
     */
    public static function of(string $part, array $fields): array
    {
        $drawn = self::all()[$part] ?? [];
        $texts = array_column($fields, 'text', 'path');
        $labels = array_column($fields, 'label', 'path');

        return array_map(
            static fn (array $one): self => self::drawing($one, $texts, $labels),
            isset($drawn['dims']) ? [$drawn] : array_values($drawn),
        );
    }

    /**
     * @param  array<string, mixed>  $drawn
     * @param  array<string, string>  $texts
     * @param  array<string, string>  $labels
     */
    private static function drawing(array $drawn, array $texts, array $labels): self
    {
        return new self(
            $drawn['says'],
            $drawn['height'],
            $drawn['shapes'],
            $drawn['fine'],
            array_map(
                static fn (array $line): DimensionLine => new DimensionLine(
                    $line['of'],
                    $labels[$line['of']] ?? '',
                    $texts[$line['of']] ?? '',
                    $line['from'],
                    $line['to'],
                    $line['text'],
                    $line['anchor'],
                    $line['leader'] ?? false,
                ),
                array_values(array_filter($drawn['dims'], static fn (array $line): bool => isset($labels[$line['of']]))),
            ),
        );
    }

    /** @return array<string, mixed> By part */
    private static function all(): array
    {
        /** @var ?array<string, mixed> $all */
        static $all = null;

        return $all ??= json_decode((string) file_get_contents(resource_path('drawings/sheet.json')), true, 16, JSON_THROW_ON_ERROR);
    }
}

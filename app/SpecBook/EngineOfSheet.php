<?php

declare(strict_types=1);

namespace App\SpecBook;

/** The engine of a sheet, cut across: each part leads to its values and says how many of them are known. */
final readonly class EngineOfSheet
{
    /**
     * @param  list<array{
     *     part: string, title: string, path: string, x: int, y: int, anchor: string, known: int, all: int, state: string
     * }>  $areas
     */
    private function __construct(public int $height, public array $areas)
    {
    }

    /** @param  array<string, list<SheetField>>  $sections  By title */
    public static function of(array $sections): self
    {
        $drawn = json_decode((string) file_get_contents(resource_path('drawings/engine.json')), true, 8, JSON_THROW_ON_ERROR);
        $areas = [];
        foreach ($sections as $title => $fields) {
            $part = explode('/', $fields[0]->path)[1];
            $area = $drawn['areas'][$part] ?? null;
            if ($area !== null) {
                $known = count(array_filter($fields, static fn (SheetField $one): bool => $one->text !== ''));
                $areas[] = [
                    'part' => $part,
                    'title' => $title,
                    'path' => $area['path'],
                    'x' => $area['at'][0],
                    'y' => $area['at'][1],
                    'anchor' => $area['anchor'],
                    'known' => $known,
                    'all' => count($fields),
                    'state' => match ($known) {
                        0 => 'unknown',
                        count($fields) => 'known',
                        default => 'some',
                    },
                ];
            }
        }

        return new self($drawn['height'], $areas);
    }
}

<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;

/** One value that differs between two revisions of a sheet. */
final readonly class SheetDifference
{
    private function __construct(public string $section, public string $label, public string $before, public string $after)
    {
    }

    /**
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     * @return list<self>
     */
    public static function between(array $before, array $after): array
    {
        [$old, $new] = [new SheetFields($before), new SheetFields($after)];
        $texts = static fn (SheetFields $fields): array => array_column($fields->all(), 'text', 'path');
        [$was, $is] = [$texts($old), $texts($new)];
        $differences = [];
        foreach (array_keys($was + $is) as $path) {
            if (($was[$path] ?? '') !== ($is[$path] ?? '')) {
                $differences[] = new self(
                    SheetLeaves::section($path),
                    (isset($is[$path]) ? $new : $old)->label($path),
                    ($was[$path] ?? '') === '' ? Line::of('spec.not_there') : $was[$path],
                    ($is[$path] ?? '') === '' ? Line::of('spec.not_there') : $is[$path],
                );
            }
        }

        return $differences;
    }
}

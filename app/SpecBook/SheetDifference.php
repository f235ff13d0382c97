<?php

declare(strict_types=1);

namespace App\SpecBook;

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
        $old = array_map(SheetLeaves::shown(...), SheetLeaves::of($before));
        $new = array_map(SheetLeaves::shown(...), SheetLeaves::of($after));
        $differences = [];
        foreach (array_keys($old + $new) as $path) {
            if (($old[$path] ?? null) !== ($new[$path] ?? null)) {
                $differences[] = new self(
                    SheetLeaves::section($path),
                    SheetLeaves::label($path),
                    $old[$path] ?? 'not there',
                    $new[$path] ?? 'not there',
                );
            }
        }

        return $differences;
    }
}

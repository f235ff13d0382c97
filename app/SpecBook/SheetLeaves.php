<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;

/** The single values of a sheet's document by their path, `/bore/wall/standard`; a list of plain values is one. */
final class SheetLeaves
{
    private const NOT_SHOWN = ['$schema', 'family', 'revision', 'sources', 'variant_of'];

    /**
     * @param  array<mixed>  $document
     * @return array<string, mixed> Scalars and lists of scalars, by path
     */
    public static function of(array $document, string $path = ''): array
    {
        $leaves = [];
        foreach ($document as $key => $value) {
            $here = "{$path}/{$key}";
            if ($path === '' && in_array($key, self::NOT_SHOWN, true)) {
                continue;
            }
            $leaves += is_array($value) && ! self::isPlainList($value) ? self::of($value, $here) : [$here => $value];
        }

        return $leaves;
    }

    /** The title under which a value stands. */
    public static function section(string $path): string
    {
        $parts = explode('/', ltrim($path, '/'));
        if (count($parts) === 1) {
            return Line::of('spec.family');
        }

        return ucfirst(Line::ifThereIs("spec.words.{$parts[0]}") ?? str_replace('_', ' ', $parts[0]));
    }

    /** @param  array<mixed>  $value */
    private static function isPlainList(array $value): bool
    {
        return array_is_list($value) && array_filter($value, is_array(...)) === [];
    }
}

<?php

declare(strict_types=1);

namespace App\SpecBook;

/** The single values of a sheet's document by their path, `/bore/wall/standard`; a list of plain values is one. */
final class SheetLeaves
{
    private const NOT_SHOWN = ['$schema', 'revision'];

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

    public static function shown(mixed $value): string
    {
        return match (true) {
            is_array($value) => implode(' ', array_map(self::shown(...), $value)),
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }

    /** As it is read on the page: masses in grams. */
    public static function read(string $path, mixed $value): string
    {
        return str_ends_with($path, '_ug') && is_int($value)
            ? rtrim(rtrim(number_format($value / 1_000_000, 2, '.', ' '), '0'), '.').' g'
            : self::shown($value);
    }

    /** One cell of a list: a range as “from to”. */
    public static function cell(mixed $value): string
    {
        return is_array($value) ? implode(' to ', array_map(self::shown(...), $value)) : self::shown($value);
    }

    /** What was typed, as the kind of value that stood there; what does not fit stays text, and the sheet names it as a fault. */
    public static function typed(mixed $before, string $text): mixed
    {
        $text = trim($text);
        if (is_array($before)) {
            $items = $text === '' ? [] : preg_split('/[\s;]+/', $text);

            return array_map(static fn (string $item): mixed => self::typed($before[0] ?? '', $item), $items === false ? [] : $items);
        }

        return match (true) {
            is_bool($before) => match (mb_strtolower($text)) {
                'yes', 'true' => true,
                'no', 'false' => false,
                default => $text,
            },
            (is_int($before) || is_float($before)) && preg_match('/^-?\d{1,15}$/D', $text) === 1 => (int) $text,
            (is_int($before) || is_float($before)) && is_numeric($text) => (float) $text,
            default => $text,
        };
    }

    /** “wall, standard” for `/bore/wall/standard` */
    public static function label(string $path): string
    {
        $parts = array_slice(explode('/', ltrim($path, '/')), 1);
        $words = array_map(
            static fn (string $part): string => is_numeric($part)
                ? (string) ((int) $part + 1)
                : str_replace(['_ug', '_mm3', '_nm', '_deg', '_'], [' (µg)', ' (mm³)', ' (nm)', ' (°)', ' '], $part),
            $parts,
        );

        return $words === [] ? str_replace('_', ' ', ltrim($path, '/')) : implode(', ', $words);
    }

    /** The label without the unit of a mass, which is shown beside the value. */
    public static function plainLabel(string $path): string
    {
        return str_replace(' (µg)', '', self::label($path));
    }

    /** @return ?array{string, string} The paths of both ends where this is one of them */
    public static function rangeEnds(string $path): ?array
    {
        return in_array(basename($path), ['least', 'most'], true) ? [dirname($path).'/least', dirname($path).'/most'] : null;
    }

    public static function section(string $path): string
    {
        $first = explode('/', ltrim($path, '/'));

        return count($first) === 1 ? 'Family' : ucfirst(str_replace('_', ' ', $first[0]));
    }

    /** @param  array<mixed>  $value */
    private static function isPlainList(array $value): bool
    {
        return array_is_list($value) && array_filter($value, is_array(...)) === [];
    }
}

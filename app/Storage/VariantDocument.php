<?php

declare(strict_types=1);

namespace App\Storage;

/** A variant's sheet as it is kept: the family and revision that it is based on, and only what differs from that. */
final class VariantDocument
{
    /** What every sheet says of itself, and takes from no other. */
    private const OWN = ['family', 'revision', 'name', 'variant_of', '$schema'];

    /**
     * What differs from the base; null is what the base has and the variant has not.
     *
     * @param  array<mixed>  $document  Whole
     * @param  array<mixed>  $base
     * @return array<mixed>
     */
    public static function differences(array $document, array $base): array
    {
        $own = array_intersect_key($document, array_flip(self::OWN));
        $rest = static fn (array $of): array => array_diff_key($of, array_flip(self::OWN));

        return $own + self::between($rest($document), $rest($base));
    }

    /**
     * The whole sheet of a variant.
     *
     * @param  array<mixed>  $differences
     * @param  array<mixed>  $base
     * @return array<mixed>
     */
    public static function whole(array $differences, array $base): array
    {
        return self::merged(array_diff_key($base, array_flip(self::OWN)), $differences);
    }

    /**
     * @param  array<mixed>  $document
     * @param  array<mixed>  $base
     * @return array<mixed>
     */
    private static function between(array $document, array $base): array
    {
        $differences = [];
        foreach (array_keys($document + $base) as $key) {
            [$here, $there] = [$document[$key] ?? null, $base[$key] ?? null];
            if ($here !== $there) {
                $differences[$key] = self::isPart($here) && self::isPart($there) ? self::between($here, $there) : $here;
            }
        }

        return $differences;
    }

    /**
     * @param  array<mixed>  $base
     * @param  array<mixed>  $differences
     * @return array<mixed>
     */
    private static function merged(array $base, array $differences): array
    {
        foreach ($differences as $key => $value) {
            $there = $base[$key] ?? null;
            $base[$key] = self::isPart($value) && self::isPart($there) ? self::merged($there, $value) : $value;
        }

        return array_filter($base, static fn (mixed $value): bool => $value !== null);
    }

    /** True for a part of a sheet with values of its own; a list is one value. */
    private static function isPart(mixed $value): bool
    {
        return is_array($value) && $value !== [] && ! array_is_list($value);
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;

/** A line of the translation files in `lang/`, in the shop's language. */
final class Line
{
    /** @param  array<string, string|int>  $with  What stands for its placeholders */
    public static function of(string $key, array $with = []): string
    {
        $line = trans($key, $with);

        return is_string($line) ? $line : $key;
    }

    /**
     * Of one or of several; `:count` is how many.
     *
     * @param  array<string, string|int>  $with
     */
    public static function counted(string $key, int $count, array $with = []): string
    {
        return trans_choice($key, $count, $with);
    }

    /**
     * What a code is called: the line under its value, whose words are joined by `_`.
     *
     * @param  array<string, string|int>  $with
     */
    public static function ofCode(string $group, BackedEnum $code, array $with = []): string
    {
        return self::of("{$group}.".str_replace([' ', '-'], '_', (string) $code->value), $with);
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use Illuminate\Support\Facades\Lang;

/** A line of the translation files in `lang/`, in the shop's language. */
final class Line
{
    /** @param  array<string, string|int>  $with  What stands for its placeholders, `:name`; `:Name` begins with a capital */
    public static function of(string $key, array $with = []): string
    {
        $line = self::written($key);
        if ($with === []) {
            return $line;
        }
        $marks = [];
        foreach ($with as $name => $text) {
            $marks[":{$name}"] = (string) $text;
        }
        if (preg_match('/:[A-Z]/', $line) === 1) {
            foreach ($with as $name => $text) {
                $marks[':'.ucfirst($name)] = ucfirst((string) $text);
            }
        }

        return strtr($line, $marks);
    }

    /** Null where there is none: a code that somebody of the shop made has no words but its own. */
    public static function ifThereIs(string $key): ?string
    {
        /** @var array<string, bool> $has Asked for at every place of a sheet */
        static $has = [];

        return ($has[$key] ??= Lang::has($key)) ? self::of($key) : null;
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
        return self::of("{$group}.".str_replace([', ', ' ', '-', '.'], '_', (string) $code->value), $with);
    }

    /** As it stands in the file; a page of an engine says a thousand in one language, so each is looked up once. */
    private static function written(string $key): string
    {
        /** @var array<string, string> $lines */
        static $lines = [];
        if (! isset($lines[$key])) {
            $line = trans($key);
            $lines[$key] = is_string($line) ? $line : $key;
        }

        return $lines[$key];
    }
}

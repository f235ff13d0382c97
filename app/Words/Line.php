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
        return self::filled(self::written($key), $with);
    }

    /** Null where there is none: a code that somebody of the shop made has no words but its own. */
    public static function ifThereIs(string $key): ?string
    {
        return self::found($key) === null ? null : self::of($key);
    }

    /**
     * Of one or of several; `:count` is how many.
     *
     * @param  array<string, string|int>  $with
     */
    public static function counted(string $key, int $count, array $with = []): string
    {
        $line = Lang::getSelector()->choose(self::written($key), $count, Lang::getLocale());

        return self::filled($line, $with + ['count' => $count]);
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

    /** @param  array<string, string|int>  $with */
    private static function filled(string $line, array $with): string
    {
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

    /** As it stands in the file; what no file holds the framework complains of. */
    private static function written(string $key): string
    {
        $found = self::found($key);
        if ($found !== null) {
            return $found;
        }
        $told = trans($key);

        return is_string($told) ? $told : $key;
    }

    /** A page of an engine says a thousand lines in one language: each file is read once, and each line looked up once. */
    private static function found(string $key): ?string
    {
        /** @var array<string, string|false> $lines False where there is none */
        static $lines = [];
        if (! isset($lines[$key])) {
            $names = explode('.', $key);
            $line = self::file(array_shift($names));
            foreach ($names as $name) {
                $line = is_array($line) ? $line[$name] ?? null : null;
            }
            $lines[$key] = is_string($line) ? $line : false;
        }

        return $lines[$key] === false ? null : $lines[$key];
    }

    /** @return array<string, mixed> */
    private static function file(string $name): array
    {
        /** @var array<string, array<string, mixed>> $files */
        static $files = [];

        return $files[$name] ??= self::read(lang_path(Lang::getLocale()."/{$name}.php"));
    }

    /** @return array<string, mixed> */
    private static function read(string $path): array
    {
        return is_file($path) ? require $path : [];
    }
}

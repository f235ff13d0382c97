<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine;

/**
 * Classes that are found by their file's name, so that one can be added without being listed. The folders are looked through once in
 * a process, or once for a state of the code where a host gives files to remember them in.
 */
final class Installed
{
    private const ROOT = 'NorthLedger\\Core\\';

    /** @var array<string, list<class-string>> By pattern; a function of the code that is installed, and of nothing else */
    private static array $found = [];

    private static ?string $files = null;

    /** @param  ?string  $files  How the names of the files begin that are of the code as it is now, and no other; null: none are kept */
    public static function rememberIn(?string $files): void
    {
        self::$files = $files;
    }

    /**
     * @template T of object
     *
     * @param  string  $pattern  Of the files below `core/`, like `Features/Bores/*Feature.php`
     * @param  class-string<T>  $kind  What they have to be
     * @return list<class-string<T>> By name
     */
    public static function classes(string $pattern, string $kind): array
    {
        /** @var list<class-string<T>> $classes One pattern is asked for one kind */
        $classes = self::$found[$pattern] ??= self::remembered($pattern) ?? self::found($pattern, $kind);

        return $classes;
    }

    /** @return ?list<class-string> */
    private static function remembered(string $pattern): ?array
    {
        $file = self::file($pattern);
        /** @var ?list<class-string> $classes */
        $classes = $file !== null && is_file($file) ? include $file : null;

        return $classes;
    }

    /**
     * @param  class-string  $kind
     * @return list<class-string>
     */
    private static function found(string $pattern, string $kind): array
    {
        $root = dirname(__DIR__).'/';
        $classes = [];
        foreach (glob($root.$pattern) ?: [] as $path) {
            $class = self::ROOT.strtr(substr($path, strlen($root), -strlen('.php')), '/', '\\');
            if (is_subclass_of($class, $kind)) {
                $classes[] = $class;
            }
        }
        self::remember($pattern, $classes);

        return $classes;
    }

    /**
     * Whole or not at all; a folder that cannot be written only costs time.
     *
     * @param  list<class-string>  $classes
     */
    private static function remember(string $pattern, array $classes): void
    {
        $file = self::file($pattern);
        $temporary = $file.'.'.bin2hex(random_bytes(4));
        if ($file !== null && @file_put_contents($temporary, '<?php return '.var_export($classes, true).';') !== false) {
            rename($temporary, $file);
        }
    }

    private static function file(string $pattern): ?string
    {
        return self::$files === null ? null : self::$files.hash('xxh64', $pattern).'.php';
    }
}

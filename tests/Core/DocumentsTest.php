<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the documents point to is there. */
final class DocumentsTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    #[DataProvider('documents')]
    public function test_every_path_that_is_named_exists(string $document): void
    {
        $text = (string) file_get_contents(self::ROOT.$document);
        preg_match_all('#`((?:core|app|tests|resources|docs|bin|packages)/[\w/.-]+)`#', $text, $named);
        preg_match_all('#\]\((?!http)([\w/.-]+)\)#', $text, $linked);
        $missing = array_filter(
            $named[1],
            static fn (string $path): bool => ! file_exists(self::ROOT.$path) && ! file_exists(self::ROOT.$path.'.php'),
        );
        $broken = array_filter($linked[1], static fn (string $path): bool => ! file_exists(self::ROOT.dirname($document).'/'.$path));
        $this->assertSame([], [...array_values($missing), ...array_values($broken)]);
    }

    #[DataProvider('documents')]
    public function test_every_class_that_is_named_exists(string $document): void
    {
        preg_match_all('#`((?:[A-Z][a-z]+){2,})`#', (string) file_get_contents(self::ROOT.$document), $named);
        $classes = self::classes();
        $this->assertSame([], array_values(array_diff(array_unique($named[1]), $classes)));
    }

    /** @return iterable<string, array{string}> */
    public static function documents(): iterable
    {
        foreach ([...glob(self::ROOT.'*.md') ?: [], ...glob(self::ROOT.'docs/*.md') ?: []] as $path) {
            $name = substr($path, strlen(self::ROOT));
            if ($name !== 'CHANGELOG.md') {
                yield $name => [$name];
            }
        }
    }

    /** @return list<string> Short names of every class of core, application and tests */
    private static function classes(): array
    {
        $classes = [];
        foreach (['core', 'app', 'tests'] as $folder) {
            /** @var \SplFileInfo $file */
            foreach (
                new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT.$folder, \FilesystemIterator::SKIP_DOTS)) as $file
            ) {
                $classes[] = $file->getBasename('.php');
            }
        }

        return $classes;
    }
}

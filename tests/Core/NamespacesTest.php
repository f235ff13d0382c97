<?php

declare(strict_types=1);

namespace Tests\Core;

use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Namespaces of core and application know each other in one direction: there is a first one, and a last. */
final class NamespacesTest extends TestCase
{
    #[DataProvider('roots')]
    public function test_no_namespace_comes_back_to_itself(string $folder, string $root): void
    {
        $knows = self::graph($folder, $root);
        $this->assertGreaterThan(10, count($knows));
        // Whatever knows nothing that is left is taken away, again and again; a circle stays.
        do {
            $free = array_filter($knows, static fn (array $others): bool => array_intersect_key($others, $knows) === []);
            $knows = array_diff_key($knows, $free);
        } while ($free !== []);
        $this->assertSame([], array_map(static fn (array $others): array => array_keys(array_intersect_key($others, $knows)), $knows));
    }

    /** @return iterable<string, array{string, string}> */
    public static function roots(): iterable
    {
        yield 'core' => ['core', 'NorthLedger\Core'];
        yield 'application' => ['app', 'App'];
    }

    /** @return array<string, array<string, true>> By namespace: the others that it imports from */
    private static function graph(string $folder, string $root): array
    {
        $knows = [];
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/'.$folder, FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            $code = (string) file_get_contents($file->getPathname());
            preg_match('/^namespace ([\w\\\\]+);/m', $code, $own);
            preg_match_all('/^use ('.preg_quote($root, '/').'\\\\[\w\\\\]+)\\\\\w+(?: as \w+)?;/m', $code, $imported);
            $knows[$own[1]] = ($knows[$own[1]] ?? []) + array_fill_keys(array_diff($imported[1], [$own[1]]), true);
        }

        return $knows;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Finder\Finder;

/** Lines that fit on a screen: code, templates, scripts, styles and their comments alike. */
final class LinesTest extends TestCase
{
    private const MOST = 140;

    /** @return iterable<string, array{string}> */
    public static function folders(): iterable
    {
        $resources = ['resources/css', 'resources/js', 'resources/views'];
        foreach (['app', 'config', 'core', 'database', 'lang', 'routes', 'tests', ...$resources] as $folder) {
            yield $folder => [$folder];
        }
    }

    #[DataProvider('folders')]
    public function test_no_line_is_longer_than_a_screen_is_wide(string $folder): void
    {
        $long = [];
        $files = Finder::create()
            ->files()
            ->in(dirname(__DIR__, 2)."/{$folder}")
            ->name(['*.php', '*.js', '*.css']);
        foreach ($files as $file) {
            foreach (explode("\n", $file->getContents()) as $index => $line) {
                if (mb_strlen($line) > self::MOST) {
                    $long[] = $file->getRelativePathname().':'.($index + 1).', '.mb_strlen($line);
                }
            }
        }
        $this->assertGreaterThan(0, $files->count(), 'there is something to look at');
        $this->assertSame([], $long);
    }
}

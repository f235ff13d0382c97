<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Lang;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Tests\TestCase;

/** Whatever code or page asks for by name stands in the translation files; nobody is ever shown the name of a line. */
final class EveryLineTest extends TestCase
{
    private const ASKED = "/(?:Line::(?:of|counted)|__|trans_choice|new Message)\(\s*'([a-z_]+(?:\.[a-z0-9_]+)+)'/";

    public function test_every_line_that_is_asked_for_by_name_is_there(): void
    {
        $missing = [];
        $asked = 0;
        foreach (['app', 'core', 'resources/views', 'database/seeders'] as $folder) {
            foreach ($this->files(base_path($folder)) as $file) {
                preg_match_all(self::ASKED, (string) file_get_contents($file), $names);
                foreach ($names[1] as $name) {
                    $asked++;
                    if (! Lang::has($name)) {
                        $missing[] = "{$name} in ".substr($file, strlen(base_path()) + 1);
                    }
                }
            }
        }
        $this->assertSame([], $missing);
        $this->assertGreaterThan(1_000, $asked, 'the pages ask for lines by name');
    }

    /** @return iterable<string> */
    private function files(string $folder): iterable
    {
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder)) as $file) {
            if ($file->isFile() && $file->getExtension() === 'php') {
                yield $file->getPathname();
            }
        }
    }
}

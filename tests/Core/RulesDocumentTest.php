<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** Every rule that code names stands in docs/rules.md with the class that holds it, and the other way round. */
final class RulesDocumentTest extends TestCase
{
    private const ID = '/\b(?:QTY|GAUGE|BORE|VER|WORK|HONE|SLV|CRACK|DECK|LINE|JRNL|ROD|BAL|COMP|VALVE)-\d+[a-z]?\b/';

    public function test_every_rule_named_in_code_stands_in_the_document(): void
    {
        $missing = array_diff(array_keys($this->namedInCode()), array_keys($this->documented()));
        $this->assertSame([], array_values($missing), 'Add these to docs/rules.md.');
    }

    public function test_every_documented_rule_is_named_in_the_class_that_holds_it(): void
    {
        $this->assertNotEmpty($this->documented());
        foreach ($this->documented() as $id => $classes) {
            $this->assertNotEmpty($classes, "{$id} names no class");
            foreach ($classes as $path) {
                $file = dirname(__DIR__, 2).'/'.$path;
                $this->assertFileExists($file, $id);
                $this->assertStringContainsString($id, (string) file_get_contents($file), "{$path} does not name {$id}");
            }
        }
    }

    /** @return array<string, true> */
    private function namedInCode(): array
    {
        $named = [];
        foreach (['core', 'app'] as $folder) {
            /** @var \SplFileInfo $file */
            foreach (
                new \RecursiveIteratorIterator(
                    new \RecursiveDirectoryIterator(dirname(__DIR__, 2).'/'.$folder, \FilesystemIterator::SKIP_DOTS),
                ) as $file
            ) {
                preg_match_all(self::ID, (string) file_get_contents($file->getPathname()), $found);
                $named += array_fill_keys($found[0], true);
            }
        }

        return $named;
    }

    /** @return array<string, list<string>> Paths of classes by rule */
    private function documented(): array
    {
        $rules = [];
        foreach (explode("\n", (string) file_get_contents(dirname(__DIR__, 2).'/docs/rules.md')) as $line) {
            if (preg_match('/^\| ([A-Z]+-\d+[a-z]?) \|/', $line, $match) === 1) {
                preg_match_all('#`((?:core|app)/[\w/]+\.php)`#', $line, $paths);
                $rules[$match[1]] = $paths[1];
            }
        }

        return $rules;
    }
}

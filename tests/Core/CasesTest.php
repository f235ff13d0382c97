<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\CaseAdapters\CaseFile;
use Tests\CaseAdapters\CaseRunner;

final class CasesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function cases(): iterable
    {
        $folder = dirname(__DIR__).'/cases';
        foreach (CaseRunner::files($folder) as $path) {
            if (CaseRunner::knows(basename(dirname($path)))) {
                yield substr($path, strlen($folder) + 1) => [$path];
            }
        }
    }

    #[DataProvider('cases')]
    public function test_the_worked_case_holds(string $path): void
    {
        $this->assertSame([], CaseRunner::differences(CaseFile::read($path)));
    }

    public function test_a_wrong_answer_is_found(): void
    {
        $case = CaseFile::read(dirname(__DIR__).'/cases/notation/01-decimal-inches.json');

        $this->assertSame(
            ['/value_nm: expected 96837500, got 96837501'],
            $case->differences(['value_nm' => 96_837_501, 'means' => 'length']),
        );
        $this->assertSame(['/means: not in the answer'], $case->differences(['value_nm' => 96_837_500]));
    }
}

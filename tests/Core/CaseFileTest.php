<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Tests\CaseAdapters\CaseFile;
use Tests\CaseAdapters\CaseRunner;

/** The comparison of cases is itself compared: a check that cannot fail is none. */
final class CaseFileTest extends TestCase
{
    /** @var list<string> */
    private array $files = [];

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
    }

    public function test_a_tolerance_covers_what_lies_below_its_name_and_nothing_else(): void
    {
        $case = $this->caseWith([
            'expect' => ['centre' => ['x_nm' => 100, 'y_nm' => 200], 'size_nm' => 5],
            'tolerance' => ['centre' => 10],
        ]);

        $this->assertSame([], $case->differences(['centre' => ['x_nm' => 110, 'y_nm' => 190], 'size_nm' => 5]));
        $this->assertCount(1, $case->differences(['centre' => ['x_nm' => 111, 'y_nm' => 190], 'size_nm' => 5]));
        $this->assertCount(1, $case->differences(['centre' => ['x_nm' => 100, 'y_nm' => 200], 'size_nm' => 6]));
    }

    public function test_lists_have_the_same_length_and_order(): void
    {
        $case = $this->caseWith(['expect' => ['sleeved' => [2, 5]]]);

        $this->assertSame([], $case->differences(['sleeved' => [2, 5], 'more' => true]));
        $this->assertNotSame([], $case->differences(['sleeved' => [5, 2]]));
        $this->assertNotSame([], $case->differences(['sleeved' => [2, 5, 6]]));
    }

    public function test_nothing_is_not_zero_and_text_is_not_a_number(): void
    {
        $case = $this->caseWith(['expect' => ['wear_nm' => null, 'word' => '1']]);

        $this->assertSame([], $case->differences(['wear_nm' => null, 'word' => '1']));
        $this->assertCount(2, $case->differences(['wear_nm' => 0, 'word' => 1]));
    }

    public function test_one_of_several_expectations_is_enough(): void
    {
        $case = $this->caseWith(['expect_any' => [['a' => 1], ['a' => 2]]]);

        $this->assertSame([], $case->differences(['a' => 2]));
        $this->assertNotSame([], $case->differences(['a' => 3]));
    }

    public function test_a_refusal_is_compared_by_its_code(): void
    {
        $case = $this->caseWith([
            'area' => 'notation',
            'given' => ['text' => '', 'unit' => 'in', 'setup' => 'absolute'],
            'expect' => ['error' => 'empty'],
        ]);
        $wrong = $this->caseWith([
            'area' => 'notation',
            'given' => ['text' => '', 'unit' => 'in', 'setup' => 'absolute'],
            'expect' => ['error' => 'too_fine'],
        ]);

        $this->assertSame([], CaseRunner::differences($case));
        $this->assertNotSame([], CaseRunner::differences($wrong));
    }

    /** @param  array<string, mixed>  $content */
    private function caseWith(array $content): CaseFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'case');
        $this->files[] = $path;
        file_put_contents($path, json_encode($content + ['area' => 'test', 'title' => 'a case', 'given' => []]));

        return CaseFile::read($path);
    }
}

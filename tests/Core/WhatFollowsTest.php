<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Specification\FollowingValue;
use NorthLedger\Core\Engine\Specification\WhatFollows;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What follows from a sheet's values, also where they are at odds. */
final class WhatFollowsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_the_shipped_sheets_fit_with_themselves(string $family): void
    {
        foreach (WhatFollows::of($this->document($family)) as $one) {
            $this->assertTrue($one->fits, $one->code);
        }
    }

    public function test_each_is_computed_from_its_own_values(): void
    {
        $follows = $this->follows($this->document('tarn-4-198'));
        $this->assertEqualsWithDelta(((4 * M_PI) / 4) * (3.8125 * 25.4) ** 2 * 4.3375 * 25.4, $follows['displacement']->number, 1);
        $lengths = static fn (string $code): array => [
            $follows[$code]->lengths?->least->nanometres,
            $follows[$code]->lengths?->most->nanometres,
        ];
        // 2.8170 − 2 × .0953 − 2.6250 and 2.8175 − 2 × .0950 − 2.6240
        $this->assertSame([35_560, 88_900], $lengths('mains_oil_clearance'));
        $this->assertSame([38_100, 38_100], $lengths('piston_clearance'), '3.8125 − 3.8110');
        $this->assertSame([38_100, 88_900], $lengths('intake_stem_clearance'), '.3430 − .3415 and .3440 − .3405');
    }

    /** @return iterable<string, array{list<string>, mixed, string}> A place, what stands there, what does not fit then */
    public static function contradictions(): iterable
    {
        yield 'a longer stroke' => [['stroke'], '4.5375', 'deck_height'];
        yield 'another ratio' => [['volumes', 'ratio'], 9.0, 'ratio'];
        yield 'a larger piston' => [['piston', 'standard'], '3.8120', 'piston_clearance'];
        yield 'thick shells' => [['crankshaft', 'mains', 'shell_wall'], ['least' => '.0960', 'most' => '.0963'], 'mains_oil_clearance'];
        yield 'a wide big end' => [['rods', 'big_end'], ['least' => '2.3850', 'most' => '2.3855'], 'rods_oil_clearance'];
        yield 'worn guides' => [['valves', 'exhaust', 'guide'], ['least' => '.3450', 'most' => '.3460'], 'exhaust_stem_clearance'];
        yield 'loose lifters' => [['lifters', 'bore'], ['least' => '1.0090', 'most' => '1.0100'], 'lifter_play'];
    }

    /** @param  list<string>  $path */
    #[DataProvider('contradictions')]
    public function test_what_the_sheet_says_otherwise_does_not_fit(array $path, mixed $value, string $code): void
    {
        $document = $this->document('tarn-4-198');
        $place = &$document;
        foreach ($path as $key) {
            $place = &$place[$key];
        }
        $place = $value;
        $this->assertFalse($this->follows($document)[$code]->fits);
    }

    public function test_what_is_not_known_yet_is_left_out(): void
    {
        $document = $this->document('tarn-4-198');
        unset($document['rods'], $document['lifters']);
        $document['piston']['standard'] = 'wide';
        $this->assertSame(
            ['displacement', 'ratio', 'mains_oil_clearance', 'intake_stem_clearance', 'exhaust_stem_clearance'],
            array_keys($this->follows($document)),
        );
        $this->assertSame([], WhatFollows::of([]));
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, FollowingValue> By code
     */
    private function follows(array $document): array
    {
        return array_column(WhatFollows::of($document), null, 'code');
    }

    /** @return array<mixed> */
    private function document(string $family): array
    {
        $path = dirname(__DIR__, 2)."/resources/specs/{$family}.json";

        return json_decode((string) file_get_contents($path), true, 32, JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\QuantityException;
use NorthLedger\Core\Quantity\Roughness;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Quantity\VolumeNotation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Finishes and volumes as they are keyed, and the keys of places beside the bores (QTY-6). */
final class NotationOfPartsTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function finishes(): iterable
    {
        yield 'micrometres' => ['0.18', 180];
        yield 'with the unit' => ['0.18 um', 180];
        yield 'a comma' => ['1,6 µm', 1600];
        yield 'no whole number' => ['.4', 400];
        yield 'microinches' => ['7 uin', 178];
        yield 'a mirror' => ['0', 0];
    }

    #[DataProvider('finishes')]
    public function test_a_finish_is_read_in_whole_nanometres(string $text, int $nanometres): void
    {
        $this->assertSame($nanometres, RoughnessNotation::read($text, LengthUnit::Millimetre)->nanometres);
    }

    public function test_a_bare_finish_is_in_microinches_in_an_inch_job_and_shown_so(): void
    {
        $this->assertSame(
            [762, 762, 800],
            array_map(static fn (string $text): int => RoughnessNotation::read($text, LengthUnit::Inch)->nanometres, [
                '30',
                '30 uin',
                '0.8 um',
            ]),
        );
        $this->assertSame(
            ['30', '0.76'],
            [RoughnessNotation::text(762, LengthUnit::Inch), RoughnessNotation::text(762, LengthUnit::Millimetre)],
        );
    }

    /** @return iterable<string, array{string, float}> */
    public static function volumes(): iterable
    {
        yield 'cc' => ['54.3', 54_300.0];
        yield 'a dish' => ['-2.5 cc', -2_500.0];
        yield 'a dome' => ['+4.05', 4_050.0];
        yield 'a comma' => ['67,7 ml', 67_700.0];
    }

    #[DataProvider('volumes')]
    public function test_a_volume_is_read_in_cubic_millimetres(string $text, float $cubicMillimetres): void
    {
        $this->assertSame($cubicMillimetres, VolumeNotation::read($text)->cubicMillimetres);
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        foreach (['', ' ', 'smooth', '1.2345', '.', '5 miles', '-', '1e3'] as $text) {
            yield "“{$text}”" => [$text];
        }
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_asked_back_as_either(string $text): void
    {
        foreach (
            [static fn (string $text): Roughness => RoughnessNotation::read($text, LengthUnit::Inch), VolumeNotation::read(...)] as $read
        ) {
            try {
                $read($text);
                $this->fail("“{$text}” was read.");
            } catch (QuantityException $exception) {
                $this->assertMatchesRegularExpression('/^refusal\.quantity\.no_(roughness|volume)$/', $exception->said()->code);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function noPlaces(): iterable
    {
        foreach (
            [
                'main',
                'main.',
                'main.0',
                'main.3.',
                'main.3.front.',
                'main.3.FRONT',
                'main.100',
                'main.3.a.b.c',
                'main.3.front 0',
                'crankcase.1',
            ] as $key
        ) {
            yield $key => [$key];
        }
    }

    #[DataProvider('noPlaces')]
    public function test_a_key_that_names_no_place_is_refused(string $key): void
    {
        $this->expectException(GaugingException::class);
        Place::parse($key);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationFault;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ReadingUnit;
use NorthLedger\Core\Quantity\ShopNotation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShopNotationTest extends TestCase
{
    use TestTrait;

    public function test_every_inch_decimal_to_a_hundred_thousandth_round_trips(): void
    {
        $this->forAll(Generators::choose(-1_200_000, 1_200_000))->then(function (int $count): void {
            $text = self::decimal($count, 5);
            $this->assertSame($count * 254, self::inches()->read($text)->value->nanometres, $text);
        });
    }

    public function test_every_micrometre_round_trips_with_point_and_with_comma(): void
    {
        $this->forAll(Generators::choose(-300_000, 300_000))->then(function (int $count): void {
            $text = self::decimal($count, 3);
            $metric = ShopNotation::forSizes(LengthUnit::Millimetre);
            $this->assertSame($count * 1_000, $metric->read($text)->value->nanometres, $text);
            $this->assertSame($count * 1_000, $metric->read(str_replace('.', ',', $text))->value->nanometres, $text);
        });
    }

    public function test_every_sixty_fourth_is_exact(): void
    {
        for ($whole = 0; $whole <= 8; $whole++) {
            for ($over = 1; $over < 64; $over++) {
                $expected = ($whole * 64 + $over) * 396_875;
                $this->assertSame($expected, self::inches()->read("{$whole} {$over}/64")->value->nanometres);
                $this->assertSame(-$expected, self::inches()->read("-{$whole}-{$over}/64\"")->value->nanometres);
            }
        }
    }

    public function test_what_is_shown_reads_back_as_the_same_size(): void
    {
        $this->forAll(Generators::choose(1, 600_000))->then(function (int $count): void {
            foreach ([[LengthUnit::Inch, 254], [LengthUnit::Millimetre, 1_000]] as [$unit, $grain]) {
                $length = Length::ofNanometres($count * $grain);
                $this->assertTrue($length->equals(ShopNotation::forSizes($unit)->read(LengthDisplay::in($unit)->size($length))->value));
            }
        });
    }

    /** @return iterable<string, array{string, int}> */
    public static function inchTexts(): iterable
    {
        yield 'spaces do not matter around sign and word' => ['  + 1.5   THOU ', 38_100];
        yield 'the minus sign of print' => ["\u{2212}.0005", -12_700];
        yield 'inch word' => ['3.8125 in', 96_837_500];
        yield 'inch mark after a space' => ['3 13/16 "', 96_837_500];
        yield 'spaces around the stroke' => ['3 13 / 16"', 96_837_500];
        yield 'one tenth' => ['1 tenth', 2_540];
        yield 'micro sign' => ["12 \u{00B5}m", 12_000];
        yield 'Greek letter mu' => ["12\u{03BC}m", 12_000];
        yield 'upper-case Greek mu' => ["12 \u{039C}M", 12_000];
        yield 'millimetres in an inch job' => ['96.84mm', 96_840_000];
        yield 'spaces around the hyphen of a mixed number' => ['3 - 1/2', 88_900_000];
    }

    #[DataProvider('inchTexts')]
    public function test_reads_what_is_written_in_a_shop(string $text, int $nanometres): void
    {
        $this->assertSame($nanometres, self::inches()->read($text)->value->nanometres);
    }

    /** @return iterable<string, array{string, NotationFault}> */
    public static function faultyTexts(): iterable
    {
        yield 'nothing' => ["\t ", NotationFault::Empty];
        yield 'a word' => ['about four', NotationFault::Unreadable];
        yield 'two signs' => ['+-3', NotationFault::Unreadable];
        yield 'an exponent' => ['3e2', NotationFault::Unreadable];
        yield 'a thousands separator' => ['1,000.5', NotationFault::Unreadable];
        yield 'a lost digit after the point' => ['3.', NotationFault::Unreadable];
        yield 'a fraction that is not proper' => ['17/16', NotationFault::Unreadable];
        yield 'a fraction over ten' => ['3/10', NotationFault::Unreadable];
        yield 'no space before the fraction' => ['313/16 mm', NotationFault::Unreadable];
        yield 'a signed step' => ['+30 over', NotationFault::Unreadable];
        yield 'a broken step' => ['30.5 over', NotationFault::Unreadable];
        yield 'finer than a nanometre' => ['3.81250001', NotationFault::TooFine];
        yield 'larger than any number' => ['99999999999999999999', NotationFault::Unreadable];
        yield 'no text at all' => ["\xff\xfe", NotationFault::Unreadable];
        yield 'too long' => [str_repeat('1', 41), NotationFault::Unreadable];
        yield 'two lines' => ["3\n4", NotationFault::Unreadable];
    }

    #[DataProvider('faultyTexts')]
    public function test_asks_back_what_it_cannot_read(string $text, NotationFault $fault): void
    {
        try {
            self::inches()->read($text);
            $this->fail('It was read.');
        } catch (NotationException $exception) {
            $this->assertSame($fault, $exception->fault);
        }
    }

    public function test_a_fraction_needs_its_mark_where_the_gauge_shows_deviations(): void
    {
        $deviations = ShopNotation::forDeviations(LengthUnit::Inch, ReadingUnit::Thou);
        $this->assertSame(396_875, $deviations->read('1/64"')->value->nanometres);
        $this->expectExceptionMessage('refusal.notation.fraction_needs_inch (text: 1/64)');
        $deviations->read('1/64');
    }

    public function test_bare_numbers_of_a_gauge_that_shows_deviations(): void
    {
        $tenths = ShopNotation::forDeviations(LengthUnit::Inch, ReadingUnit::Tenths);
        $this->assertSame(7_620, $tenths->read('3')->value->nanometres);
        $this->assertSame(1_270, $tenths->read('0.5')->value->nanometres, 'two decimals or less: the reading unit');
        $this->assertSame(12_700_000, $tenths->read('0.500')->value->nanometres, 'three decimals after a single zero: the job’s unit');
        $this->assertSame(1_270, $tenths->read('00.500')->value->nanometres, 'more than a single zero: the reading unit');
        $microns = ShopNotation::forDeviations(LengthUnit::Millimetre, ReadingUnit::Micrometre);
        $this->assertSame(38_000, $microns->read('0,038')->value->nanometres);
        $this->assertSame(38_000, $microns->read('38')->value->nanometres);
    }

    public function test_steps_are_steps_in_either_setup(): void
    {
        foreach ([self::inches(), ShopNotation::forDeviations(LengthUnit::Inch, ReadingUnit::Thou)] as $notation) {
            $noted = $notation->read('30over');
            $this->assertSame([762_000, NotationMeaning::Step], [$noted->value->nanometres, $noted->means]);
        }
    }

    public function test_the_quick_way_and_the_long_way_read_the_same(): void
    {
        mt_srand(20260311);
        foreach (LengthUnit::cases() as $unit) {
            $notation = ShopNotation::forSizes($unit);
            for ($i = 0; $i < 400; $i++) {
                $text =
                    substr((string) mt_rand(0, 9_999), 0, mt_rand(0, 4)).
                    '.'.
                    substr(str_pad((string) mt_rand(0, 999_999), 6, '0', STR_PAD_LEFT), 0, mt_rand(1, 6));
                $this->assertSame($this->readOrRefusal($notation, $text.' '), $this->readOrRefusal($notation, $text), $text);
            }
        }
    }

    /** A blank at the end takes the long way. */
    private function readOrRefusal(ShopNotation $notation, string $text): int|string
    {
        try {
            return $notation->read($text)->value->nanometres;
        } catch (NotationException $exception) {
            return $exception->fault->value;
        }
    }

    public function test_no_float_stands_in_the_way_of_a_length(): void
    {
        $source =
            file_get_contents(dirname(__DIR__, 2).'/core/Quantity/ShopNotation.php').
            file_get_contents(dirname(__DIR__, 2).'/core/Quantity/Length.php');
        $code = implode(
            ' ',
            array_map(
                static fn (\PhpToken $token): string => $token->is([T_COMMENT, T_DOC_COMMENT]) ? '' : $token->text,
                \PhpToken::tokenize($source),
            ),
        );
        $this->assertDoesNotMatchRegularExpression('/\bfloat|floatval|toFloat|\(float\)|round\(|\d\.\d+e/i', $code);
    }

    private static function inches(): ShopNotation
    {
        return ShopNotation::forSizes(LengthUnit::Inch);
    }

    private static function decimal(int $count, int $places): string
    {
        $digits = str_pad((string) abs($count), $places + 1, '0', STR_PAD_LEFT);

        return ($count < 0 ? '-' : '').substr($digits, 0, -$places).'.'.substr($digits, -$places);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\Money;
use NorthLedger\Core\Quantity\QuantityException;
use NorthLedger\Core\Quantity\Roughness;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /** @return iterable<array{LengthUnit, int, string, string}> */
    public static function shown(): iterable
    {
        yield 'four decimals' => [LengthUnit::Inch, 96_837_500, '3.8125', '+3812.5'];
        yield 'five where the value has five' => [LengthUnit::Inch, 96_837_754, '3.81251', '+3812.5'];
        yield 'half away from zero' => [LengthUnit::Inch, 1_271, '0.0001', '+0.1'];
        yield 'and below zero' => [LengthUnit::Inch, -1_270, "\u{2212}0.00005", "\u{2212}0.1"];
        yield 'nothing has no sign' => [LengthUnit::Inch, -100, '0.0000', '0.0'];
        yield 'millimetres' => [LengthUnit::Millimetre, 103_000_499, '103.000', '+103000'];
        yield 'micrometres are whole' => [LengthUnit::Millimetre, -1_500, "\u{2212}0.002", "\u{2212}2"];
    }

    #[DataProvider('shown')]
    public function test_lengths_are_shown_as_the_trade_writes_them(
        LengthUnit $unit,
        int $nanometres,
        string $size,
        string $deviation,
    ): void {
        $display = LengthDisplay::in($unit);
        $this->assertSame($size, $display->size(Length::ofNanometres($nanometres)));
        $this->assertSame($deviation, $display->deviation(Length::ofNanometres($nanometres)));
    }

    public function test_steps_have_their_shop_names(): void
    {
        $this->assertSame('+.030', LengthDisplay::in(LengthUnit::Inch)->step(Length::ofNanometres(762_000)));
        $this->assertSame('+0.50', LengthDisplay::in(LengthUnit::Millimetre)->step(Length::ofNanometres(500_000)));
        $this->assertSame('standard', LengthDisplay::in(LengthUnit::Inch)->step(Length::zero()));
    }

    public function test_half_a_nanometre_goes_away_from_zero(): void
    {
        $this->assertSame(
            [2, -2, 1, -1, 0],
            array_map(static fn (int $one): int => Length::ofNanometres($one)->half()->nanometres, [3, -3, 2, -2, 0]),
        );
        $this->assertSame([3, -3, 2], [Length::divideRounded(10, 4), Length::divideRounded(-10, 4), Length::divideRounded(7, 4)]);
    }

    public function test_money_is_added_whole(): void
    {
        $this->assertSame(
            61_000,
            Money::ofMinor(6_000)
                ->plus(Money::ofMinor(4_500)->plus(Money::ofMinor(1_500))->times(4))
                ->plus(Money::ofMinor(31_000))->minor,
        );
    }

    public function test_refuses_masses_and_roughness_below_zero(): void
    {
        $this->assertSame(512_000_000, Mass::ofMicrograms(512_000_000)->micrograms);
        $this->assertSame(250, Roughness::ofNanometres(250)->nanometres);
        $this->expectException(QuantityException::class);
        $this->expectExceptionMessage('refusal.quantity.negative_mass (value: -1)');
        Mass::ofMicrograms(-1);
    }

    public function test_the_largest_of_nothing_is_refused(): void
    {
        $this->expectException(QuantityException::class);
        Length::largest();
    }

    public function test_masses_are_read_in_grams_as_a_scale_shows_them(): void
    {
        foreach (
            [
                '612' => 612_000_000,
                '612.4' => 612_400_000,
                '612.45 g' => 612_450_000,
                '612,4g' => 612_400_000,
                '.5' => null,
                '612.456' => null,
                '0' => null,
                '-3' => null,
                'heavy' => null,
                '' => null,
            ] as $text => $micrograms
        ) {
            try {
                $this->assertSame($micrograms, MassNotation::read((string) $text)->micrograms, (string) $text);
            } catch (QuantityException $exception) {
                $this->assertNull($micrograms, (string) $text);
                $this->assertSame('refusal.quantity.no_mass', $exception->said()->code);
            }
        }
        $this->assertSame(
            ['612.44', '612.45', '0.05'],
            [MassNotation::grams(612_440_000), MassNotation::grams(612_450_000), MassNotation::grams(50_000)],
        );
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Features\Volumes\CompressionRatio;
use NorthLedger\Core\Features\Volumes\HeadCut;
use NorthLedger\Core\Features\Weights\Bobweight;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\Volume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Volumes above a piston and weights on a crankshaft, held against numbers worked by hand. */
final class CompressionTest extends TestCase
{
    public function test_a_square_engine_with_a_tenth_of_its_volume_above_the_piston_compresses_eleven_times(): void
    {
        $bore = Length::ofNanometres(100_000_000);
        $tenth = Volume::ofCylinder($bore, Length::ofNanometres(10_000_000));

        $this->assertEqualsWithDelta(78_539.816, $tenth->cubicMillimetres, 0.001);
        $this->assertEqualsWithDelta(11.0, $this->ratio($tenth->cubicMillimetres, 0, 0), 1e-9);
    }

    public function test_the_room_above_the_piston_may_lie_in_the_head_the_gasket_or_under_the_deck(): void
    {
        $millimetre = 7_853.981_633_974_483;
        $whole = $this->ratio(60_000 + 2 * $millimetre, 0, 0);

        $this->assertEqualsWithDelta($whole, $this->ratio(60_000, 2 * $millimetre, 0), 1e-9);
        $this->assertEqualsWithDelta($whole, $this->ratio(60_000, $millimetre, 1_000_000), 1e-9);
        $this->assertEqualsWithDelta(
            $whole,
            $this->ratio(60_000 + 3 * $millimetre, 0, -1_000_000),
            1e-9,
            'a piston that stands proud takes room away',
        );
        $this->assertEqualsWithDelta($whole, $this->ratio(60_000, 0, 0, -2 * $millimetre), 1e-9, 'a dish gives room');
        $this->assertEqualsWithDelta($whole, $this->ratio(60_000 + 5 * $millimetre, 0, 0, 3 * $millimetre), 1e-9, 'a dome takes it');
    }

    /** @return iterable<string, array{float, float, int, float}> Chamber, gasket, deck clearance, crown */
    public static function impossible(): iterable
    {
        yield 'a dome that fills the chamber' => [50_000, 0, 0, 50_000];
        yield 'a piston that would hit the head' => [7_000, 0, -1_000_000, 0];
        yield 'a chamber of less than nothing' => [-1, 60_000, 0, 0];
        yield 'a gasket of less than nothing' => [60_000, -1, 0, 0];
    }

    #[DataProvider('impossible')]
    public function test_no_ratio_comes_of_no_room(float $chamber, float $gasket, int $deck, float $crown): void
    {
        $this->expectException(PlanningException::class);
        $this->ratio($chamber, $gasket, $deck, $crown);
    }

    public function test_both_ways_to_a_cut_agree_when_the_walls_stand_upright(): void
    {
        $chamber = Volume::ofCubicMillimetres(62_000);
        $target = Volume::ofCubicMillimetres(60_000);
        $byArea = HeadCut::byArea($chamber, $target, 5_000);

        $this->assertSame(400_000, $byArea->cut->nanometres, '2000 mm³ over 5000 mm²');
        $this->assertEquals($byArea, HeadCut::byMeasured($chamber, $target, Volume::ofCubicMillimetres(5_000 * 0.254)));
    }

    public function test_the_least_height_of_a_head_is_itself_allowed(): void
    {
        $cut = HeadCut::byArea(Volume::ofCubicMillimetres(62_000), Volume::ofCubicMillimetres(60_000), 5_000);
        $least = Length::ofNanometres(98_600_000);

        $this->assertTrue($cut->isAllowed(Length::ofNanometres(99_000_000), $least));
        $this->assertFalse($cut->isAllowed(Length::ofNanometres(98_999_999), $least));
    }

    public function test_a_bobweight_balances_all_that_turns_and_a_share_of_what_goes_up_and_down(): void
    {
        $weight = fn (int $rods, float $factor): int => Bobweight::of(
            $rods,
            $factor,
            ...array_map(Mass::ofMicrograms(...), [400, 50, 4, 500, 120, 40, 2, 200]),
        )->total->micrograms;

        $this->assertSame([454, 454 + 431, 2 * (454 + 431), 454 + 862], [$weight(1, 0), $weight(1, 0.5), $weight(2, 0.5), $weight(1, 1)]);
        $this->expectException(PlanningException::class);
        $weight(1, 1.01);
    }

    /** @param  int  $deck  Piston below the deck, nanometres; volumes in cubic millimetres, bore and stroke 100 mm */
    private function ratio(float $chamber, float $gasket, int $deck, float $crown = 0): float
    {
        $hundred = Length::ofNanometres(100_000_000);

        return CompressionRatio::of(
            $hundred,
            $hundred,
            Volume::ofCubicMillimetres($chamber),
            Volume::ofCubicMillimetres($gasket),
            Length::ofNanometres($deck),
            Volume::ofCubicMillimetres($crown),
        )->value();
    }
}

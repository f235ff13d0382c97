<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\ReadingsPerBore;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Simulation\ScreeningTrial;
use NorthLedger\Core\Simulation\SimulatedEngine;
use NorthLedger\Core\Simulation\SimulatedGauge;
use NorthLedger\Core\Simulation\SimulationException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Simulated engines and gauges, and that the proposed order of reading never ends too early (BORE-5). */
final class SimulationTest extends TestCase
{
    /** @return iterable<string, array{string, Preference, ReadingsPerBore}> */
    public static function engines(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311'] as $family) {
            foreach (Preference::cases() as $preference) {
                foreach (ReadingsPerBore::cases() as $readings) {
                    yield "{$family}, {$preference->value}, {$readings->value}" => [$family, $preference, $readings];
                }
            }
        }
    }

    #[DataProvider('engines')]
    public function test_what_is_settled_early_is_what_all_readings_say(
        string $family,
        Preference $preference,
        ReadingsPerBore $readings,
    ): void {
        $chance = new Randomizer(new Mt19937(41));
        $sheet = Bench::sheet($family);
        $policy = Bench::policy(['preference' => $preference->value, 'readings_per_bore' => $readings->value]);
        $needed = $full = 0;
        for ($engine = 0; $engine < 40; $engine++) {
            $wear = Length::ofNanometres($chance->getInt(20_000, 400_000));
            $trial = ScreeningTrial::of($sheet, $policy, SimulatedEngine::of($sheet, $wear, $chance));
            $this->assertTrue($trial->agrees, "engine {$engine}, worn {$wear->nanometres} nm");
            $needed += $trial->needed;
            $full += $trial->full;
            $this->assertSame(
                4 * count($sheet->layout->cylinders()),
                $readings === ReadingsPerBore::Four ? $trial->full : intdiv(4 * $trial->full, 6),
            );
        }
        $this->assertLessThan($full, $needed, 'and it saves readings');
    }

    public function test_the_same_chance_makes_the_same_engine_and_wear_sits_at_the_top(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $engine = static fn (int $seed): SimulatedEngine => SimulatedEngine::of(
            $sheet,
            Length::ofNanometres(200_000),
            new Randomizer(new Mt19937($seed)),
        );
        foreach ([1, 2, 3, 4] as $cylinder) {
            $top = BorePlace::bore($cylinder, Station::Top, Axis::Thrust);
            $this->assertEquals($engine(3)->diameter($top), $engine(3)->diameter($top));
            $this->assertTrue(
                $engine(3)->diameter($top)->isLargerThan($engine(3)->diameter(BorePlace::bore($cylinder, Station::Bottom, Axis::Inline))),
            );
            $this->assertFalse(
                $engine(3)->diameter(BorePlace::bore($cylinder, Station::Land, Axis::Inline))->isSmallerThan($sheet->bore->nominal),
            );
        }
        $this->expectException(SimulationException::class);
        $engine(3)->diameter(BorePlace::piston(1));
    }

    public function test_a_gauge_without_error_shows_whole_steps_of_its_resolution(): void
    {
        $gauge = $this->gauge(0, 0, 0);
        $this->assertSame(78_740, $gauge->shows(Length::ofNanometres(96_837_500 + 78_740))->nanometres);
        $this->assertSame(2_540, $gauge->shows(Length::ofNanometres(96_837_500 + 1_300))->nanometres, 'rounded to a tenth');
        $this->assertSame(0, $gauge->shows(Length::ofNanometres(96_837_500 + 1_200))->nanometres);
    }

    public function test_a_gauge_drifts_with_every_reading_and_scatters_about_its_error(): void
    {
        $drifting = $this->gauge(0, 2_540, 0);
        $at = Length::ofNanometres(96_837_500);
        $this->assertSame([0, 2_540, 5_080], array_map(static fn (): int => $drifting->shows($at)->nanometres, [1, 2, 3]));
        $scattering = $this->gauge(25_400, 0, 5_080);
        $shown = array_map(static fn (): int => $scattering->shows($at)->nanometres, range(1, 400));
        $mean = array_sum($shown) / 400;
        $deviation = sqrt(array_sum(array_map(static fn (int $one): float => ($one - $mean) ** 2, $shown)) / 399);
        $this->assertEqualsWithDelta(25_400, $mean, 800);
        $this->assertEqualsWithDelta(5_080, $deviation, 700);
        $this->expectException(SimulationException::class);
        $this->gauge(0, 0, -1);
    }

    private function gauge(int $error, int $drift, int $scatter): SimulatedGauge
    {
        return new SimulatedGauge(
            Length::ofNanometres(96_837_500),
            Length::ofNanometres(2_540),
            Length::ofNanometres($error),
            Length::ofNanometres($drift),
            Length::ofNanometres($scatter),
            new Randomizer(new Mt19937(9)),
        );
    }
}

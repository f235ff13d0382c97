<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use NorthLedger\Core\Features\Bores\CleanUp;
use NorthLedger\Core\Features\Bores\RequiredBore;
use NorthLedger\Core\Gauging\Conformity;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\LimitKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\TestCase;

/** What must hold for any numbers, of the required bore, of doubt, and of decisions. */
final class PropertiesTest extends TestCase
{
    use TestTrait;

    private const AS_MADE = 96_837_500;

    public function test_a_bore_cleans_up_on_centre_from_its_larger_need_and_not_below_its_smaller(): void
    {
        $this->forAll(Generators::choose(-50_000, 2_000_000), Generators::choose(0, 200_000), Generators::choose(0, 150_000))->then(
            function (int $wear, int $pit, int $stock): void {
                $need = $this->need($wear, $pit, $stock);
                $this->assertFalse($need->least->isLargerThan($need->most));
                $this->assertSame(CleanUp::OnCentre, $need->at($need->most));
                $this->assertSame(CleanUp::No, $need->at($need->least->minus(Length::ofNanometres(1))));
                if ($need->least->isSmallerThan($need->most)) {
                    $this->assertSame(CleanUp::OffCentre, $need->at($need->least));
                }
            },
        );
    }

    public function test_a_larger_size_never_needs_a_larger_shift(): void
    {
        $this->forAll(Generators::choose(0, 1_500_000), Generators::choose(0, 3_000_000), Generators::choose(0, 500_000))->then(function (
            int $wear,
            int $over,
            int $more,
        ): void {
            $need = $this->need($wear, 0, 76_200);
            $size = Length::ofNanometres(self::AS_MADE + $over);
            $larger = $size->plus(Length::ofNanometres($more));
            $this->assertFalse($need->shiftAt($size)->isNegative());
            if ($need->at($size) !== CleanUp::No) {
                $this->assertFalse($need->shiftAt($larger)->isLargerThan($need->shiftAt($size)));
                $this->assertNotSame(CleanUp::No, $need->at($larger), 'what cleans up at a size cleans up at any larger one');
            }
        });
    }

    public function test_supposing_further_wear_is_the_same_as_measuring_it(): void
    {
        $this->forAll(Generators::choose(0, 900_000), Generators::choose(0, 200_000))->then(function (int $wear, int $further): void {
            $this->assertEquals(
                $this->need($wear + $further, 0, 76_200),
                $this->need($wear, 0, 76_200)->afterFurtherWear(Length::ofNanometres($further)),
            );
        });
    }

    public function test_no_part_of_the_doubt_makes_it_smaller(): void
    {
        $this->forAll(
            Generators::choose(0, 25_400),
            Generators::choose(0, 25_400),
            Generators::choose(0, 25_400),
            Generators::choose(1, 10_000),
        )->then(function (int $resolution, int $calibration, int $repeatability, int $more): void {
            $doubt = static fn (int $res, int $cal, int $rep): float => Uncertainty::ofSize(
                Length::ofNanometres(self::AS_MADE),
                Instrument::of(Length::ofNanometres($res), Length::ofNanometres($cal), Length::ofNanometres($rep)),
                Temperatures::of(11.0, 11.5, 20.0, 20.0),
            )->standard;
            $base = $doubt($resolution, $calibration, $repeatability);
            $this->assertGreaterThanOrEqual($base, $doubt($resolution + $more, $calibration, $repeatability));
            $this->assertGreaterThanOrEqual($base, $doubt($resolution, $calibration + $more, $repeatability));
            $this->assertGreaterThanOrEqual($base, $doubt($resolution, $calibration, $repeatability + $more));
        });
    }

    public function test_known_temperatures_leave_less_doubt_than_unknown_ones(): void
    {
        $instrument = Instrument::of(Length::ofNanometres(2_540), Length::ofNanometres(2_540), Length::ofNanometres(2_540));
        $size = Length::ofNanometres(self::AS_MADE);
        $this->assertTrue(
            Uncertainty::ofSize($size, $instrument, Temperatures::of(11.0, 11.5, null, null))->isLargerThan(
                Uncertainty::ofSize($size, $instrument, Temperatures::of(11.0, 11.5, 20.0, 20.0)),
            ),
        );
    }

    public function test_a_guarded_decision_never_contradicts_a_simple_one(): void
    {
        $this->forAll(
            Generators::choose(-30_000, 30_000),
            Generators::choose(0, 10_000),
            Generators::elements(LimitKind::Max, LimitKind::Min),
        )->then(function (int $off, int $repeatability, LimitKind $kind): void {
            $doubt = Uncertainty::ofDifference(
                Instrument::of(Length::ofNanometres(2_540), Length::zero(), Length::ofNanometres($repeatability)),
            );
            $limit = Length::ofNanometres(50_800);
            $value = $limit->plus(Length::ofNanometres($off));
            $simple = DecisionRule::Simple->decide($value, $limit, $kind, $doubt);
            $guarded = DecisionRule::Guarded->decide($value, $limit, $kind, $doubt);

            $this->assertEquals($simple->margin, $guarded->margin);
            $this->assertContains($guarded->conformity, [$simple->conformity, Conformity::Undecided]);
            $this->assertSame($simple->isCloseCall, abs($off) <= 2 * $doubt->standard);
            if ($guarded->conformity === Conformity::Undecided) {
                $this->assertTrue($simple->isCloseCall, 'what is undecided is near the limit');
            }
        });
    }

    public function test_the_two_kinds_of_limit_mirror_each_other(): void
    {
        $this->forAll(Generators::choose(-30_000, 30_000))->then(function (int $off): void {
            $limit = Length::ofNanometres(100_000);
            $max = DecisionRule::Simple->decide($limit->plus(Length::ofNanometres($off)), $limit, LimitKind::Max, Uncertainty::none());
            $min = DecisionRule::Simple->decide($limit->minus(Length::ofNanometres($off)), $limit, LimitKind::Min, Uncertainty::none());
            $this->assertEquals($max, $min);
        });
    }

    private function need(int $wear, int $pit, int $stock): RequiredBore
    {
        return RequiredBore::of(
            Length::ofNanometres(self::AS_MADE),
            Length::ofNanometres(self::AS_MADE + $wear),
            Length::ofNanometres($pit),
            Length::ofNanometres($stock),
        );
    }
}

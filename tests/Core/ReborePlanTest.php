<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\SleeveForWear;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BlockPrices;
use NorthLedger\Core\Features\Bores\BlockToPlan;
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\FinishedBore;
use NorthLedger\Core\Features\Bores\MeasuredWall;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Features\Bores\Recommendation;
use NorthLedger\Core\Features\Bores\TracedPoint;
use NorthLedger\Core\Features\Bores\WearMap;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use PHPUnit\Framework\TestCase;

final class ReborePlanTest extends TestCase
{
    use TestTrait;

    public function test_more_wear_never_asks_for_a_smaller_size(): void
    {
        $this->forAll(Generators::choose(0, 600), Generators::choose(0, 300))->then(function (int $wear, int $more): void {
            $smallest = fn (int $tenths): int => $this->plan([$tenths, 10, 10, 10])->stepsWhereAllCleanUp()[0]->nanometres ?? PHP_INT_MAX;
            $this->assertLessThanOrEqual($smallest($wear + $more), $smallest($wear));
        });
    }

    public function test_every_cylinder_stands_once_in_every_way(): void
    {
        $this->forAll(Generators::tuple(...array_fill(0, 4, Generators::choose(0, 700))))->then(function (array $wear): void {
            foreach ($this->plan($wear)->options as $option) {
                if ($option->kind === OptionKind::Bore) {
                    $all = [...$option->onCentre, ...array_keys($option->offCentre), ...$option->sleeved];
                    sort($all);
                    $this->assertSame([1, 2, 3, 4], $all);
                }
            }
        });
    }

    public function test_what_is_recommended_is_feasible_and_never_folded(): void
    {
        $this->forAll(
            Generators::tuple(...array_fill(0, 4, Generators::choose(0, 700))),
            Generators::elements(...Preference::cases()),
        )->then(function (array $wear, Preference $preference): void {
            $plan = $this->plan($wear);
            $recommended = Recommendation::from($plan, $preference, SleeveForWear::ToSaveASize)?->option;
            $this->assertInstanceOf(ReboreOption::class, $recommended);
            $this->assertTrue($recommended->isFeasible());
            $this->assertFalse($plan->isFolded($recommended));
        });
    }

    public function test_a_thin_wall_in_the_direction_of_the_shift_forbids_a_size(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $thin = new CylinderToPlan(1, $sheet->bore->nominal->plus(Length::ofNanometres(304_800)), Length::zero(), false, false, 90.0, [
            new MeasuredWall(90.0, Length::ofNanometres(3_640_000)),
            new MeasuredWall(270.0, Length::ofNanometres(3_560_000)),
        ]);
        $option = ReborePlan::of($this->block($sheet), [$thin], $this->prices($sheet))->option('bore 508000');

        $this->assertNotNull($option);
        $this->assertSame([1 => 88_900], array_map(static fn (Length $shift): int => $shift->nanometres, $option->offCentre));
        $this->assertSame(3_297_100, $option->thinnestWall?->nanometres, '3.640 − 0.254 − 0.0889 where the wear points');
        $this->assertSame([1], $option->wallTooThin);
    }

    /** A pit goes as deep into a wall that was traced as into any other; the centre stays where it was. */
    public function test_a_pit_in_a_traced_wall_asks_for_twice_its_depth_more(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $radius = $sheet->bore->nominal->half()->nanometres;
        $traced = array_map(
            static fn (int $degrees, int $wear): TracedPoint => new TracedPoint(
                $degrees,
                Station::Top,
                Length::ofNanometres($radius + $wear),
            ),
            [0, 90, 180, 270],
            [300_000, 60_000, 50_000, 60_000],
        );
        $map = WearMap::of($traced, Length::ofNanometres(76_200), Length::ofNanometres(127_000));
        $plan = function (int $pit) use ($sheet, $map): ReborePlan {
            $size = $sheet->bore->nominal->plus(Length::ofNanometres(100_000));
            $cylinder = new CylinderToPlan(1, $size, Length::ofNanometres($pit), false, false, map: $map);

            return ReborePlan::of($this->block($sheet), [$cylinder], $this->prices($sheet));
        };
        [$plain, $pitted] = [$plan(0), $plan(127_000)];
        $this->assertSame(254_000, $pitted->required[1]->least->minus($plain->required[1]->least)->nanometres);
        $this->assertSame(254_000, $pitted->required[1]->most->minus($plain->required[1]->most)->nanometres);
        $shifts = static fn (ReborePlan $of, string $option): array => array_map(
            static fn (Length $shift): int => $shift->nanometres,
            $of->option($option)->offCentre ?? [],
        );
        $this->assertNotSame([], $shifts($plain, 'bore 508000'));
        $this->assertSame($shifts($plain, 'bore 508000'), $shifts($pitted, 'bore 762000'));
        $this->assertSame([1], $pitted->option('bore 508000')?->sleeved);
    }

    public function test_the_recommendation_knows_its_runner_up(): void
    {
        $recommendation = Recommendation::from($this->plan([60, 60, 60, 60]), Preference::Balanced, SleeveForWear::ToSaveASize);
        $runnerUp = $recommendation?->runnerUp;
        $this->assertNotNull($runnerUp);

        $this->assertSame(['bore 508000', 'bore 762000'], [$recommendation->option->key(), $runnerUp->key()]);
        $this->assertSame($runnerUp->cost->minor, $recommendation->option->cost->minor);
        $this->assertSame(254_000, $runnerUp->metalCut->minus($recommendation->option->metalCut)->nanometres);
    }

    public function test_refuses_a_cylinder_that_stands_twice_or_has_no_size(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $one = new CylinderToPlan(1, $sheet->bore->nominal, Length::zero(), false, true);
        try {
            ReborePlan::of($this->block($sheet), [$one, $one], $this->prices($sheet));
            $this->fail('It was planned.');
        } catch (PlanningException $exception) {
            $this->assertEquals(new Message('refusal.planning.same_cylinder_twice', ['cylinder' => 1]), $exception->said());
        }
        $this->expectException(PlanningException::class);
        new CylinderToPlan(2, Length::zero(), Length::zero(), false, true);
    }

    public function test_each_bore_is_finished_to_its_own_piston(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $allowances = Bench::policy()->boreAllowances(LengthUnit::Inch);
        $step = Length::ofNanometres(508_000);
        $own = FinishedBore::for($sheet, $allowances, $step, Length::ofNanometres(97_315_020));
        $sheetSize = FinishedBore::for($sheet, $allowances, $step, null);

        $this->assertSame(
            ['3.8328', '3.8333', '3.8288'],
            array_map(LengthDisplay::in(LengthUnit::Inch)->size(...), [$own->least, $own->most, $own->bored]),
        );
        $this->assertSame(
            ['3.8325', '3.8330', '3.8285'],
            array_map(LengthDisplay::in(LengthUnit::Inch)->size(...), [$sheetSize->least, $sheetSize->most, $sheetSize->bored]),
        );
        $this->assertTrue($own->pistonIsMeasured);
        $this->assertFalse($sheetSize->pistonIsMeasured);
    }

    /** @param  list<int>  $wear  Tenths of a thou over standard */
    private function plan(array $wear): ReborePlan
    {
        $sheet = Bench::sheet('tarn-4-198');
        $cylinders = [];
        foreach ($wear as $index => $tenths) {
            $cylinders[] = new CylinderToPlan(
                $index + 1,
                $sheet->bore->nominal->plus(Length::ofNanometres($tenths * 2_540)),
                Length::zero(),
                false,
                false,
            );
        }

        return ReborePlan::of($this->block($sheet), $cylinders, $this->prices($sheet));
    }

    private function block(SpecificationSheet $sheet): BlockToPlan
    {
        return new BlockToPlan(
            $sheet->bore->nominal,
            Length::zero(),
            $sheet->bore->oversizes,
            null,
            Length::ofNanometres(76_200),
            $sheet->bore->standardWall,
            $sheet->bore->minimumWall,
        );
    }

    private function prices(SpecificationSheet $sheet): BlockPrices
    {
        return BlockPrices::of(Bench::policy()->prices, $sheet);
    }
}

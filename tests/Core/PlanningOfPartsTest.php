<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\PistonAssignment;
use NorthLedger\Core\Features\Bores\RequiredBore;
use NorthLedger\Core\Features\Bores\RingGapCheck;
use NorthLedger\Core\Features\Bores\TracedPoint;
use NorthLedger\Core\Features\Bores\WearMap;
use NorthLedger\Core\Features\Crankshaft\ClearanceState;
use NorthLedger\Core\Features\Crankshaft\OilClearance;
use NorthLedger\Core\Features\Faces\FacePlan;
use NorthLedger\Core\Features\Receiving\SleeveFinding;
use NorthLedger\Core\Features\Volumes\CompressionRatio;
use NorthLedger\Core\Features\Volumes\HeadCut;
use NorthLedger\Core\Features\Weights\Bobweight;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Finding\PlanningFault;
use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\Volume;
use NorthLedger\Core\Record\WallReading;
use NorthLedger\Core\Record\WallSurvey;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Wear maps, faces, sleeves, volumes and weights: what must hold of them beside the worked cases. */
final class PlanningOfPartsTest extends TestCase
{
    private const RADIUS = 48_418_750;

    private Randomizer $chance;

    protected function setUp(): void
    {
        $this->chance = new Randomizer(new Mt19937(311));
    }

    public function test_a_free_centre_never_asks_for_more_than_a_held_one_nor_that_for_more_than_none(): void
    {
        for ($round = 0; $round < 40; $round++) {
            $map = WearMap::of($this->traced(), Length::ofNanometres(76_200), Length::ofNanometres($this->chance->getInt(0, 60_000)));
            $this->assertLessThanOrEqual($map->constrained->nanometres, $map->free->nanometres);
            $this->assertLessThanOrEqual($map->centred->nanometres, $map->constrained->nanometres);
        }
    }

    public function test_the_shift_for_a_size_is_the_least_with_which_it_cleans_up(): void
    {
        for ($round = 0; $round < 15; $round++) {
            $traced = $this->traced();
            $map = WearMap::of($traced, Length::ofNanometres(76_200), Length::ofNanometres(127_000));
            $this->assertTrue($map->shiftAt($map->centred)->isZero(), 'on centre it need not move');
            $between = Length::ofNanometres(intdiv($map->centred->nanometres + $map->constrained->nanometres, 2));
            $shift = $map->shiftAt($between);
            $enough = WearMap::of($traced, Length::ofNanometres(76_200), $shift)->constrained;
            $this->assertLessThanOrEqual($between->nanometres, $enough->nanometres);
            if ($shift->nanometres > 2_000) {
                $less = WearMap::of($traced, Length::ofNanometres(76_200), $shift->minus(Length::ofNanometres(1_000)))->constrained;
                $this->assertGreaterThan($between->nanometres, $less->nanometres, 'a micrometre less is not enough');
            }
        }
    }

    public function test_a_map_takes_the_guess_out_of_the_size_that_cleans_up_on_centre(): void
    {
        $asMade = Length::ofNanometres(2 * self::RADIUS);
        $even = array_map(static fn (int $degrees): WallReading => new WallReading($degrees, Station::Top, Length::ofNanometres(100_000)), [
            0,
            90,
            180,
            270,
        ]);
        $map = CylinderToPlan::map(
            new WallSurvey($even, [], Length::zero()),
            $asMade,
            Length::ofNanometres(76_200),
            Length::ofNanometres(127_000),
        );
        $guessed = RequiredBore::of($asMade, $asMade->plus(Length::ofNanometres(200_000)), Length::zero(), Length::ofNanometres(76_200));
        $traced = $guessed->traced($map->constrained, $map->centred);
        $this->assertSame($guessed->least->nanometres, $traced->least->nanometres);
        $this->assertSame($guessed->least->nanometres, $traced->most->nanometres, 'worn evenly all round it cleans up on centre at once');
        $this->assertNull(
            CylinderToPlan::map(new WallSurvey(array_slice($even, 1), [], Length::zero()), $asMade, Length::zero(), Length::zero()),
            'three directions make no map',
        );
    }

    public function test_no_assignment_of_pistons_is_more_even_than_the_largest_into_the_largest(): void
    {
        for ($round = 0; $round < 60; $round++) {
            $bores = $pistons = [];
            foreach (range(1, 4) as $number) {
                $bores[$number] = Length::ofNanometres(96_837_500 + 2_540 * $this->chance->getInt(0, 30));
                $pistons[$number] = Length::ofNanometres(96_786_700 - 2_540 * $this->chance->getInt(0, 20));
            }
            $best = PistonAssignment::mostEven($bores, $pistons);
            $used = $best->pistons;
            sort($used);
            $this->assertSame([1, 2, 3, 4], $used);
            foreach (self::orders([1, 2, 3, 4]) as $order) {
                $this->assertGreaterThanOrEqual(
                    $best->spread()->nanometres,
                    PistonAssignment::of($bores, $pistons, array_combine([1, 2, 3, 4], $order))->spread()->nanometres,
                );
            }
        }
        $this->expectException(PlanningException::class);
        PistonAssignment::mostEven([1 => Length::ofNanometres(5)], []);
    }

    /**
     * @param  list<int>  $numbers
     * @return iterable<list<int>>
     */
    private static function orders(array $numbers): iterable
    {
        if (count($numbers) < 2) {
            yield $numbers;
        }
        foreach (count($numbers) < 2 ? [] : $numbers as $index => $first) {
            foreach (self::orders(array_values(array_diff_key($numbers, [$index => true]))) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }

    public function test_a_wider_allowance_never_asks_for_a_larger_bore(): void
    {
        $traced = $this->traced();
        $before = PHP_INT_MAX;
        for ($shift = 0; $shift <= 130_000; $shift += 10_000) {
            $bore = WearMap::of($traced, Length::zero(), Length::ofNanometres($shift))->constrained->nanometres;
            $this->assertLessThanOrEqual($before, $bore);
            $before = $bore;
        }
    }

    public function test_a_turned_wall_asks_for_the_same_bore(): void
    {
        $traced = $this->traced();
        $map = WearMap::of($traced, Length::zero(), Length::ofNanometres(20_000));
        $turned = WearMap::of(
            array_map(
                static fn (TracedPoint $point): TracedPoint => new TracedPoint($point->degrees + 77.0, $point->station, $point->radius),
                $traced,
            ),
            Length::zero(),
            Length::ofNanometres(20_000),
        );
        $this->assertEqualsWithDelta($map->free->nanometres, $turned->free->nanometres, 2);
        $this->assertEqualsWithDelta($map->constrained->nanometres, $turned->constrained->nanometres, 2);
    }

    public function test_directions_a_whole_turn_apart_are_one(): void
    {
        $this->expectException(GeometryException::class);
        $this->expectExceptionMessage('refusal.geometry.too_few_directions (count: 3, needed: 4)');
        WearMap::of(
            array_map(
                static fn (float $degrees): TracedPoint => new TracedPoint($degrees, Station::Top, Length::ofNanometres(self::RADIUS)),
                [0.0, 120.0, 240.0, 480.0, -120.0],
            ),
            Length::zero(),
            Length::zero(),
        );
    }

    public function test_every_pass_touches_more_and_leaves_less(): void
    {
        $plan = FacePlan::of($this->face(30));
        $touched = -1;
        $left = PHP_INT_MAX;
        for ($depth = 0; $depth <= 120_000; $depth += 5_000) {
            $pass = $plan->pass(Length::ofNanometres($depth), Length::ofNanometres(25_400));
            $this->assertGreaterThanOrEqual($touched, $pass->pointsTouched);
            $this->assertLessThanOrEqual($left, $pass->lightCutsRemaining);
            [$touched, $left] = [$pass->pointsTouched, $pass->lightCutsRemaining];
        }
        $this->assertSame(
            [30, 0, 1.0],
            [$touched, $left, $plan->pass(Length::ofNanometres(120_000), Length::ofNanometres(25_400))->shareTouched],
        );
    }

    public function test_exact_shims_leave_the_flatness_and_the_highest_support_has_none(): void
    {
        $supports = [[0, 0], [400_000_000, 0], [400_000_000, 200_000_000], [0, 200_000_000]];
        for ($round = 0; $round < 20; $round++) {
            $plan = FacePlan::of($this->face(16));
            $shims = $plan->shims($supports, Length::ofNanometres(1));
            $this->assertSame(0, min(array_column($shims->exact, 'nanometres')));
            $this->assertEqualsWithDelta(
                $plan->flatness()->nanometres,
                $shims->cutAfterRounding->nanometres,
                4,
                'shims in steps of a nanometre are exact',
            );
            $this->assertGreaterThanOrEqual(
                $plan->flatness()->nanometres,
                $plan->shims($supports, Length::ofNanometres(25_400))->cutAfterRounding->nanometres + 1,
            );
        }
    }

    /** @return iterable<string, array{callable(FacePlan): mixed}> */
    public static function impossiblePasses(): iterable
    {
        yield 'a light cut of nothing' => [static fn (FacePlan $plan) => $plan->pass(Length::zero(), Length::zero())];
        yield 'a cut below nothing' => [static fn (FacePlan $plan) => $plan->pass(Length::ofNanometres(-1), Length::ofNanometres(25_400))];
        yield 'three supports' => [static fn (FacePlan $plan) => $plan->shims([[0, 0], [1, 0], [0, 1]], Length::ofNanometres(25_400))];
        yield 'supports in a line' => [
            static fn (FacePlan $plan) => $plan->shims([[0, 0], [1, 1], [2, 2], [3, 3]], Length::ofNanometres(25_400)),
        ];
        yield 'no shims at all' => [static fn (FacePlan $plan) => $plan->shims([[0, 0], [1, 0], [1, 1], [0, 1]], Length::zero())];
    }

    /** @param  callable(FacePlan): mixed  $attempt */
    #[DataProvider('impossiblePasses')]
    public function test_what_cannot_be_cut_is_refused(callable $attempt): void
    {
        $plan = FacePlan::of($this->face(9));
        $this->expectException(GeometryException::class);
        $attempt($plan);
    }

    public function test_a_ring_that_opens_wider_says_a_larger_bore(): void
    {
        $before = 0;
        for ($gap = 100_000; $gap < 1_000_000; $gap += 50_000) {
            $check = RingGapCheck::of(
                Length::ofNanometres(100_000_000),
                Length::ofNanometres(400_000),
                Length::ofNanometres($gap),
                Length::ofNanometres(100_000_000),
                Length::ofNanometres(6_000),
                Length::ofNanometres(12_000),
            );
            $this->assertGreaterThan($before, $check->ringDiameter->nanometres);
            $this->assertSame(abs($check->difference->nanometres) > 18_000, $check->asksWhichIsWrong);
            $before = $check->ringDiameter->nanometres;
        }
    }

    public function test_a_measured_bearing_goes_before_a_calculated_one_and_both_limits_conform(): void
    {
        $clearance = OilClearance::fromHousing(
            Length::ofNanometres(63_500_000),
            Length::ofNanometres(1_569_720),
            Length::ofNanometres(60_309_760),
        );
        $this->assertSame(50_800, $clearance->clearance->nanometres);
        $this->assertSame(ClearanceState::Conforms, $clearance->against(Length::ofNanometres(25_400), Length::ofNanometres(50_800)));
        $this->assertSame(ClearanceState::Loose, $clearance->against(Length::ofNanometres(25_400), Length::ofNanometres(50_799)));
        $this->assertSame(ClearanceState::Conforms, $clearance->against(Length::ofNanometres(50_800), Length::ofNanometres(60_000)));
        $this->assertSame(ClearanceState::Tight, $clearance->against(Length::ofNanometres(50_801), Length::ofNanometres(60_000)));
    }

    public function test_a_smaller_chamber_compresses_more(): void
    {
        $before = 0.0;
        for ($chamber = 90_000; $chamber > 20_000; $chamber -= 5_000) {
            $ratio = CompressionRatio::of(
                Length::ofNanometres(96_837_500),
                Length::ofNanometres(110_172_500),
                Volume::ofCubicMillimetres($chamber),
                Volume::ofCubicMillimetres(8_000),
                Length::ofNanometres(400_000),
                Volume::ofCubicMillimetres(-4_000),
            )->value();
            $this->assertGreaterThan($before, $ratio);
            $before = $ratio;
        }
    }

    public function test_the_cut_for_a_chamber_takes_just_what_is_too_much(): void
    {
        $chamber = Volume::ofCubicMillimetres(64_000);
        $target = Volume::ofCubicMillimetres(61_000);
        $cut = HeadCut::byArea($chamber, $target, 4_200);
        $this->assertEqualsWithDelta(3_000, (4_200 * $cut->cut->nanometres) / 1e6, 0.01);
        $this->assertSame(0, HeadCut::byArea($chamber, $chamber, 4_200)->cut->nanometres);
        $height = Length::ofNanometres(110_000_000);
        $this->assertTrue($cut->isAllowed($height, $cut->heightAfter($height)), 'the least height itself is allowed');
        $this->assertFalse($cut->isAllowed($height, $cut->heightAfter($height)->plus(Length::ofNanometres(1))));
    }

    /** @return iterable<string, array{callable(): mixed, PlanningFault}> */
    public static function impossiblePlans(): iterable
    {
        $volume = Volume::ofCubicMillimetres(...);
        yield 'a chamber of nothing' => [static fn () => HeadCut::byArea($volume(0), $volume(0), 1), PlanningFault::BadValue];
        yield 'a face of nothing' => [static fn () => HeadCut::byArea($volume(2), $volume(1), 0), PlanningFault::BadValue];
        yield 'a chamber that would grow' => [
            static fn () => HeadCut::byMeasured($volume(1), $volume(2), $volume(1)),
            PlanningFault::CannotAddMetal,
        ];
        yield 'a bore of nothing' => [
            static fn () => CompressionRatio::of(
                Length::zero(),
                Length::ofNanometres(1),
                $volume(1),
                $volume(1),
                Length::zero(),
                $volume(0),
            ),
            PlanningFault::BadValue,
        ];
        yield 'a gasket below nothing' => [
            static fn () => CompressionRatio::of(
                Length::ofNanometres(1),
                Length::ofNanometres(1),
                $volume(1),
                $volume(-1),
                Length::zero(),
                $volume(0),
            ),
            PlanningFault::BadValue,
        ];
        yield 'a balance factor above one' => [
            static fn () => Bobweight::of(2, 1.01, ...array_fill(0, 8, Mass::ofMicrograms(1))),
            PlanningFault::BadValue,
        ];
        yield 'three readings of a sleeve' => [
            static fn () => SleeveFit::of(array_fill(0, 3, Length::ofNanometres(1)), null, null, null, Length::ofNanometres(96_000_000)),
            PlanningFault::TooFew,
        ];
        yield 'a range upside down' => [
            static fn () => SleeveFit::of(
                array_fill(0, 4, Length::ofNanometres(1)),
                Length::ofNanometres(2),
                Length::ofNanometres(1),
                null,
                null,
            ),
            PlanningFault::BadValue,
        ];
        yield 'a bore just too large for the usual range' => [
            static fn () => SleeveFit::of(array_fill(0, 4, Length::ofNanometres(1)), null, null, null, Length::ofNanometres(114_300_001)),
            PlanningFault::RangeNeeded,
        ];
    }

    #[DataProvider('impossiblePlans')]
    public function test_what_cannot_be_planned_is_refused_by_its_kind(callable $attempt, PlanningFault $fault): void
    {
        try {
            $attempt();
            $this->fail('It was planned.');
        } catch (PlanningException $exception) {
            $this->assertSame($fault, $exception->fault);
        }
    }

    public function test_the_ends_of_the_usual_range_belong_to_it(): void
    {
        foreach ([76_200_000, 114_300_000] as $nominal) {
            $fit = SleeveFit::of(array_fill(0, 4, Length::ofNanometres(100_000_000)), null, null, null, Length::ofNanometres($nominal));
            $this->assertSame([25_400, 76_200, 63_500], [$fit->least->nanometres, $fit->most->nanometres, $fit->target->nanometres]);
        }
        $fit = SleeveFit::of(
            array_map(Length::ofNanometres(...), [100_000_000, 100_000_001, 100_000_000, 100_000_000]),
            Length::ofNanometres(20_000),
            Length::ofNanometres(60_000),
            null,
            null,
        );
        $this->assertSame(100_000_000, $fit->outsideMean->nanometres, 'a quarter of a nanometre is rounded once, at the end');
        $this->assertTrue($fit->isInside(Length::ofNanometres(99_980_000)));
        $this->assertFalse($fit->isInside(Length::ofNanometres(99_940_000)), 'the quarter counts at the limit');
    }

    public function test_findings_of_a_sleeve_stand_in_their_order(): void
    {
        $all = SleeveFit::findings(Length::ofNanometres(1), Length::ofNanometres(2), 2, true, true, true);
        $this->assertSame(SleeveFinding::cases(), $all);
        $this->assertSame([], SleeveFit::findings(Length::ofNanometres(2), Length::ofNanometres(2), 1, false, false, false));
    }

    /** @return non-empty-list<TracedPoint> A wall worn to one side, with some roughness */
    private function traced(): array
    {
        $side = deg2rad($this->chance->getInt(0, 359));
        $points = [];
        foreach ([Station::Top, Station::Bottom] as $station) {
            for ($degrees = 0; $degrees < 360; $degrees += 30) {
                $wear = max(0, 120_000 * cos(deg2rad($degrees) - $side)) + $this->chance->getInt(0, 9_000);
                $points[] = new TracedPoint($degrees, $station, Length::ofNanometres(self::RADIUS + (int) $wear));
            }
        }

        return $points;
    }

    /** @return non-empty-list<Height> */
    private function face(int $points): array
    {
        return array_map(
            fn (int $index): Height => new Height(
                ($index % 6) * 80_000_000,
                intdiv($index, 6) * 40_000_000,
                $this->chance->getInt(0, 100_000),
            ),
            range(0, $points - 1),
        );
    }
}

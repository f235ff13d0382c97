<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Policy\GrindAim;
use NorthLedger\Core\Features\Bores\Crosshatch;
use NorthLedger\Core\Features\Crankshaft\GrindAction;
use NorthLedger\Core\Features\Crankshaft\GrindPlan;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\JournalInspection;
use NorthLedger\Core\Features\Crankshaft\JournalJudge;
use NorthLedger\Core\Features\Crankshaft\JournalLimits;
use NorthLedger\Core\Features\Crankshaft\JournalReading;
use NorthLedger\Core\Features\Crankshaft\JudgedJournal;
use NorthLedger\Core\Features\Weights\BalanceGoal;
use NorthLedger\Core\Features\Weights\BalanceMatch;
use NorthLedger\Core\Features\Weights\ExchangeBalance;
use NorthLedger\Core\Features\Weights\ExhaustiveBalance;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\Roughness;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RunningGearTest extends TestCase
{
    private const LEAST = 60_299_600;

    private const MOST = 60_325_000;

    private Randomizer $chance;

    protected function setUp(): void
    {
        $this->chance = new Randomizer(new Mt19937(198));
    }

    public function test_more_wear_never_asks_for_a_smaller_undersize(): void
    {
        $before = 0;
        for ($wear = 0; $wear <= 900_000; $wear += 9_000) {
            $plan = $this->plan([$this->journal($wear)]);
            $undersize = match ($plan->action) {
                GrindAction::Polish => 0,
                GrindAction::Grind => $plan->undersize->nanometres ?? $this->fail('no undersize'),
                GrindAction::WeldOrReplace => PHP_INT_MAX,
            };
            $this->assertGreaterThanOrEqual($before, $undersize, "at {$wear} nm");
            $before = $undersize;
        }
        $this->assertSame(PHP_INT_MAX, $before);
    }

    public function test_one_journal_grinds_its_group_and_a_score_counts_twice(): void
    {
        $this->assertSame(GrindAction::Polish, $this->plan([$this->journal(0), $this->journal(0)])->action);
        $this->assertSame(GrindAction::Grind, $this->plan([$this->journal(0), $this->journal(0, score: 1_000)])->action);
        $deep = $this->plan([$this->journal(0, score: 130_000)]);
        $this->assertSame(508_000, $deep->undersize?->nanometres, '2 × 0.130 + 0.0508 mm do not come out at 0.254');
    }

    public function test_counting_through_finds_what_trying_everything_finds(): void
    {
        for ($round = 0; $round < 12; $round++) {
            $masses = $this->masses(4, 3);
            foreach ([false, true] as $pairs) {
                $goal = new BalanceGoal($pairs);
                $found = $goal->of(BalanceGoal::sums($masses, (new ExhaustiveBalance($goal))->best($masses)));
                $this->assertSame($this->bestByTrying($goal, $masses), $found);
            }
        }
    }

    public function test_exchanging_comes_within_five_hundredths_of_a_gram_of_counting_through(): void
    {
        foreach ([[false, 6, 3], [false, 5, 4], [true, 6, 2], [true, 4, 3], [true, 8, 2]] as [$pairs, $cylinders, $kinds]) {
            $goal = new BalanceGoal($pairs);
            $masses = $this->masses($cylinders, $kinds);
            $exact = $goal->of(BalanceGoal::sums($masses, (new ExhaustiveBalance($goal))->best($masses)));
            $near = $goal->of(BalanceGoal::sums($masses, (new ExchangeBalance($goal))->best($masses)));
            $this->assertLessThanOrEqual($exact[0] + 50_000, $near[0], "crankpins of {$cylinders} by {$kinds}");
            if (! $pairs) {
                $this->assertLessThanOrEqual($exact[1] + 50_000, $near[1], "cylinders of {$cylinders} by {$kinds}");
            }
        }
    }

    public function test_a_vee_eight_of_five_kinds_is_matched_evenly_and_always_the_same_way(): void
    {
        $kinds = array_combine(
            ['pistons', 'pins', 'rings', 'locks', 'rods'],
            array_map(static fn (array $kind): array => array_map(Mass::ofMicrograms(...), $kind), $this->masses(8, 5)),
        );
        $match = BalanceMatch::of($kinds, 2);
        $this->assertEquals($match, BalanceMatch::of($kinds, 2));
        $this->assertLessThanOrEqual(100_000, $match->crankpinSpread->micrograms ?? PHP_INT_MAX, 'the parts are a tenth of a gram apart');
        $this->assertCount(4, $match->pairs);
    }

    public function test_speeds_and_angles_are_each_others_inverse(): void
    {
        $bore = Length::ofNanometres(96_837_500);
        $stroke = Length::ofNanometres(180_000_000);
        for ($angle = 5.0; $angle < 175; $angle += 7.5) {
            $cycles = Crosshatch::included($angle)->cyclesAt($bore, $stroke, 180);
            $this->assertEqualsWithDelta($angle, Crosshatch::ofSpeeds($bore, $stroke, 180, $cycles)->includedAngle(), 1e-9);
            $this->assertEqualsWithDelta(180, Crosshatch::included($angle)->rpmAt($bore, $stroke, $cycles), 1e-9);
        }
        $this->expectException(PlanningException::class);
        Crosshatch::fromHorizontal(90);
    }

    public function test_a_sleeve_of_one_end_of_a_range_is_asked_for_the_other(): void
    {
        $this->expectException(PlanningException::class);
        $this->expectExceptionMessage('refusal.what.interference_end');
        SleeveFit::of(
            array_fill(0, 4, Length::ofNanometres(101_612_700)),
            Length::ofNanometres(25_400),
            null,
            null,
            Length::ofNanometres(96_837_500),
        );
    }

    private function journal(int $wear, int $score = 0): JudgedJournal
    {
        $readings = [];
        foreach (['front', 'rear'] as $station) {
            foreach (['a', 'b'] as $axis) {
                $readings[] = new JournalReading(
                    $station,
                    $axis,
                    Length::ofNanometres(60_312_300 - ($axis === 'b' ? $wear : intdiv($wear, 3))),
                );
            }
        }
        $limits = new JournalLimits(
            Length::ofNanometres(12_700),
            Length::ofNanometres(12_700),
            Length::ofNanometres(25_400),
            Roughness::ofNanometres(100),
            Roughness::ofNanometres(250),
        );

        return (new JournalJudge(
            Length::ofNanometres(self::LEAST),
            Length::ofNanometres(self::MOST),
            $this->undersizes(),
            $limits,
            Length::ofNanometres(50_800),
        ))->judge(JournalInspection::of('main 1', JournalGroup::Mains, $readings, Length::ofNanometres($score), Length::zero(), null));
    }

    /** @param  non-empty-list<JudgedJournal>  $journals */
    private function plan(array $journals): GrindPlan
    {
        return GrindPlan::of(
            $journals,
            Length::ofNanometres(self::LEAST),
            Length::ofNanometres(self::MOST),
            $this->undersizes(),
            GrindAim::Middle,
            null,
        );
    }

    /** @return list<Length> */
    private function undersizes(): array
    {
        return array_map(Length::ofNanometres(...), [254_000, 508_000, 762_000]);
    }

    /** @return non-empty-list<list<int>> Parts around 500 g, some grams apart */
    private function masses(int $cylinders, int $kinds): array
    {
        return array_map(
            fn (): array => array_map(fn (): int => 500_000_000 + $this->chance->getInt(0, 60) * 100_000, range(1, $cylinders)),
            range(1, $kinds),
        );
    }

    /**
     * @param  non-empty-list<list<int>>  $masses  Of three kinds
     * @return array{int, int}
     */
    private function bestByTrying(BalanceGoal $goal, array $masses): array
    {
        $best = [PHP_INT_MAX, PHP_INT_MAX];
        foreach ($this->orders(array_keys($masses[1])) as $second) {
            foreach ($this->orders(array_keys($masses[2])) as $third) {
                $best = min($best, $goal->of(BalanceGoal::sums($masses, [array_keys($masses[0]), $second, $third])));
            }
        }

        return $best;
    }

    /**
     * @param  list<int>  $parts
     * @return list<list<int>>
     */
    private function orders(array $parts): array
    {
        if (count($parts) < 2) {
            return [$parts];
        }
        $orders = [];
        foreach ($parts as $index => $part) {
            $rest = $parts;
            array_splice($rest, $index, 1);
            foreach ($this->orders($rest) as $order) {
                $orders[] = [$part, ...$order];
            }
        }

        return $orders;
    }
}

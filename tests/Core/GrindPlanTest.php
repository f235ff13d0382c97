<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Policy\GrindAim;
use NorthLedger\Core\Features\Crankshaft\GrindAction;
use NorthLedger\Core\Features\Crankshaft\GrindPlan;
use NorthLedger\Core\Features\Crankshaft\JournalFinish;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\JournalInspection;
use NorthLedger\Core\Features\Crankshaft\JournalReading;
use NorthLedger\Core\Features\Crankshaft\JudgedJournal;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The undersize of a group, at the very size where one more nanometre of wear asks for the next. */
final class GrindPlanTest extends TestCase
{
    private const LEAST = 60_300_000;

    private const MOST = 60_324_000;

    /** @return iterable<string, array{GrindAim, int}> The school and what it grinds to at the first undersize */
    public static function schools(): iterable
    {
        yield 'the middle of the range' => [GrindAim::Middle, 60_058_000];
        yield 'the top, to leave the most metal' => [GrindAim::High, 60_070_000];
        yield 'the bottom, to leave the most oil' => [GrindAim::Low, 60_046_000];
    }

    #[DataProvider('schools')]
    public function test_each_school_has_its_target_and_grinds_to_it_when_it_just_comes_clean(GrindAim $aim, int $target): void
    {
        $just = $this->plan([$this->toGrind($target)], $aim);
        $this->assertSame(
            [GrindAction::Grind, 254_000, $target],
            [$just->action, $just->undersize?->nanometres, $just->target?->nanometres],
        );

        $past = $this->plan([$this->toGrind($target - 1)], $aim);
        $this->assertSame([508_000, $target - 254_000], [$past->undersize?->nanometres, $past->target?->nanometres]);
    }

    public function test_a_school_that_aims_low_can_save_an_undersize(): void
    {
        $journals = [$this->toGrind(60_046_000)];

        $this->assertSame(254_000, $this->plan($journals, GrindAim::Low)->undersize?->nanometres);
        $this->assertSame(508_000, $this->plan($journals, GrindAim::High)->undersize?->nanometres);
    }

    public function test_the_worst_journal_decides_for_those_that_polishing_would_do(): void
    {
        $this->assertSame(GrindAction::Polish, $this->plan([$this->toPolish(), $this->toPolish()])->action);

        $plan = $this->plan([$this->toPolish(), $this->toGrind(59_804_000), $this->toGrind(60_058_000)]);
        $this->assertSame(508_000, $plan->undersize?->nanometres);
    }

    public function test_offered_undersizes_are_tried_smallest_first_in_whatever_order_they_stand(): void
    {
        $offered = [762_000, 254_000, 508_000];
        foreach ([[0, 1, 2], [2, 1, 0], [1, 0, 2]] as $order) {
            $plan = $this->plan([$this->toGrind(60_058_000)], offered: array_map(static fn (int $index): int => $offered[$index], $order));
            $this->assertSame(254_000, $plan->undersize?->nanometres);
        }
    }

    public function test_past_the_last_undersize_it_is_welded_or_replaced_and_nothing_is_promised(): void
    {
        foreach ([[254_000, 508_000], []] as $offered) {
            $plan = $this->plan([$this->toGrind(59_803_999)], offered: $offered);
            $this->assertSame(
                [GrindAction::WeldOrReplace, null, null, null],
                [$plan->action, $plan->undersize, $plan->target, $plan->caseLeft],
            );
            $this->assertFalse($plan->losesItsCase());
        }
    }

    /** @return iterable<string, array{?int, ?int, bool}> Case depth, what is left of it, and whether it is lost */
    public static function cases(): iterable
    {
        yield 'not hardened' => [null, null, false];
        yield 'deep enough' => [300_000, 173_000, false];
        yield 'a nanometre left' => [127_001, 1, false];
        yield 'ground just through' => [127_000, 0, true];
        yield 'ground past it' => [100_000, -27_000, true];
    }

    #[DataProvider('cases')]
    public function test_grinding_takes_half_the_undersize_off_the_case(?int $depth, ?int $left, bool $isLost): void
    {
        $plan = $this->plan([$this->toGrind(60_058_000)], caseDepth: $depth);

        $this->assertSame([$left, $isLost], [$plan->caseLeft?->nanometres, $plan->losesItsCase()]);
    }

    public function test_polishing_takes_nothing_off_the_case(): void
    {
        $this->assertNull($this->plan([$this->toPolish()], caseDepth: 100)->caseLeft);
    }

    /**
     * @param  non-empty-list<JudgedJournal>  $journals
     * @param  list<int>  $offered  Undersizes in nanometres
     */
    private function plan(
        array $journals,
        GrindAim $aim = GrindAim::Middle,
        array $offered = [254_000, 508_000],
        ?int $caseDepth = null,
    ): GrindPlan {
        return GrindPlan::of(
            $journals,
            Length::ofNanometres(self::LEAST),
            Length::ofNanometres(self::MOST),
            array_map(Length::ofNanometres(...), $offered),
            $aim,
            $caseDepth === null ? null : Length::ofNanometres($caseDepth),
        );
    }

    private function toPolish(): JudgedJournal
    {
        return $this->judged(true, self::LEAST);
    }

    /** @param  int  $need  The largest size to which it grinds clean, in nanometres */
    private function toGrind(int $need): JudgedJournal
    {
        return $this->judged(false, $need);
    }

    private function judged(bool $polishOnly, int $need): JudgedJournal
    {
        $grid = [];
        foreach (['front', 'rear'] as $station) {
            foreach (['a', 'b'] as $axis) {
                $grid[] = new JournalReading($station, $axis, Length::ofNanometres(self::LEAST));
            }
        }
        $inspection = JournalInspection::of('rod 1', JournalGroup::Rods, $grid, Length::zero(), Length::zero(), null);

        return new JudgedJournal($inspection, Length::zero(), $polishOnly, JournalFinish::NotMeasured, Length::ofNanometres($need));
    }
}

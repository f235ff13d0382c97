<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use DateTimeZone;
use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Loading\JobToLoad;
use NorthLedger\Core\Loading\MinutesOfWork;
use NorthLedger\Core\Scheduling\LearnedMinutes;
use NorthLedger\Core\Scheduling\Load;
use NorthLedger\Core\Scheduling\OpenDays;
use NorthLedger\Core\Scheduling\OpenMinutes;
use NorthLedger\Core\Scheduling\PlannedOperation;
use NorthLedger\Core\Scheduling\ScheduledJob;
use NorthLedger\Core\Scheduling\Scheduler;
use NorthLedger\Core\Scheduling\SchedulingException;
use NorthLedger\Core\Scheduling\Units;
use NorthLedger\Core\Scheduling\WeekHours;
use NorthLedger\Core\Work\LeftWork;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Precedence;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\UsualMinutes;
use NorthLedger\Core\Work\WorkOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is left of orders becomes a load: minutes, hours, waits, and what nobody can plan (LOAD-1, LOAD-2, LOAD-5). */
final class LoadingTest extends TestCase
{
    public function test_what_is_left_of_an_order_is_one_piece_of_work_a_kind_and_comes_after_the_nearest(): void
    {
        $left = LeftWork::of($this->order(), ['wash'], []);
        $this->assertSame(
            [['bore', ['1', '2'], []], ['pistons measured', ['1', '2'], []], ['hone', ['1', '2'], ['bore', 'pistons measured']]],
            array_map(static fn (LeftWork $one): array => [$one->kind->value, $one->places, array_column($one->after, 'value')], $left),
        );
    }

    public function test_what_was_found_at_one_cylinder_holds_that_one_and_all_that_follows_and_a_question_only_waits(): void
    {
        $left = LeftWork::of($this->order(), ['wash'], [new Stop(StopReason::Undecided, 2)]);
        $this->assertSame([['1'], ['2']], [$left[0]->places, $left[0]->held]);
        $job = new JobToLoad('A', $left);
        $this->assertContains(OperationKind::Hone, $job->stopped());
        $codes = array_column($this->operations($job), 'code');
        $this->assertContains('A/bore', $codes);
        $this->assertNotContains('A/hone', $codes);

        $asked = LeftWork::of($this->order(), ['wash'], [new Stop(StopReason::CustomerAsked, null, '', null)]);
        $this->assertSame([true, []], [$asked[0]->isAsked, $asked[0]->held]);
        $this->assertSame([], (new JobToLoad('A', $asked))->stopped());
    }

    public function test_minutes_that_were_spent_are_not_planned_again_and_a_sleeve_cools(): void
    {
        $left = [new LeftWork(OperationKind::Bore, ['1', '2'], [], []), new LeftWork(OperationKind::Sleeve, ['2'], [], [])];
        [$bore, $sleeve] = $this->operations(new JobToLoad('A', $left, ['sleeve' => 500], ['bore' => 50]));
        $this->assertSame([0, 2 * 35 - 50], [$bore->setup, $bore->run]);
        [$bore] = $this->operations(new JobToLoad('A', $left, [], ['bore' => 90]));
        $this->assertSame(5, $bore->run, 'what takes longer than was thought is never over');
        $this->assertSame([60, 500, 'mill'], [$sleeve->wait, $sleeve->earliest, $sleeve->machine]);
    }

    public function test_shells_come_days_after_the_journals_are_ground_and_pistons_from_now_on(): void
    {
        $left = [
            new LeftWork(OperationKind::OrderMainShells, [''], [], [OperationKind::GrindMains]),
            new LeftWork(OperationKind::OrderPistons, [''], [], []),
            new LeftWork(OperationKind::HardenCrank, [''], [], []),
        ];
        [$shells, $pistons, $hardening] = $this->operations(new JobToLoad('A', $left));
        $this->assertSame([null, 0, 6 * 1440], [$shells->machine, $shells->run, $shells->wait]);
        $this->assertSame([null, 0, 0], [$pistons->machine, $pistons->run, $pistons->wait]);
        $this->assertSame([null, 6 * 1440], [$hardening->machine, $hardening->run], 'it is away, by the clock');
    }

    public function test_the_next_takes_what_the_median_of_the_last_ten_took(): void
    {
        $this->assertNull(LearnedMinutes::of([], 4));
        $taken = array_map(static fn (int $minutes): array => ['minutes' => $minutes, 'places' => 1], [
            50,
            10,
            20,
            90,
            30,
            40,
            60,
            70,
            80,
            100,
            5000,
        ]);
        $learned = LearnedMinutes::of($taken, 1);
        $this->assertSame([55, 10], [$learned?->minutes, $learned?->jobs], 'the eleventh is forgotten; between 50 and 60');
        $this->assertSame(120, LearnedMinutes::of([['minutes' => 240, 'places' => 8]], 4)?->minutes, 'by the place');

        $deck = $this->usual(OperationKind::Deck);
        $minutes = MinutesOfWork::of($deck, LearnedMinutes::of([['minutes' => 200, 'places' => 4]], 4), 4);
        $this->assertSame([40, 160, 40 + 4 * 45, 1], [$minutes->setup, $minutes->run, $minutes->listed, $minutes->jobs]);
        $minutes = MinutesOfWork::of($deck, null, 4);
        $this->assertSame([40, 180, 220, 0, true], [$minutes->setup, $minutes->run, $minutes->listed, $minutes->jobs, $minutes->isPriced]);
        $this->assertFalse($this->usual(OperationKind::Wash)->isPriced, 'the price list has no line for washing');
    }

    /** @param  array<string, string>  $days */
    #[DataProvider('unreadableHours')]
    public function test_hours_that_cannot_be_read_name_their_day(array $days, string $day): void
    {
        try {
            WeekHours::of($days);
            $this->fail('were read');
        } catch (SchedulingException $exception) {
            $this->assertSame([$day], $exception->about);
            $this->assertSame('refusal.scheduling.hours', $exception->said()->code);
        }
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function unreadableHours(): iterable
    {
        yield 'words' => [['mon' => 'mornings'], 'mon'];
        yield 'the end first' => [['tue' => '17:00–8:00'], 'tue'];
        yield 'one over another' => [['wed' => '8:00–12:00, 11:00–17:00'], 'wed'];
        yield 'no such minute' => [['thu' => '8:75–12:00'], 'thu'];
        yield 'after midnight' => [['fri' => '8:00–25:00'], 'fri'];
    }

    public function test_open_minutes_follow_the_week_days_off_and_the_change_of_the_clock(): void
    {
        $hours = WeekHours::of(['mon' => '8-12, 12:30–17:00', 'sun' => '10:00 to 11:00']);
        $this->assertSame('8:00–12:00, 12:30–17:00', $hours->written()['mon']);
        $this->assertSame($hours->written(), WeekHours::of($hours->written())->written());
        // Noon on the Saturday before clocks go back: Sunday has twenty-five hours.
        $zero = new DateTimeImmutable('2026-10-24 12:00', new DateTimeZone('Europe/Berlin'));
        $spans = OpenDays::spans($hours, $zero, 3);
        $this->assertSame([1380, 1440], $spans[0]);
        $this->assertSame([[2700, 2940], [2970, 3240]], array_slice($spans, 1), 'Monday at eight is 45 hours later');
        $open = OpenMinutes::of('mill', $spans)->without([[1400, 2800], [5000, 6000]]);
        $this->assertSame([[1380, 1400], [2800, 2940], [2970, 3240]], $open->spans());
        $this->assertSame(2800, $open->openFrom(1400));
        $this->assertSame([[1380, 1520], [2800, 2940], [2970, 3360]], $open->longerBy(120)->spans(), 'the break at noon stays one');
    }

    public function test_jobs_go_to_the_bench_with_the_least_to_do_and_stay_there(): void
    {
        $jobs = [new ScheduledJob('B', 200, 1), new ScheduledJob('A', 100, 1), new ScheduledJob('C', 300, 1)];
        $operations = [];
        foreach (['A' => 50, 'B' => 20, 'C' => 10] as $job => $run) {
            foreach (['x', 'y'] as $what) {
                $operations[] = new PlannedOperation("{$job}{$what}", $job, 'bench', 0, $run);
            }
        }
        $spread = Units::spread($operations, $jobs, ['bench' => 2]);
        $this->assertSame(['bench', 'bench', 'bench 2', 'bench 2', 'bench 2', 'bench 2'], array_column($spread, 'machine'));
        $this->assertSame(['bench', 'bench'], array_map(Units::machineOf(...), ['bench 2', 'bench']));
        $this->assertSame($operations, Units::spread($operations, $jobs, []));
    }

    public function test_the_soonest_start_counts_all_that_comes_before(): void
    {
        $load = Load::of(
            ['mill' => OpenMinutes::of('mill', [[60, 120], [200, 400]])],
            [new ScheduledJob('A', 400, 1)],
            [
                new PlannedOperation('bore', 'A', 'mill', 0, 90),
                new PlannedOperation('cool', 'A', null, 0, 30, null, ['bore']),
                new PlannedOperation('hone', 'A', 'mill', 0, 10, null, ['cool']),
            ],
        );
        $this->assertSame(260, Scheduler::soonest($load, 'hone'), '60 to 120, 200 to 230, and half an hour');
        $this->assertSame(260, Scheduler::best($load)->placements['hone']->start);
    }

    private function order(): WorkOrder
    {
        $operations = [new Operation(OperationKind::Wash)];
        foreach ([OperationKind::Bore, OperationKind::PistonsMeasured, OperationKind::Hone] as $kind) {
            foreach (['1', '2'] as $place) {
                $operations[] = new Operation($kind, $place);
            }
        }

        return WorkOrder::of($operations, Precedence::under(OrderOfWork::DeckFirst, OrderOfParts::AtOnce, []));
    }

    /** @return list<PlannedOperation> */
    private function operations(JobToLoad $job): array
    {
        return $job->operations(
            fn (LeftWork $one): MinutesOfWork => MinutesOfWork::of($this->usual($one->kind), null, count($one->places)),
            static fn (): int => 6,
        );
    }

    private function usual(OperationKind $kind): UsualMinutes
    {
        return UsualMinutes::of($kind, Bench::policy()->prices, 'tarn-4-198');
    }
}

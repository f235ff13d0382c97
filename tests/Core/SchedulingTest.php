<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Scheduling\ChainLink;
use NorthLedger\Core\Scheduling\Figures;
use NorthLedger\Core\Scheduling\HeldBy;
use NorthLedger\Core\Scheduling\Help;
use NorthLedger\Core\Scheduling\HelpKind;
use NorthLedger\Core\Scheduling\LateJob;
use NorthLedger\Core\Scheduling\Load;
use NorthLedger\Core\Scheduling\LoadDocument;
use NorthLedger\Core\Scheduling\OpenMinutes;
use NorthLedger\Core\Scheduling\ScheduledJob;
use NorthLedger\Core\Scheduling\Scheduler;
use NorthLedger\Core\Scheduling\SchedulingException;
use NorthLedger\Core\Scheduling\SchedulingFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\CaseAdapters\ScheduleAdapter;

/** Machines and days: small loads are planned as well as can be, large ones never worse than earliest due first (LOAD-1 … LOAD-4). */
final class SchedulingTest extends TestCase
{
    public function test_a_small_load_is_as_good_as_the_best_of_all_its_orders(): void
    {
        $refused = 0;
        for ($seed = 1; $seed <= 240; $seed++) {
            $document = $this->random($seed, operations: 5, jobs: 3, machines: 2, days: 3);
            $best = $this->bestOfAll($document);
            try {
                $load = LoadDocument::read($document);
                $schedule = Scheduler::best($load);
            } catch (SchedulingException $exception) {
                $this->assertNull($best, "seed {$seed}: {$exception->getMessage()}");
                $refused++;

                continue;
            }
            $this->assertNotNull($best, "seed {$seed}");
            $this->assertTrue($schedule->isBest);
            $worth = ScheduleAdapter::worth($load, array_column($document['machines'], 'open', 'machine'), $schedule);
            $this->assertSame($best, array_map(intval(...), array_values($worth)), "seed {$seed}");
            $this->assertSame(
                $best,
                array_map(intval(...), [$schedule->figures->weightedLateness, $schedule->figures->weightedEnd, $schedule->figures->setups]),
            );
        }
        $this->assertGreaterThan(5, $refused, 'some loads have pins that cannot be kept');
        $this->assertLessThan(120, $refused);
    }

    public function test_a_large_load_is_never_worse_than_earliest_due_first_and_keeps_every_rule(): void
    {
        $better = 0;
        for ($seed = 1; $seed <= 60; $seed++) {
            $document = $this->random($seed, operations: 26, jobs: 7, machines: 3, days: 30, mayPin: false);
            $load = LoadDocument::read($document);
            $schedule = Scheduler::best($load, 60);
            $worth = ScheduleAdapter::worth($load, array_column($document['machines'], 'open', 'machine'), $schedule);
            $plain = $this->earliestDueFirst($document);
            $this->assertLessThanOrEqual(0, array_map(intval(...), array_values($worth)) <=> $plain, "seed {$seed}");
            $this->assertGreaterThanOrEqual(0, $schedule->figures->comparedTo(Scheduler::bound($load)));
            $better += array_map(intval(...), array_values($worth)) < $plain ? 1 : 0;
        }
        $this->assertGreaterThan(30, $better, 'it is worth the work');
    }

    public function test_the_same_load_gives_the_same_schedule(): void
    {
        $document = $this->random(7, operations: 30, jobs: 8, machines: 3, days: 40, mayPin: false);
        $plan = static fn (): array => LoadDocument::of(LoadDocument::read($document), Scheduler::best(LoadDocument::read($document), 50));
        $this->assertSame($plan(), $plan());
    }

    public function test_a_schedule_that_stands_is_kept_where_it_is_as_good(): void
    {
        $load = LoadDocument::read($this->random(11, operations: 30, jobs: 8, machines: 3, days: 40, mayPin: false));
        $stands = Scheduler::best($load, 60);
        $again = Scheduler::best($load, 0, $stands->order());
        $this->assertLessThanOrEqual(0, $again->figures->comparedTo($stands->figures));
    }

    public function test_a_late_job_says_what_it_waited_for_and_what_would_help(): void
    {
        $load = LoadDocument::read([
            'machines' => [
                ['machine' => 'mill', 'open' => [[0, 480], [1440, 1920], [2880, 3360], [4320, 4800]]],
                ['machine' => 'hone', 'open' => [[0, 480], [1440, 1920], [2880, 3360], [4320, 4800]]],
            ],
            'jobs' => [['job' => 'A', 'due' => 400, 'weight' => 1], ['job' => 'B', 'due' => 300, 'weight' => 5]],
            'operations' => [
                ['operation' => 'deck B', 'job' => 'B', 'machine' => 'mill', 'run' => 300],
                ['operation' => 'deck A', 'job' => 'A', 'machine' => 'mill', 'run' => 100, 'wait' => 60],
                ['operation' => 'hone A', 'job' => 'A', 'machine' => 'hone', 'run' => 90, 'after' => ['deck A'], 'earliest' => 1500],
            ],
        ]);
        $late = LateJob::all($load, Scheduler::best($load));
        $this->assertSame([['A', 1190]], array_map(static fn (LateJob $one): array => [$one->code, $one->minutesLate], $late));
        $this->assertEquals([new ChainLink('hone A', HeldBy::Earliest, null)], $late[0]->chain());
        // With its pistons a day sooner it would go before the heavier job, and make that one late.
        $this->assertEquals([new Help(HelpKind::PartSooner, 'hone A', 1340, 100, 1)], $late[0]->whatHelps());

        $sooner = $load->with([$load->operations['hone A']->noSoonerThan(0)]);
        $late = LateJob::all($sooner, Scheduler::best($sooner));
        $this->assertSame([['B', 100]], array_map(static fn (LateJob $one): array => [$one->code, $one->minutesLate], $late));
        $this->assertEquals(
            [new ChainLink('deck A', HeldBy::Nothing, null), new ChainLink('deck B', HeldBy::Machine, 'deck A')],
            $late[0]->chain(),
        );
        $this->assertEquals([new Help(HelpKind::JobFirst, 'B', 100, 1110)], $late[0]->whatHelps());
    }

    public function test_what_comes_over_a_weekend_is_held_by_its_part_and_helped_by_three_days_and_a_long_repair_by_neither(): void
    {
        // Friday to noon, and from Monday on; the pistons come at midnight before Monday.
        $document = static fn (array $open): array => [
            'machines' => [['machine' => 'hone', 'open' => $open]],
            'jobs' => [['job' => 'A', 'due' => 4000, 'weight' => 1]],
            'operations' => [['operation' => 'hone A', 'job' => 'A', 'machine' => 'hone', 'run' => 60, 'earliest' => 4320]],
        ];
        $load = LoadDocument::read($document([[480, 1020], [4800, 5340]]));
        $late = LateJob::all($load, Scheduler::best($load));
        $this->assertEquals([new ChainLink('hone A', HeldBy::Earliest, null)], $late[0]->chain());
        $this->assertEquals([new Help(HelpKind::PartSooner, 'hone A', 4320, 0, 3)], $late[0]->whatHelps(), 'a day sooner is a Sunday');

        $load = LoadDocument::read($document([[480, 540], [9000, 9540]]));
        $late = LateJob::all($load, Scheduler::best($load));
        $this->assertEquals([new ChainLink('hone A', HeldBy::Closed, null)], $late[0]->chain());
    }

    public function test_what_is_said_to_help_helps_as_it_says(): void
    {
        $said = 0;
        for ($seed = 300; $seed < 330; $seed++) {
            $load = LoadDocument::read($this->random($seed, operations: 7, jobs: 3, machines: 2, days: 12, mayPin: false));
            $schedule = Scheduler::best($load);
            foreach (LateJob::all($load, $schedule) as $late) {
                $this->assertSame($schedule->ends[$late->code] - $load->jobs[$late->code]->due, $late->minutesLate);
                $this->assertSame($late->code, $load->operations[$late->chain()[count($late->chain()) - 1]->operation]->job);
                foreach ($late->whatHelps() as $help) {
                    $tried = match ($help->kind) {
                        HelpKind::PartSooner => $load->with([
                            $load->operations[$help->about]->noSoonerThan($load->operations[$help->about]->earliest - 1440),
                        ]),
                        HelpKind::JobFirst => $load->with(jobs: [new ScheduledJob($late->code, $load->jobs[$late->code]->due, 1_000_000)]),
                        HelpKind::LongerHours => $load->with(machines: [$help->about => $load->machines[$help->about]->longerBy(120)]),
                    };
                    $this->assertSame($help->minutesSooner, $schedule->ends[$late->code] - Scheduler::best($tried)->ends[$late->code]);
                    $said++;
                }
            }
        }
        $this->assertGreaterThan(10, $said);
    }

    public function test_open_minutes_pause_and_go_on(): void
    {
        $open = OpenMinutes::of('mill', [[480, 720], [720, 1020], [1920, 2460]]);
        $this->assertSame(480, $open->openFrom(0));
        $this->assertSame(1920, $open->openFrom(1020));
        $this->assertNull($open->openFrom(2460));
        $this->assertSame(1020, $open->end(480, 540));
        $this->assertSame(1921, $open->end(480, 541));
        $this->assertNull($open->end(480, 1081));
        $this->assertSame(500, $open->end(500, 0));
    }

    /** @return iterable<string, array{array<string, mixed>, SchedulingFault}> */
    public static function refusals(): iterable
    {
        yield 'a weight below zero' => [['jobs' => [['job' => 'A', 'due' => 0, 'weight' => 0]]], SchedulingFault::UnknownWord];
        yield 'a run below zero' => [
            ['operations' => [['operation' => 'a', 'job' => 'J', 'machine' => 'm', 'run' => -1]]],
            SchedulingFault::BadValue,
        ];
        yield 'hours that end before they begin' => [['machines' => [['machine' => 'm', 'open' => [[5, 3]]]]], SchedulingFault::BadValue];
        yield 'a circle of one' => [
            ['operations' => [['operation' => 'a', 'job' => 'J', 'machine' => 'm', 'run' => 1, 'after' => ['a']]]],
            SchedulingFault::Circular,
        ];
        yield 'two pins that overlap' => [
            [
                'operations' => [
                    ['operation' => 'a', 'job' => 'J', 'machine' => 'm', 'run' => 10, 'pinned' => 5],
                    ['operation' => 'b', 'job' => 'J', 'machine' => 'm', 'run' => 10, 'pinned' => 10],
                ],
            ],
            SchedulingFault::CannotPin,
        ];
        yield 'a machine without hours' => [['machines' => [['machine' => 'm', 'open' => []]]], SchedulingFault::NoTimeLeft];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_planned_is_refused_by_its_code(array $changes, SchedulingFault $fault): void
    {
        $document = $changes + [
            'machines' => [['machine' => 'm', 'open' => [[0, 100]]]],
            'jobs' => [['job' => 'J', 'due' => 50, 'weight' => 1]],
            'operations' => [['operation' => 'a', 'job' => 'J', 'machine' => 'm', 'run' => 10]],
        ];
        try {
            Scheduler::best(LoadDocument::read($document));
            $this->fail('it was planned');
        } catch (SchedulingException $exception) {
            $this->assertSame($fault, $exception->fault);
            $this->assertNotSame([], $exception->about);
        }
    }

    public function test_lateness_counts_before_the_end_and_the_end_before_set_ups(): void
    {
        $this->assertTrue((new Figures(1, 99, 9))->isBetterThan(new Figures(2, 0, 0)));
        $this->assertTrue((new Figures(1, 5, 9))->isBetterThan(new Figures(1, 6, 0)));
        $this->assertTrue((new Figures(1, 5, 0))->isBetterThan(new Figures(1, 5, 1)));
        $this->assertFalse((new Figures(1, 5, 1))->isBetterThan(new Figures(1, 5, 1)));
    }

    /** @return array{machines: list<array<string, mixed>>, jobs: list<array<string, mixed>>, operations: list<array<string, mixed>>} */
    private function random(int $seed, int $operations, int $jobs, int $machines, int $days, bool $mayPin = true): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $one = static fn (int $of): bool => $random->getInt(1, $of) === 1;
        $load = ['machines' => [], 'jobs' => [], 'operations' => []];
        for ($machine = 0; $machine < $machines; $machine++) {
            $open = [];
            for ($day = 0; $day < $days; $day++) {
                $begin = $day * 100 + $random->getInt(0, 10);
                $open[] = [$begin, $begin + $random->getInt(40, 70)];
            }
            $load['machines'][] = ['machine' => "m{$machine}", 'open' => $open];
        }
        for ($job = 0; $job < $jobs; $job++) {
            $load['jobs'][] = ['job' => "J{$job}", 'due' => $random->getInt(20, 40 * $operations), 'weight' => $random->getInt(1, 5)];
        }
        for ($number = 0; $number < $operations; $number++) {
            $job = $random->getInt(0, $jobs - 1);
            $own = array_column(
                array_filter($load['operations'], static fn (array $other): bool => $other['job'] === "J{$job}"),
                'operation',
            );
            $load['operations'][] = [
                'operation' => "o{$number}",
                'job' => "J{$job}",
                'machine' => $one(7) ? null : 'm'.$random->getInt(0, $machines - 1),
                'setup' => $random->getInt(0, 12),
                'run' => $random->getInt(1, 30),
                'fixture' => $one(2) ? 'f'.$random->getInt(0, 1) : null,
                'after' => $own === [] || $one(3) ? [] : [$own[$random->getInt(0, count($own) - 1)]],
                'earliest' => $one(3) ? $random->getInt(0, 60) : 0,
                'wait' => $one(4) ? $random->getInt(1, 50) : 0,
                'pinned' => $mayPin && $one(9) ? $random->getInt(0, 100) : null,
            ];
        }

        return $load;
    }

    /**
     * Every order of the operations, each put behind the others minute by minute.
     *
     * @param  array<string, list<array<string, mixed>>>  $document
     * @return ?list<int>
     */
    private function bestOfAll(array $document): ?array
    {
        $best = null;
        foreach ($this->orders(array_column($document['operations'], null, 'operation')) as $order) {
            $worth = $this->walk($document, $order);
            $best = $worth !== null && ($best === null || $worth < $best) ? $worth : $best;
        }

        return $best;
    }

    /**
     * @param  array<string, array<string, mixed>>  $left
     * @param  list<string>  $before
     * @return iterable<list<string>>
     */
    private function orders(array $left, array $before = []): iterable
    {
        if ($left === []) {
            yield $before;
        }
        foreach ($left as $code => $operation) {
            if (array_diff($operation['after'], $before) === []) {
                yield from $this->orders(array_diff_key($left, [$code => true]), [...$before, $code]);
            }
        }
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $document
     * @param  list<string>  $order
     * @return ?list<int>
     */
    private function walk(array $document, array $order): ?array
    {
        $operations = array_column($document['operations'], null, 'operation');
        $open = array_column($document['machines'], 'open', 'machine');
        $free = $last = $over = [];
        $setups = 0;
        foreach ($order as $code) {
            $one = $operations[$code];
            $start = max([$one['earliest'], ...array_map(static fn (string $other): int => $over[$other], $one['after'])]);
            $machine = $one['machine'];
            if ($machine === null) {
                if ($one['pinned'] !== null && $one['pinned'] < $start) {
                    return null;
                }
                $over[$code] = ($one['pinned'] ?? $start) + $one['run'] + $one['wait'];

                continue;
            }
            $start = max($start, $free[$machine] ?? 0);
            if ($one['pinned'] !== null) {
                if ($one['pinned'] < $start || ! self::isOpen($open[$machine], $one['pinned'])) {
                    return null;
                }
                $start = $one['pinned'];
            }
            $before = $last[$machine] ?? null;
            $isSetUp =
                $before === null || $one['fixture'] === null || $before['fixture'] !== $one['fixture'] || $before['job'] !== $one['job'];
            $minutes = $one['run'] + ($isSetUp ? $one['setup'] : 0);
            $limit = max(array_column($open[$machine], 1));
            while ($start < $limit && ! self::isOpen($open[$machine], $start)) {
                $start++;
            }
            for ($minute = $start; $minutes > 0 && $minute < $limit; $minute++) {
                $minutes -= self::isOpen($open[$machine], $minute) ? 1 : 0;
            }
            if ($minutes > 0 || $start >= $limit) {
                return null;
            }
            $free[$machine] = $minute;
            $last[$machine] = $one;
            $over[$code] = $minute + $one['wait'];
            $setups += $isSetUp ? 1 : 0;
        }

        return $this->worth($document, $operations, $over, $setups);
    }

    /**
     * Whenever a machine is free, what is due first of what could begin.
     *
     * @param  array<string, list<array<string, mixed>>>  $document
     * @return ?list<int>
     */
    private function earliestDueFirst(array $document): ?array
    {
        $operations = array_column($document['operations'], null, 'operation');
        $due = array_column($document['jobs'], 'due', 'job');
        $order = [];
        while (count($order) < count($operations)) {
            $could = array_filter(
                $operations,
                static fn (array $one): bool => ! in_array($one['operation'], $order, true) && array_diff($one['after'], $order) === [],
            );
            uasort($could, static fn (array $one, array $other): int => $due[$one['job']] <=> $due[$other['job']]);
            $order[] = (string) array_key_first($could);
        }

        return $this->walk($document, $order);
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $document
     * @param  array<string, array<string, mixed>>  $operations
     * @param  array<string, int>  $over
     * @return list<int>
     */
    private function worth(array $document, array $operations, array $over, int $setups): array
    {
        $ends = [];
        foreach ($over as $code => $minute) {
            $ends[$operations[$code]['job']] = max($ends[$operations[$code]['job']] ?? 0, $minute);
        }
        $late = $weighted = 0;
        foreach ($document['jobs'] as $job) {
            $late += $job['weight'] * max(0, ($ends[$job['job']] ?? $job['due']) - $job['due']);
            $weighted += $job['weight'] * ($ends[$job['job']] ?? 0);
        }

        return [$late, $weighted, $setups];
    }

    /** @param  list<array{int, int}>  $open */
    private static function isOpen(array $open, int $minute): bool
    {
        foreach ($open as [$from, $to]) {
            if ($from <= $minute && $minute < $to) {
                return true;
            }
        }

        return false;
    }
}

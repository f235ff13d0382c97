<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Document\InvalidDocument;
use NorthLedger\Core\Scheduling\Load;
use NorthLedger\Core\Scheduling\LoadDocument;
use NorthLedger\Core\Scheduling\Schedule;
use NorthLedger\Core\Scheduling\Scheduler;
use NorthLedger\Core\Scheduling\SchedulingException;

/** Plans a load, and checks every start of the schedule minute by minute before it answers what it is worth. */
final class ScheduleAdapter implements Adapter
{
    public function run(Given $given): array
    {
        $machines = $given->value('machines');
        try {
            $load = LoadDocument::read([
                'machines' => $machines,
                'jobs' => $given->value('jobs'),
                'operations' => $given->value('operations'),
            ]);
            $schedule = Scheduler::best($load);
        } catch (InvalidDocument $exception) {
            throw Refusal::withCode($exception->faults[0]->value === 'nothing' ? 'missing_input' : 'bad_value');
        } catch (SchedulingException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }

        return self::worth($load, array_column($machines, 'open', 'machine'), $schedule);
    }

    /**
     * @param  array<string, list<array{int, int}>>  $open
     * @return array{weighted_lateness: float|int, weighted_end: float|int, setups: int}
     */
    public static function worth(Load $load, array $open, Schedule $schedule): array
    {
        $setups = 0;
        $ends = $over = $onMachine = [];
        foreach ($load->operations as $code => $operation) {
            $placement = $schedule->placements[$code];
            self::hold($operation->pinned === null || $placement->start === $operation->pinned, "{$code} is not where it is pinned");
            self::hold($placement->start >= $operation->earliest, "{$code} begins before it may");
            $over[$code] = $placement->end + $operation->wait;
            $ends[$operation->job] = max($ends[$operation->job] ?? 0, $over[$code]);
            $operation->machine === null
                ? self::hold($placement->end === $placement->start + $operation->run, "{$code} does not last as long as it waits")
                : ($onMachine[$operation->machine][] = $code);
        }
        foreach ($load->operations as $code => $operation) {
            foreach ($operation->after as $before) {
                self::hold($schedule->placements[$code]->start >= $over[$before], "{$code} begins before {$before} is over");
            }
        }
        foreach ($onMachine as $machine => $codes) {
            usort(
                $codes,
                static fn (string $one, string $other): int => [$schedule->placements[$one]->start, $schedule->placements[$one]->end] <=> [
                    $schedule->placements[$other]->start,
                    $schedule->placements[$other]->end,
                ],
            );
            $last = null;
            foreach ($codes as $code) {
                $placement = $schedule->placements[$code];
                $operation = $load->operations[$code];
                self::hold(
                    $last === null || $placement->start >= $schedule->placements[$last->code]->end,
                    "{$code} begins before its machine is free",
                );
                $isSetUp = ! $operation->sharesFixtureWith($last);
                $setups += $isSetUp ? 1 : 0;
                $needed = $operation->run + ($isSetUp ? $operation->setup : 0);
                self::hold(self::isOpen($open[$machine], $placement->start), "{$code} begins while its machine is closed");
                self::hold(
                    $needed === self::openMinutes($open[$machine], $placement->start, $placement->end) &&
                        ($needed === 0 ? $placement->end === $placement->start : self::isOpen($open[$machine], $placement->end - 1)),
                    "{$code} does not end when its open minutes are used up",
                );
                $last = $operation;
            }
        }
        $lateness = $weighted = 0;
        foreach ($ends as $job => $end) {
            $lateness += $load->jobs[$job]->weight * max(0, $end - $load->jobs[$job]->due);
            $weighted += $load->jobs[$job]->weight * $end;
        }

        return ['weighted_lateness' => $lateness, 'weighted_end' => $weighted, 'setups' => $setups];
    }

    private static function hold(bool $holds, string $complaint): void
    {
        $holds || throw new \LogicException($complaint);
    }

    /** @param  list<array{int, int}>  $open */
    private static function isOpen(array $open, int $minute): bool
    {
        return array_filter($open, static fn (array $span): bool => $span[0] <= $minute && $minute < $span[1]) !== [];
    }

    /** @param  list<array{int, int}>  $open */
    private static function openMinutes(array $open, int $from, int $to): int
    {
        $minutes = 0;
        for ($minute = $from; $minute < $to; $minute++) {
            $minutes += self::isOpen($open, $minute) ? 1 : 0;
        }

        return $minutes;
    }
}

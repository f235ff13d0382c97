<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** LOAD-1 to LOAD-3: every order of a small load tried, minute by span. */
final class ScheduleOracle implements Oracle
{
    /** @var array<string, array<string, mixed>> */
    private array $operations;

    /** @var array<string, list<array{int, int}>> */
    private array $open;

    /** @var list<array<string, mixed>> */
    private array $jobs;

    public function case(Chance $chance): array
    {
        $given = self::made($chance);
        $this->operations = array_column($given['operations'], null, 'operation');
        $this->open = array_column($given['machines'], 'open', 'machine');
        $this->jobs = $given['jobs'];
        $atMachines = array_keys(array_filter($this->operations, static fn (array $one): bool => $one['machine'] !== null));
        [$best, $unpinned] = [null, null];
        foreach (self::orders($atMachines) as $order) {
            $best = min(array_filter([$best, $this->worth($order, true)], is_array(...)) ?: [null]);
            $unpinned ??= $best ?? $this->worth($order, false);
        }

        return [
            'given' => $given,
            'expect' => $best === null
                ? ['error' => $unpinned === null ? 'no_time_left' : 'cannot_pin']
                : array_combine(['weighted_lateness', 'weighted_end', 'setups'], $best),
        ];
    }

    /** @return array<string, mixed> */
    private static function made(Chance $chance): array
    {
        $machines = $operations = $jobs = [];
        foreach (range(1, $chance->int(1, 3)) as $number) {
            $spans = [];
            $minute = $chance->of([0, 30]);
            foreach (range(1, $chance->int(2, 6)) as $_) {
                $spans[] = [$minute, $minute + $chance->of([60, 100, 240, 480])];
                $minute = end($spans)[1] + $chance->of([30, 60, 960]);
            }
            $machines[] = ['machine' => "machine {$number}", 'open' => [...$spans, [$minute, $minute + $chance->of([2_000, 2_000, 40])]]];
        }
        $names = range(1, $chance->int(1, 5));
        foreach ($names as $number) {
            $machine = $chance->isOneOf(7) ? null : $chance->of($machines)['machine'];
            $operations[] = [
                'operation' => "operation {$number}",
                'job' => 'job '.$chance->int(1, 2),
                'machine' => $machine,
                'setup' => $chance->of([0, 15, 30]),
                'run' => $chance->of([20, 40, 60, 130]),
                'fixture' => $chance->of([null, 'a', 'b']),
                'after' => array_values(array_filter(
                    array_map(static fn (int $before): string => "operation {$before}", array_slice($names, 0, $number - 1)),
                    static fn (): bool => $chance->isOneOf(4),
                )),
                'earliest' => $chance->of([0, 0, 50, 300]),
                'wait' => $chance->of([0, 0, 10, 200]),
                'pinned' => $machine !== null && $chance->isOneOf(12) ? $chance->of([60, 100, 150, 300]) : null,
            ];
        }
        foreach (array_unique(array_column($operations, 'job')) as $job) {
            $jobs[] = ['job' => $job, 'due' => $chance->of([100, 300, 500, 1_000]), 'weight' => $chance->int(1, 3)];
        }

        return ['machines' => $machines, 'jobs' => $jobs, 'operations' => $chance->mixed($operations)];
    }

    /**
     * @param  list<string>  $items
     * @return iterable<list<string>>
     */
    private static function orders(array $items): iterable
    {
        if ($items === []) {
            yield [];
        }
        foreach ($items as $first) {
            foreach (self::orders(array_values(array_diff($items, [$first]))) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }

    /**
     * @param  list<string>  $order  Of the operations at machines: what stands behind another at one machine comes after it
     * @return ?array{int, int, int} Null where it does not go in this order
     */
    private function worth(array $order, bool $withPins): ?array
    {
        $over = $last = $free = [];
        $setups = 0;
        $left = array_diff(array_keys($this->operations), $order);
        while ($order !== [] || $left !== []) {
            foreach ($left as $index => $code) {
                $start = $this->soonest($this->operations[$code], $over);
                if ($start !== null) {
                    $over[$code] = $start + $this->operations[$code]['run'] + $this->operations[$code]['wait'];
                    unset($left[$index]);

                    continue 2;
                }
            }
            $one = $this->operations[array_shift($order) ?? ''] ?? null;
            $start = $one === null ? null : $this->soonest($one, $over);
            if ($one === null || $start === null) {
                return null;
            }
            $before = $last[$one['machine']] ?? null;
            $isSaved =
                $before !== null &&
                $one['fixture'] !== null &&
                [$before['job'], $before['fixture']] === [$one['job'], $one['fixture']];
            $start = max($start, $free[$one['machine']] ?? 0);
            $end = $this->end($one['machine'], $start, $one['run'] + ($isSaved ? 0 : $one['setup']), $withPins ? $one['pinned'] : null);
            if ($end === null) {
                return null;
            }
            $setups += $isSaved ? 0 : 1;
            $last[$one['machine']] = $one;
            $free[$one['machine']] = $end;
            $over[$one['operation']] = $end + $one['wait'];
        }

        return [...$this->lateness($over), $setups];
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, int>  $over
     */
    private function soonest(array $one, array $over): ?int
    {
        $before = array_intersect_key($over, array_flip($one['after']));

        return count($before) < count($one['after']) ? null : max($one['earliest'], 0, ...array_values($before));
    }

    private function end(string $machine, int $start, int $minutes, ?int $pinned): ?int
    {
        if ($pinned !== null && $pinned < $start) {
            return null;
        }
        $begun = null;
        foreach ($this->open[$machine] as [$from, $to]) {
            $at = max($from, $begun ?? $pinned ?? $start);
            if ($at >= $to) {
                continue;
            }
            if ($begun === null && $pinned !== null && $at !== $pinned) {
                return null;
            }
            $begun = $at;
            if ($at + $minutes <= $to) {
                return $at + $minutes;
            }
            $minutes -= $to - $at;
            $begun = $to;
        }

        return null;
    }

    /**
     * @param  array<string, int>  $over
     * @return array{int, int}
     */
    private function lateness(array $over): array
    {
        $late = $sum = 0;
        foreach ($this->jobs as $job) {
            $own = array_filter($this->operations, static fn (array $one): bool => $one['job'] === $job['job']);
            $end = max(array_intersect_key($over, $own));
            $late += $job['weight'] * max(0, $end - $job['due']);
            $sum += $job['weight'] * $end;
        }

        return [$late, $sum];
    }
}

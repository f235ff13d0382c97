<?php

declare(strict_types=1);

namespace Tests\Bench;

/** Times calls and tells their median and 95th percentile. */
final class Stopwatch
{
    /** @var list<float> Milliseconds */
    private array $times = [];

    public function time(callable $work): void
    {
        $began = hrtime(true);
        $work();
        $this->times[] = (hrtime(true) - $began) / 1e6;
    }

    /** @return array{p50_ms: float, p95_ms: float, per_second: float, count: int} */
    public function figures(): array
    {
        $sorted = $this->times;
        sort($sorted);
        $count = count($sorted);

        return [
            'p50_ms' => round($sorted[intdiv($count, 2)], 3),
            'p95_ms' => round($sorted[(int) floor($count * 0.95)], 3),
            'per_second' => round((1000 * $count) / array_sum($sorted), 1),
            'count' => $count,
        ];
    }
}

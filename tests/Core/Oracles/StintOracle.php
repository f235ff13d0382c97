<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** HONE-3: how long the next cylinder is honed. */
final class StintOracle implements Oracle
{
    public function case(Chance $chance): array
    {
        return $chance->isOneOf(2) ? self::deglazed($chance) : self::sized($chance);
    }

    /** @return array{given: array<string, mixed>, expect: array<string, mixed>} */
    private static function deglazed(Chance $chance): array
    {
        $seconds = array_map(static fn (): int => $chance->int(5, 60), array_fill(0, $chance->int(0, 5), 0));
        $first = $chance->of([12, 20, 30, 33]);
        $count = count($seconds);
        $next = $count === 0 ? $first : $seconds[$count - 1];
        if ($count > 1) {
            $middle = ($count - 1) / 2;
            $rise = $run = 0;
            foreach ($seconds as $index => $needed) {
                $rise += ($index - $middle) * $needed;
                $run += ($index - $middle) ** 2;
            }
            // A hair below, so that a whole five is not rounded up for a float's sake.
            $next = max($next, array_sum($seconds) / $count + $rise / $run * ($count - $middle) - 1e-9);
        }

        return [
            'given' => [
                'task' => 'deglaze',
                'first_seconds' => $first,
                'finished' => array_map(
                    static fn (int $index, int $needed): array => ['cylinder' => $index + 1, 'seconds' => $needed],
                    array_keys($seconds),
                    $seconds,
                ),
            ],
            'expect' => ['next_seconds' => 5 * (int) ceil($next / 5)],
        ];
    }

    /** @return array{given: array<string, mixed>, expect: array<string, mixed>, tolerance: array<string, float>} */
    private static function sized(Chance $chance): array
    {
        $now = 100_000_000;
        $stints = array_map(static function () use ($chance): array {
            $before = $chance->of([null, 99_900_000, 99_900_000, 99_900_000]);

            return [
                'seconds' => $chance->int(3, 60),
                'before_nm' => $before,
                'after_nm' => $before === null || $chance->isOneOf(6) ? null : $before + $chance->int(-3_000, 20_000),
            ];
        }, array_fill(0, $chance->int(0, 5), 0));
        $given = [
            'task' => 'size',
            'first_seconds' => 20,
            'now_nm' => $now,
            'wanted_nm' => $now + $chance->of([-5, 0, 2_540, 2_541, $chance->int(0, 60_000)]),
            'resolution_nm' => $chance->of([1_000, 2_540]),
            'stints' => $stints,
        ];
        $left = $given['wanted_nm'] - $now;
        $sized = array_slice(array_filter($stints, static fn (array $one): bool => isset($one['before_nm'], $one['after_nm'])), -3);
        $grown = array_sum(array_column($sized, 'after_nm')) - array_sum(array_column($sized, 'before_nm'));
        $took = array_sum(array_column($sized, 'seconds'));
        $advice = match (true) {
            $left <= 0 => 'done',
            $left <= $given['resolution_nm'] => 'measure again',
            $sized !== [] && $grown <= 0 => 'new abrasives',
            default => 'stint',
        };

        return [
            'given' => $given,
            'expect' => [
                'advice' => $advice,
                'next_seconds' => match (true) {
                    $advice !== 'stint' => null,
                    $sized === [] => 20,
                    default => max(1, intdiv(4 * $left * $took, 5 * $grown)),
                },
                'rate_nm_per_s' => $sized === [] ? null : $grown / $took,
            ],
            'tolerance' => ['rate_nm_per_s' => 1e-6],
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** JRNL-1 to JRNL-6: the journals of a crankshaft, and to which step each group is ground. */
final class JournalOracle implements Oracle
{
    private const STANDARD = ['mains' => [60_299_600, 60_325_000], 'rods' => [53_314_600, 53_340_000]];

    private const LIMIT = 12_700;

    private const FINISH = [100, 250];

    public function case(Chance $chance): array
    {
        $undersizes = $chance->some([254_000, 508_000, 762_000], $chance->int(0, 3));
        $given = [
            'task' => 'grind',
            'undersizes_nm' => $undersizes,
            'groups' => array_map(
                static fn (array $range): array => ['standard_min_nm' => $range[0], 'standard_max_nm' => $range[1]],
                self::STANDARD,
            ),
            'limits' => [
                'out_of_round_nm' => self::LIMIT,
                'taper_nm' => self::LIMIT,
                'runout_tir_nm' => $chance->of([25_400, 50_800]),
                'ra_lowest_nm' => self::FINISH[0],
                'ra_highest_nm' => self::FINISH[1],
            ],
            'stock_nm' => $chance->of([0, 25_400, 50_800]),
            'aim' => $chance->of(['middle', 'high', 'low']),
            'case_depth_nm' => $chance->of([null, 127_000, 254_000, 500_000]),
            'journals' => self::journals($chance, $undersizes),
        ];
        $judged = array_map(static fn (array $journal): array => self::judged($journal, $given), $given['journals']);
        $groups = [];
        foreach (array_unique(array_column($given['journals'], 'group')) as $group) {
            $ofGroup = array_filter($judged, static fn (array $one): bool => $one['group'] === $group);
            $groups[$group] = self::action(self::STANDARD[$group], $ofGroup, $given);
        }

        return [
            'given' => $given,
            'expect' => [
                'journals' => array_map(static fn (array $one): array => array_diff_key($one, ['group' => 0]), $judged),
                'groups' => $groups,
            ],
        ];
    }

    /**
     * @param  list<int>  $undersizes
     * @return list<array<string, mixed>>
     */
    private static function journals(Chance $chance, array $undersizes): array
    {
        $ground = array_map(static fn (): int => $chance->of([0, ...$undersizes]), self::STANDARD);
        $journals = [];
        foreach (range(1, $chance->int(1, 6)) as $number) {
            $group = $chance->of(['mains', 'rods']);
            // Off the middle of two steps, where either would be right.
            $base = intdiv(array_sum(self::STANDARD[$group]), 2) - $ground[$group] + $chance->of([0, 0, $chance->int(-60_000, 20_000)]);
            $spread = $chance->of([2_540, 5_080, 12_000]);
            $readings = [];
            foreach ($chance->of([['front', 'rear'], ['front', 'middle', 'rear']]) as $station) {
                foreach (['a', 'b'] as $axis) {
                    $readings[] = ['station' => $station, 'axis' => $axis, 'diameter_nm' => $base + $chance->int(-$spread, $spread)];
                }
            }
            $journals[] = [
                'name' => "{$group} {$number}",
                'group' => $group,
                'readings' => $readings,
                'score_depth_nm' => $chance->of([0, 0, 0, 12_700]),
                'runout_tir_nm' => $chance->of([0, 10_000, 25_400, 30_000]),
                'ra_nm' => $chance->of([null, 90, 100, 200, 250, 251]),
            ];
        }

        return $journals;
    }

    /**
     * @param  array<string, mixed>  $journal
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private static function judged(array $journal, array $given): array
    {
        [$least, $most] = self::STANDARD[$journal['group']];
        $sizes = array_column($journal['readings'], 'diameter_nm');
        $spreads = ['station' => 0, 'axis' => 0];
        foreach ($spreads as $by => $_) {
            foreach (array_unique(array_column($journal['readings'], $by)) as $at) {
                $those = array_column(array_filter($journal['readings'], static fn (array $one): bool => $one[$by] === $at), 'diameter_nm');
                $spreads[$by] = max($spreads[$by], max($those) - min($those));
            }
        }
        $steps = [0, ...$given['undersizes_nm']];
        $off = static fn (int $step): int => abs(2 * (max($sizes) + $step) - $least - $most);
        usort($steps, static fn (int $one, int $other): int => $off($one) <=> $off($other));
        $isRound = max($spreads) <= self::LIMIT && $journal['runout_tir_nm'] <= $given['limits']['runout_tir_nm'];

        return [
            'group' => $journal['group'],
            'name' => $journal['name'],
            'size_nm' => min($sizes),
            'out_of_round_nm' => $spreads['station'],
            'taper_nm' => $spreads['axis'],
            'current_undersize_nm' => $steps[0],
            'polish_only' => $isRound &&
                $journal['score_depth_nm'] === 0 &&
                min($sizes) >= $least - $steps[0] &&
                max($sizes) <= $most - $steps[0],
            'finish' => match (true) {
                $journal['ra_nm'] === null => 'not measured',
                $journal['ra_nm'] < self::FINISH[0] => 'too smooth',
                $journal['ra_nm'] > self::FINISH[1] => 'too rough',
                default => 'in range',
            },
            'need_nm' => min($sizes) - 2 * $journal['score_depth_nm'] - $journal['runout_tir_nm'] - $given['stock_nm'],
        ];
    }

    /**
     * @param  array{int, int}  $standard
     * @param  array<array<string, mixed>>  $judged
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private static function action(array $standard, array $judged, array $given): array
    {
        if (! in_array(false, array_column($judged, 'polish_only'), true)) {
            return ['action' => 'polish'];
        }
        $aim = ['middle' => array_sum($standard) / 2, 'low' => $standard[0], 'high' => $standard[1]][$given['aim']];
        $need = min(array_column($judged, 'need_nm'));
        $steps = array_filter($given['undersizes_nm'], static fn (int $step): bool => $aim - $step <= $need);
        if ($steps === []) {
            return ['action' => 'weld or replace'];
        }
        $left = $given['case_depth_nm'] === null ? null : $given['case_depth_nm'] - min($steps) / 2;

        return ['action' => 'grind', 'undersize_nm' => min($steps), 'target_nm' => Chance::rounded($aim - min($steps))] +
            ($left === null ? [] : ['case_left_nm' => Chance::rounded($left), 'retreat_or_replace' => $left <= 0]);
    }
}

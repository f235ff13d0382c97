<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** SLV-1 to SLV-5: what the parent bore is cut to, and whether the sleeve may go in. */
final class SleeveOracle implements Oracle
{
    /** In the order in which they are told. */
    private const FOUND = ['edge_catches_nail', 'flange_not_seated', 'joint_in_ring_travel'];

    public function case(Chance $chance): array
    {
        $range = $chance->of([[null, null], [25_400, 76_200], [50_800, 63_500]]);
        $given = [
            'sleeve_outside_nm' => array_map(static fn (): int => 104_775_000 + 1_270 * $chance->int(0, 30), range(1, $chance->int(4, 6))),
            'bore_nominal_nm' => $chance->of([76_199_999, 76_200_000, 100_000_000, 114_300_000]),
            'interference_min_nm' => $range[0],
            'interference_max_nm' => $range[1],
            'target_interference_nm' => $chance->of([null, null, 60_000]),
            'bore_length_nm' => 150_000_000,
            'step_nm' => $chance->of([4_762_500, 6_350_000]),
            'sleeve_length_nm' => $chance->of([140_000_000, 143_650_000, 145_237_500, 150_000_000]),
            'finish_stock_nm' => $chance->of([300_000, 431_800]),
            'slip_nm' => $chance->of([0, 50_800]),
            'alpha' => $chance->of([11.0, 22.5]),
            'pieces' => $chance->of([1, 1, 2]),
        ];
        foreach (self::FOUND as $found) {
            $given[$found] = $chance->isOneOf(4);
        }
        if ($range[0] === null && $given['bore_nominal_nm'] < 76_200_000) {
            return ['given' => $given, 'expect' => ['error' => 'range_needed']];
        }
        [$least, $most] = [$range[0] ?? 25_400, $range[1] ?? 76_200];
        $mean = array_sum($given['sleeve_outside_nm']) / count($given['sleeve_outside_nm']);
        $given['parent_bore'] = self::parent($chance, (int) $mean, $least, $most);
        $target = $given['target_interference_nm'] ?? max($most - 12_700, ($least + $most) / 2);
        $depth = $given['bore_length_nm'] - $given['step_nm'];
        $spread = max($given['sleeve_outside_nm']) - min($given['sleeve_outside_nm']);
        $found = [
            ...array_filter(self::FOUND, static fn (string $one): bool => $given[$one]),
            ...$given['pieces'] > 1 ? ['more_than_one_piece'] : [],
            ...$given['sleeve_length_nm'] < $depth ? ['not_full_depth'] : [],
        ];
        $fit = array_map(static fn (array $one): float|int => $mean - $one['diameter_nm'], $given['parent_bore']);
        $outside = array_filter($fit, static fn (float|int $one): bool => $one < $least || $one > $most);

        return [
            'given' => $given,
            'expect' => [
                'outside_mean_nm' => Chance::rounded($mean),
                'outside_spread_nm' => $spread,
                'spread_warning' => 2 * $spread > $most - $least,
                'target_interference_nm' => Chance::rounded($target),
                'finish_cut_nm' => Chance::rounded($mean - $target),
                'rough_cut_nm' => Chance::rounded($mean - $target - $given['finish_stock_nm']),
                'depth_of_cut_nm' => $depth,
                'findings' => $found,
                'customer_decides' => $found !== [],
                'temperature_difference_c' => ($target + $given['slip_nm']) / $given['alpha'] / $mean * 1e6,
                'fit_result' => $outside !== [] ? 'fail' : (count($fit) < 4 ? 'missing' : 'pass'),
            ],
            'tolerance' => ['temperature_difference_c' => 1e-6],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function parent(Chance $chance, int $mean, int $least, int $most): array
    {
        $readings = [];
        foreach (['top', 'bottom'] as $station) {
            foreach (['thrust', 'inline'] as $axis) {
                $interference = $chance->of([50_800, $least + 1, $most - 1, $chance->int(0, 100_000)]);
                $readings[] = ['station' => $station, 'axis' => $axis, 'diameter_nm' => $mean - $interference];
            }
        }

        return array_slice($readings, 0, $chance->of([1, 4, 4]));
    }
}

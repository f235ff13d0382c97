<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** LINE-2a: hone where everything can be inside the standard range, else bore to the smallest step that cleans up. */
final class LineboreOracle implements Oracle
{
    public function case(Chance $chance): array
    {
        $least = 65_000_000;
        $most = $least + $chance->of([12_700, 25_400, 25_401, 90_000]);
        $given = [
            'standard_min_nm' => $least,
            'standard_max_nm' => $most,
            'steps_nm' => $chance->some([127_000, 254_000, 508_000], $chance->int(0, 3)),
            'stock_nm' => $chance->of([0, 10_000, 50_800]),
            'housings' => array_map(
                static fn (int $number): array => [
                    'name' => "housing {$number}",
                    'readings_nm' => array_map(
                        static fn (): int => $least + $chance->int(-10_000, $chance->of([20_000, 60_000, 300_000])),
                        range(1, $chance->int(4, 6)),
                    ),
                    'offset_nm' => $chance->of([0, 5_000, $chance->int(0, 40_000)]),
                ],
                range(1, $chance->int(1, 5)),
            ),
        ];
        $needs = array_map(
            static fn (array $one): int => max($one['readings_nm']) + 2 * $one['offset_nm'] + $given['stock_nm'],
            $given['housings'],
        );
        $middle = ($least + $most) / 2;
        $steps = array_filter($given['steps_nm'], static fn (int $step): bool => $middle + $step >= max($needs));
        $step = $steps === [] ? null : min($steps);

        return [
            'given' => $given,
            'expect' => [
                'needed_nm' => max($needs),
                'hone' => max($needs) <= $most,
                'step_nm' => $step,
                'target_nm' => $step === null ? null : Chance::rounded($middle + $step),
                'result' => max($needs) <= $most ? 'line hone' : ($step === null ? 'scrap' : 'line bore'),
            ],
        ];
    }
}

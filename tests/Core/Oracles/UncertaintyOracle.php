<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** GAUGE-4 to GAUGE-6: the corrected value, its doubt, and what is decided by it. */
final class UncertaintyOracle implements Oracle
{
    public function case(Chance $chance): array
    {
        $isSize = $chance->isOneOf(2);
        $isWarm = $isSize && $chance->isOneOf(2);
        $given = [
            'quantity' => $isSize ? 'size' : 'difference',
            'value_nm' => $isSize ? $chance->of([50_000_000, 96_837_500]) : $chance->int(0, 100_000),
            'part_alpha' => $chance->of([11.0, 22.5]),
            'master_alpha' => 11.5,
            'part_temp_c' => $isWarm ? $chance->of([15, 20, 25.5]) : null,
            'master_temp_c' => $isWarm ? $chance->of([20, 23]) : null,
            'resolution_nm' => $chance->of([2_540, 12_700]),
            'calibration_nm' => $chance->of([2_540, 5_080]),
            'repeatability_nm' => $chance->of([1_270, 2_540]),
            'repeats_nm' => array_map(static fn (): int => $chance->int(0, 5_000), array_fill(0, $chance->int(0, 5), 0)),
            'limit_kind' => $chance->of(['max', 'min']),
            'rule' => $chance->of(['simple', 'guarded']),
        ];
        $scatter = count($given['repeats_nm']) >= 3 ? self::deviation($given['repeats_nm']) : $given['repeatability_nm'];
        $one = $given['resolution_nm'] ** 2 / 12 + $scatter ** 2;
        $warmth = $given['value_nm'] * $given['part_alpha'] * 1e-6 * ($isWarm ? 1 : 3);
        $doubt = sqrt($isSize ? $one + ($given['calibration_nm'] / 2) ** 2 + $warmth ** 2 / 3 : 2 * $one);
        $corrected = Chance::rounded($given['value_nm'] * ($isWarm
            ? 1 - 1e-6 * ($given['part_alpha'] * ($given['part_temp_c'] - 20) - $given['master_alpha'] * ($given['master_temp_c'] - 20))
            : 1));
        $given['limit_nm'] = $corrected + $chance->int(-30_000, 30_000);
        $inside = ($given['limit_nm'] - $corrected) * ($given['limit_kind'] === 'max' ? 1 : -1);
        $guard = $given['rule'] === 'guarded' ? 1.65 * $doubt : 0;

        return [
            'given' => $given,
            'expect' => [
                'corrected_nm' => $corrected,
                'u_nm' => Chance::rounded($doubt),
                'expanded_nm' => Chance::rounded(2 * $doubt),
                'margin_nm' => $inside,
                'decision' => match (true) {
                    $inside >= $guard => 'conforms',
                    $inside < -$guard => 'fails',
                    default => 'undecided',
                },
            ] + ($given['rule'] === 'simple' ? ['close_call' => abs($inside) <= 2 * $doubt] : []),
            'tolerance' => ['corrected_nm' => 1, 'margin_nm' => 1, 'u_nm' => 1, 'expanded_nm' => 1],
        ];
    }

    /** @param  non-empty-list<int>  $values */
    private static function deviation(array $values): float
    {
        $mean = array_sum($values) / count($values);

        return sqrt(array_sum(array_map(static fn (int $one): float => ($one - $mean) ** 2, $values)) / (count($values) - 1));
    }
}

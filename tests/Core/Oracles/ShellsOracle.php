<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** JRNL-9: the pair of shells whose clearance is nearest to the middle of its range. */
final class ShellsOracle implements Oracle
{
    public function case(Chance $chance): array
    {
        $least = $chance->of([20_000, 25_400]);
        $given = [
            'grades' => array_map(
                static fn (string $name): array => [
                    'grade' => $name,
                    'wall_nm' => 1_500_000 + $chance->of([-2_540, 0, 1_000, 2_540, 7_620]),
                ],
                $chance->some(['red', 'blue', 'green', 'yellow'], $chance->int(1, 4)),
            ),
            'mixed' => $chance->isOneOf(2),
            'clearance_min_nm' => $least,
            'clearance_max_nm' => $least + $chance->of([0, 5_080, 10_160, 25_400]),
            'journals' => array_map(
                static fn (int $number): array => [
                    'name' => "main {$number}",
                    'journal_nm' => 50_000_000,
                    'housing_nm' => 53_000_000 + $chance->of([25_400, 30_000, $chance->int(0, 60_000)]),
                ],
                range(1, $chance->int(1, 5)),
            ),
        ];
        $fitted = array_map(static fn (array $journal): array => self::fitted($journal, $given), $given['journals']);

        return [
            'given' => $given,
            'expect' => [
                'journals' => $fitted,
                'grades_used' => count(array_unique([...array_column($fitted, 'upper'), ...array_column($fitted, 'lower')])),
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $journal
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private static function fitted(array $journal, array $given): array
    {
        ['clearance_min_nm' => $least, 'clearance_max_nm' => $most, 'grades' => $grades] = $given;
        $pairs = [];
        foreach ($grades as $upper => $one) {
            foreach ($grades as $lower => $other) {
                if ($upper === $lower || ($given['mixed'] && $upper < $lower)) {
                    $clearance = $journal['housing_nm'] - $journal['journal_nm'] - $one['wall_nm'] - $other['wall_nm'];
                    $pairs[] = [abs(2 * $clearance - $least - $most), $upper === $lower ? 0 : 1, $upper, $lower, $clearance];
                }
            }
        }
        [, , $upper, $lower, $clearance] = min($pairs);

        return [
            'name' => $journal['name'],
            'upper' => $grades[$upper]['grade'],
            'lower' => $grades[$lower]['grade'],
            'clearance_nm' => $clearance,
            'result' => $clearance < $least ? 'tight' : ($clearance > $most ? 'loose' : 'conforms'),
            'misses_by_nm' => max(0, $least - $clearance, $clearance - $most),
        ];
    }
}

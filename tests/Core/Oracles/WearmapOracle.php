<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** BORE-8: the smallest circle from every two and three points, and the best centre that is allowed, felt for around the circle. */
final class WearmapOracle implements Oracle
{
    private const STOCK = 76_200;

    /** @var list<array{float, float}> */
    private array $points;

    public function case(Chance $chance): array
    {
        $given = [
            'points' => array_map(
                static fn (int $degrees): array => [
                    'theta_deg' => $degrees,
                    'station' => $chance->of(['top', 'middle', 'bottom']),
                    'radius_nm' => 48_418_750 + $chance->int(0, 300_000),
                ],
                $chance->some([0, 45, 90, 135, 180, 225, 270, 315], $chance->int(4, 8)),
            ),
            'clean_up_stock_nm' => self::STOCK,
            'allowed_shift_nm' => $chance->of([12_700, 50_800, 127_000]),
        ];
        $this->points = array_map(
            static fn (array $one): array => [
                $one['radius_nm'] * cos(deg2rad($one['theta_deg'])),
                $one['radius_nm'] * sin(deg2rad($one['theta_deg'])),
            ],
            $given['points'],
        );
        [$free, $centre] = min(array_map(fn (array $at): array => [$this->reach($at), $at], $this->centres()));
        $shift = hypot(...$centre);
        $allowed = $shift <= $given['allowed_shift_nm'] ? $free : $this->best($given['allowed_shift_nm']);

        return [
            'given' => $given,
            'expect' => [
                'centred_diameter_nm' => 2 * max(array_column($given['points'], 'radius_nm')) + self::STOCK,
                'free_diameter_nm' => 2 * $free + self::STOCK,
                'free_shift_nm' => $shift,
                'constrained_diameter_nm' => 2 * $allowed + self::STOCK,
            ],
            'tolerance' => ['centred_diameter_nm' => 1, 'free_diameter_nm' => 2, 'free_shift_nm' => 2, 'constrained_diameter_nm' => 1_000],
        ];
    }

    /**
     * @param  array{float, float}  $centre
     * @return float How far the farthest point is
     */
    private function reach(array $centre): float
    {
        return max(array_map(static fn (array $one): float => hypot($one[0] - $centre[0], $one[1] - $centre[1]), $this->points));
    }

    /** @return list<array{float, float}> Of the circles over two points and through three */
    private function centres(): array
    {
        $centres = [];
        foreach ($this->points as $i => [$ax, $ay]) {
            foreach (array_slice($this->points, $i + 1) as $j => [$bx, $by]) {
                $centres[] = [($ax + $bx) / 2, ($ay + $by) / 2];
                foreach (array_slice($this->points, $i + $j + 2) as [$cx, $cy]) {
                    $turn = 2 * (($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax));
                    $b = ($bx - $ax) ** 2 + ($by - $ay) ** 2;
                    $c = ($cx - $ax) ** 2 + ($cy - $ay) ** 2;
                    $centres[] = [
                        $ax + (($cy - $ay) * $b - ($by - $ay) * $c) / $turn,
                        $ay + (($bx - $ax) * $c - ($cx - $ax) * $b) / $turn,
                    ];
                }
            }
        }

        return $centres;
    }

    private function best(int $shift): float
    {
        $reach = fn (float $angle): float => $this->reach([$shift * cos($angle), $shift * sin($angle)]);
        [$best, $width] = [0.0, M_PI];
        for ($round = 0; $round < 12; $round++) {
            $angles = array_map(static fn (int $step): float => $best + $width * $step / 90, range(-90, 90));
            [, $best] = min(array_map(static fn (float $angle): array => [$reach($angle), $angle], $angles));
            $width /= 20;
        }

        return $reach($best);
    }
}

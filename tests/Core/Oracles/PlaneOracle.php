<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** DECK-1: the minimum zone of a few points from every two, three and four of them, and every square that can hold different ones. */
final class PlaneOracle implements Oracle
{
    /** @var list<array{x_nm: int, y_nm: int, z_nm: int}> */
    private array $points;

    public function case(Chance $chance): array
    {
        $grid = $chance->of([5_000_000, 10_000_000, 25_400_000]);
        $span = $grid * $chance->int(1, 3);
        $this->points = array_map(static fn (): array => [
            'x_nm' => $grid * $chance->int(0, 4) + $chance->of([0, 0, $chance->int(-1_000, 1_000)]),
            'y_nm' => $grid * $chance->int(0, 3),
            'z_nm' => 1_000 * $chance->int(-40, 40),
        ], array_fill(0, $chance->int(3, 8), 0));
        $squares = array_filter($this->squares($span), $this->counts(...));
        $zs = array_column($this->points, 'z_nm');

        return [
            'given' => ['points' => $this->points, 'window_span_nm' => $span, 'judge_windows' => true],
            'expect' => [
                'flatness_nm' => $this->flatness(array_keys($this->points)),
                'cut_as_it_sits_nm' => max($zs) - min($zs),
                'windows_counted' => count($squares),
                'local_flatness_nm' => $squares === [] ? null : max(array_map($this->flatness(...), $squares)),
            ],
            'tolerance' => ['flatness_nm' => 2, 'local_flatness_nm' => 2],
        ];
    }

    /**
     * @param  list<int>  $those
     * @return float|int How far the two planes are apart, along z, that no choice of points can bring nearer
     */
    private function flatness(array $those): float|int
    {
        $least = 0;
        foreach ($those as $a) {
            foreach ($those as $b) {
                foreach ($those as $c) {
                    foreach ($those as $d) {
                        if ($a <= $b && $b <= $c && $c <= $d) {
                            $least = max($least, $this->height($a, $b, $c, $d));
                        }
                    }
                }
            }
        }

        return $least;
    }

    /** How far the lines or planes through four points, of which some may be one, miss each other where they cross. */
    private function height(int ...$four): float|int
    {
        $four = array_values(array_unique($four));
        [$one, $two] = [$this->points[$four[0]], $this->points[$four[1] ?? $four[0]]];
        if (count($four) < 3) {
            return [$one['x_nm'], $one['y_nm']] === [$two['x_nm'], $two['y_nm']] ? abs($one['z_nm'] - $two['z_nm']) : 0;
        }
        $weights = count($four) === 3 ? $this->inLine($four) : array_map(
            fn (int $index): int => (-1) ** $index * $this->turn(...array_values(array_diff_key($four, [$index => 0]))),
            array_keys($four),
        );
        $sum = array_sum(array_map(abs(...), $weights));
        $off = 0;
        foreach ($weights as $index => $weight) {
            $off += (float) $weight * $this->points[$four[$index]]['z_nm'];
        }

        return $sum == 0 ? 0 : abs($off) * 2 / $sum;
    }

    private function turn(int $a, int $b, int $c): int
    {
        [$one, $two, $three] = [$this->points[$a], $this->points[$b], $this->points[$c]];

        return ($two['x_nm'] - $one['x_nm']) * ($three['y_nm'] - $one['y_nm']) -
            ($two['y_nm'] - $one['y_nm']) * ($three['x_nm'] - $one['x_nm']);
    }

    /**
     * @param  list<int>  $three
     * @return list<int|float> Weights that put the middle one on the line through the others; all nothing where they are in no line
     */
    private function inLine(array $three): array
    {
        $along = array_map(fn (int $index): int => $this->points[$index]['x_nm'] * 7 + $this->points[$index]['y_nm'], $three);
        [$a, $b, $c] = $along;

        return $this->turn(...$three) === 0 ? [$b - $c, $c - $a, $a - $b] : [0, 0, 0];
    }

    /** @return list<list<int>> Every different set of points that a square, lying anywhere, can hold */
    private function squares(int $span): array
    {
        $sets = [];
        foreach ($this->strips('x_nm', $span) as $across) {
            foreach ($this->strips('y_nm', $span) as $along) {
                $set = array_values(array_intersect($across, $along));
                $sets[implode(',', $set)] = $set;
            }
        }

        return array_values($sets);
    }

    /** @return list<list<int>> */
    private function strips(string $axis, int $span): array
    {
        $edges = [];
        foreach (array_column($this->points, $axis) as $at) {
            array_push($edges, $at, $at - $span);
        }
        sort($edges);
        $strips = [];
        foreach ($edges as $index => $edge) {
            foreach ([$edge, ($edge + ($edges[$index + 1] ?? $edge)) / 2] as $from) {
                $strips[] = array_keys(array_filter(
                    array_column($this->points, $axis),
                    static fn (int $at): bool => $at >= $from && $at <= $from + $span,
                ));
            }
        }

        return $strips;
    }

    /** @param  list<int>  $those */
    private function counts(array $those): bool
    {
        $places = [];
        foreach ($those as $index) {
            $places["{$this->points[$index]['x_nm']},{$this->points[$index]['y_nm']}"] = $index;
        }
        $places = array_values($places);
        foreach ($places as $other) {
            if (count($places) >= 4 && $this->turn($places[0], $places[1], $other) !== 0) {
                return true;
            }
        }

        return false;
    }
}

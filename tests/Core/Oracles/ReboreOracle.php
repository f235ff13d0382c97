<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** BORE-7, BORE-9 to BORE-11c: every way of a block, priced, folded and recommended. */
final class ReboreOracle implements Oracle
{
    private const OFFERED = [254_000, 508_000, 762_000, 1_016_000, 1_524_000];

    /** Walls are compared as fractions here and there: nearer to the least than this, either answer is right. */
    private const TOO_NEAR = 2;

    /** @var array<string, mixed> */
    private array $given;

    /** @var list<array<string, mixed>> */
    private array $cylinders;

    private int $asMade;

    public function case(Chance $chance): ?array
    {
        $this->given = self::made($chance);
        $this->cylinders = $this->given['cylinders'];
        $this->asMade = $this->given['nominal_nm'] + $this->given['current_step_nm'];
        $hold = $this->options(false);
        $fail = $this->options(true);
        if ($hold === null || $fail === null) {
            return null;
        }
        $ifHold = $this->recommended($hold);
        $ifFail = $this->recommended($fail);
        $isJudged = isset($this->given['allowed_shift_nm']);

        return [
            'given' => $this->given,
            'expect' => [
                'as_made_nm' => $this->asMade,
                'cylinders' => array_map($this->sizes(...), $this->cylinders),
                'options' => array_map(static fn (array $one): array => self::shown($one, $isJudged), $hold),
                'recommended' => $isJudged ? $ifFail : $ifHold,
            ] +
                ($isJudged
                    ? [
                        'recommended_if_traces_hold' => $ifHold,
                        'recommended_if_traces_fail' => $ifFail,
                        'trace_decides' => $ifHold !== $ifFail,
                    ]
                    : []),
            'tolerance' => ['shift_nm' => 1, 'thinnest_wall_nm' => self::TOO_NEAR],
        ];
    }

    /** @return array<string, mixed> */
    private static function made(Chance $chance): array
    {
        $steps = $chance->some(self::OFFERED, $chance->int(1, 5));
        $current = $chance->of([0, 0, 0, min($steps)]);
        $nominal = $chance->of([84_000_000, 96_837_500]);
        $wall = $chance->of([3_810_000, 4_572_000]);
        $count = $chance->of([1, 2, 3, 4, 6, 8]);
        $wear = $chance->of([100_000, 300_000, 800_000]);
        $cylinders = [];
        foreach ($chance->mixed(range(1, $count)) as $number) {
            $cylinders[] = [
                'number' => $number,
                'size_nm' => $nominal +
                    $current +
                    $chance->of([$chance->int(-20_000, $wear), 2_540 * $chance->int(0, intdiv($wear, 2_540))]),
                'pit_depth_nm' => $chance->of([0, 0, 0, $chance->int(0, 100_000)]),
                'cracked' => $chance->isOneOf(8),
                'can_stay' => $chance->isOneOf(2),
                'new_piston' => $chance->isOneOf(3),
                'wear_direction_deg' => $chance->of([null, 0, 90, 45]),
                'walls' => array_map(
                    static fn (int $direction): array => [
                        'direction_deg' => $direction,
                        'wall_nm' => $wall - intdiv($current, 2) + $chance->int(-700_000, 300_000),
                    ],
                    $chance->some([0, 90, 180, 270, 30], $chance->of([0, 0, 2, 4])),
                ),
            ];
        }

        return [
            'nominal_nm' => $nominal,
            'current_step_nm' => $current,
            'oversizes_nm' => $steps,
            'largest_step_nm' => $chance->of([null, null, ...$steps]),
            'clean_up_stock_nm' => $chance->of([0, 50_800, 76_200]),
            'standard_wall_nm' => $wall,
            'minimum_wall_nm' => $chance->of([2_540_000, 3_302_000, 3_556_000]),
            'preference' => $chance->of(['life', 'cost', 'balanced']),
            'cylinders' => $cylinders,
            'prices' => [
                'setup_minor' => $chance->of([0, 6_000]),
                'bore_minor' => 4_500,
                'hone_minor' => 1_500,
                'sleeve_minor' => $chance->of([14_000, 3_000, 200]),
                'ring_set_minor' => $chance->of([9_000, 500]),
                'block_minor' => $chance->of([180_000, 61_000, 40_000]),
                'piston_minor' => 5_000,
            ],
            'piston_sets' => array_map(
                static fn (int $step): array => ['step_nm' => $step, 'price_minor' => $chance->of([31_000, 33_000, 10_000])],
                $steps,
            ),
            'minutes' => ['setup' => 60, 'bore' => 35, 'hone' => 20, 'sleeve' => $chance->of([90, 5])],
            'sleeve_for_wear' => $chance->of(['to_save_a_size', 'always']),
        ] + ($chance->isOneOf(2) ? ['allowed_shift_nm' => $chance->of([127_000, 50_800, $chance->int(0, 300_000)])] : []);
    }

    /** @return list<int> Allowed steps above the one that the block has */
    private function stepsAbove(int $step): array
    {
        $largest = $this->given['largest_step_nm'] ?? max($this->given['oversizes_nm']);
        $above = array_filter($this->given['oversizes_nm'], static fn (int $one): bool => $one > $step && $one <= $largest);
        sort($above);

        return $above;
    }

    /**
     * @param  array<string, mixed>  $cylinder
     * @return array{int, int} The least size at which it cleans up centred on the worst plane, and that on its own axis
     */
    private function needs(array $cylinder): array
    {
        $size = max($cylinder['size_nm'], $this->asMade);
        $more = 2 * $cylinder['pit_depth_nm'] + $this->given['clean_up_stock_nm'];

        return [$size + $more, 2 * $size - $this->asMade + $more];
    }

    /** @param  array<string, mixed>  $cylinder */
    private function shiftAt(int $size, array $cylinder): float
    {
        return max(0, ($this->needs($cylinder)[1] - $size) / 2);
    }

    /**
     * @param  array<string, mixed>  $cylinder
     * @return array<string, mixed>
     */
    private function sizes(array $cylinder): array
    {
        [$least, $most] = $this->needs($cylinder);

        return [
            'number' => $cylinder['number'],
            'need_min_nm' => $least,
            'need_max_nm' => $most,
            'by_size' => array_map(function (int $step) use ($cylinder, $least, $most): array {
                $size = $this->given['nominal_nm'] + $step;

                return [
                    'step_nm' => $step,
                    'result' => match (true) {
                        $size >= $most => 'cleans up on centre',
                        $size >= $least => 'cleans up if centred under the ridge',
                        default => 'does not clean up',
                    },
                    'shift_nm' => $size >= $least ? Chance::rounded($this->shiftAt($size, $cylinder)) : 0,
                ];
            }, $this->stepsAbove($this->given['current_step_nm'])),
        ];
    }

    /** @param  array<string, mixed>  $cylinder */
    private function wallLeft(array $cylinder, int $size, float $shift): float
    {
        $cut = ($size - $this->asMade) / 2;
        $directions = array_map(
            static fn (array $wall): float => $wall['wall_nm'] - $cut - $shift * ($cylinder['wear_direction_deg'] === null
                ? 1
                : cos(deg2rad($wall['direction_deg'] - $cylinder['wear_direction_deg']))),
            $cylinder['walls'],
        );

        return $directions === []
            ? $this->given['standard_wall_nm'] - $this->given['current_step_nm'] / 2 - $cut - $shift
            : min($directions);
    }

    /** @return ?list<array<string, mixed>> Null where a wall is too near to its least */
    private function options(bool $tracesFail): ?array
    {
        $options = [$this->stay(), ...array_map(
            fn (int $step): array => $this->bore($step, $tracesFail),
            $this->stepsAbove($this->given['current_step_nm']),
        )];
        $least = $this->given['minimum_wall_nm'];
        foreach ($options as $index => $one) {
            foreach ($one['walls'] as $wall) {
                if (abs($wall - $least) < self::TOO_NEAR && $wall != $least) {
                    return null;
                }
            }
            $thin = array_keys(array_filter($one['walls'], static fn (float|int $wall): bool => $wall < $least));
            sort($thin);
            $options[$index] += ['thin' => $thin, 'thinnest' => $one['walls'] === [] ? null : min($one['walls'])];
        }
        $options[] = [
            'option' => 'replace', 'step_nm' => 0, 'cut' => PHP_INT_MAX, 'on' => [], 'off' => [], 'sleeved' => [], 'trace' => [],
            'remaining' => count($this->stepsAbove(-1)), 'cost' => $this->given['prices']['block_minor'], 'minutes' => 0,
            'thin' => [], 'thinnest' => null,
        ];

        return array_map(static fn (array $one): array => $one + ['folded' => self::isFolded($one, $options)], $options);
    }

    /** @return array<string, mixed> */
    private function stay(): array
    {
        ['prices' => $prices, 'minutes' => $minutes] = $this->given;
        $sleeved = $walls = [];
        $cost = count($this->cylinders) * $prices['hone_minor'] + $prices['ring_set_minor'];
        foreach ($this->cylinders as $one) {
            if ($one['cracked'] || ! $one['can_stay']) {
                $sleeved[] = $one['number'];
            } else {
                $walls[$one['number']] = $this->wallLeft($one, $this->asMade, 0);
                $cost += $one['new_piston'] ? $prices['piston_minor'] : 0;
            }
        }
        sort($sleeved);
        $count = count($sleeved);

        return [
            'option' => 'stay', 'step_nm' => $this->given['current_step_nm'], 'cut' => 0, 'on' => [], 'off' => [], 'sleeved' => $sleeved,
            'trace' => [], 'walls' => $walls, 'remaining' => count($this->stepsAbove($this->given['current_step_nm'])),
            'cost' => $cost + ($count > 0 ? $prices['setup_minor'] + $count * ($prices['bore_minor'] + $prices['sleeve_minor']) : 0),
            'minutes' => count($this->cylinders) * $minutes['hone'] +
                ($count > 0 ? $minutes['setup'] + $count * ($minutes['bore'] + $minutes['sleeve']) : 0),
        ];
    }

    /** @return array<string, mixed> */
    private function bore(int $step, bool $tracesFail): array
    {
        ['prices' => $prices, 'minutes' => $minutes] = $this->given;
        $size = $this->given['nominal_nm'] + $step;
        $on = $off = $sleeved = $trace = $walls = [];
        foreach ($this->cylinders as $one) {
            $shift = $this->shiftAt($size, $one);
            $wantsTrace = $shift > ($this->given['allowed_shift_nm'] ?? INF);
            if ($one['cracked'] || $size < $this->needs($one)[0] || ($wantsTrace && $tracesFail)) {
                $sleeved[] = $one['number'];

                continue;
            }
            $shift > 0 ? ($off[] = $one['number']) : ($on[] = $one['number']);
            $wantsTrace && ($trace[] = $one['number']);
            $walls[$one['number']] = $this->wallLeft($one, $size, $shift);
        }
        foreach ([&$on, &$off, &$sleeved, &$trace] as &$numbers) {
            sort($numbers);
        }
        $count = count($this->cylinders);

        return [
            'option' => 'bore', 'step_nm' => $step, 'cut' => $size - $this->asMade, 'on' => $on, 'off' => $off, 'sleeved' => $sleeved,
            'trace' => $trace, 'walls' => $walls, 'remaining' => count($this->stepsAbove($step)),
            'cost' => $prices['setup_minor'] + $count * ($prices['bore_minor'] + $prices['hone_minor']) +
                count($sleeved) * $prices['sleeve_minor'] +
                array_column($this->given['piston_sets'], 'price_minor', 'step_nm')[$step],
            'minutes' => $minutes['setup'] + $count * ($minutes['bore'] + $minutes['hone']) + count($sleeved) * $minutes['sleeve'],
        ];
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  list<array<string, mixed>>  $options
     */
    private static function isFolded(array $one, array $options): bool
    {
        $marks = static fn (array $way): array => [
            $way['cost'], $way['minutes'], $way['cut'], -$way['remaining'], count($way['sleeved']), count($way['off']),
            -($way['thinnest'] ?? PHP_INT_MAX),
        ];
        if ($one['option'] === 'replace' || $one['thin'] !== []) {
            return false;
        }
        foreach ($options as $other) {
            $isNoWorse = array_filter(array_map(static fn ($mark, $own): bool => $mark > $own, $marks($other), $marks($one))) === [];
            if ($isNoWorse && $other !== $one && $other['option'] !== 'replace' && $other['thin'] === []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<array<string, mixed>>  $options
     * @return array<string, mixed>
     */
    private function recommended(array $options): array
    {
        $open = array_filter($options, static fn (array $one): bool => $one['thin'] === []);
        $cracked = array_column(array_filter($this->cylinders, static fn (array $one): bool => $one['cracked']), 'number');
        $isForWear = static fn (array $one): bool => array_diff($one['sleeved'], $cracked) !== [];
        $saves = static fn (array $one): bool => ! $isForWear($one) && $one['remaining'] > 0 && $one['option'] !== 'replace';
        if ($this->given['sleeve_for_wear'] === 'to_save_a_size' && array_filter($open, $saves) !== []) {
            $open = array_filter($open, static fn (array $one): bool => ! $isForWear($one));
        }
        $most = (int) ceil(count($this->cylinders) / 3);
        $wanted = array_filter($open, fn (array $one): bool => match ($this->given['preference']) {
            'life' => $one['option'] !== 'replace' && count($one['sleeved']) <= $most,
            'balanced' => $one['remaining'] > 0,
            default => true,
        });
        $order = $this->given['preference'] === 'life' && $wanted !== [] ? ['cut', 'cost'] : ['cost', 'cut'];
        $left = $wanted === [] ? $open : $wanted;
        usort($left, static fn (array $a, array $b): int => [$a[$order[0]], $a[$order[1]]] <=> [$b[$order[0]], $b[$order[1]]]);

        return ['option' => $left[0]['option'], 'step_nm' => $left[0]['step_nm']];
    }

    /**
     * @param  array<string, mixed>  $one
     * @return array<string, mixed>
     */
    private static function shown(array $one, bool $isJudged): array
    {
        return [
            'option' => $one['option'],
            'step_nm' => $one['step_nm'],
            'on_centre' => $one['on'],
            'off_centre' => $one['off'],
            'sleeved' => $one['sleeved'],
            'thinnest_wall_nm' => $one['thinnest'] === null ? null : Chance::rounded($one['thinnest']),
            'sizes_remaining' => $one['remaining'],
            'cost_minor' => $one['cost'],
            'machine_minutes' => $one['minutes'],
            'feasible' => $one['thin'] === [],
            'reasons' => $one['thin'] === [] ? [] : [['code' => 'wall_too_thin', 'cylinders' => $one['thin']]],
            'dominated' => $one['folded'],
        ] + ($isJudged ? ['needs_trace' => $one['trace']] : []);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** BORE-1 to BORE-4, BORE-6 and BORE-6a: one bore, judged. */
final class BoreOracle implements Oracle
{
    private const NOMINAL = 96_837_500;

    private const STATIONS = ['top', 'middle', 'bottom'];

    private const AXES = ['thrust', 'inline', '45', '135'];

    /** @var array<string, mixed> */
    private array $given;

    /** @var array<string, array<string, int>> Readings by station and axis */
    private array $read;

    public function case(Chance $chance): array
    {
        $this->given = self::made($chance);
        $this->read = [];
        foreach ($this->given['readings'] as $reading) {
            $this->read[$reading['station']][$reading['axis']] = $reading['diameter_nm'];
        }
        $sizes = array_merge(...array_map(fn (string $station): array => array_values($this->read[$station] ?? []), self::STATIONS));
        [$size, $smallest] = $sizes === [] ? [null, null] : [max($sizes), min($sizes)];
        [$step, $source] = $this->step();
        $forms = $this->forms();
        $criteria = $this->criteria($size, $smallest, $forms['out_of_round_nm'], $forms['taper_nm']);
        $new = $this->newPiston($size, $smallest);

        return [
            'given' => $this->given,
            'expect' => $forms + [
                'size_nm' => $size,
                'current_step_nm' => $step,
                'step_source' => $source,
                'wear_nm' => $size === null || $step === null ? null : $size - self::NOMINAL - $step,
                'clearance_nm' => self::minus($size, $this->given['piston_nm']),
                'criteria' => $criteria,
                'can_stay' => $this->canStay($criteria, $new),
            ] + ($new === null ? [] : ['new_piston' => $new]),
        ];
    }

    /** @return array<string, mixed> */
    private static function made(Chance $chance): array
    {
        $oversizes = $chance->some([254_000, 508_000, 762_000, 1_016_000], $chance->int(0, 4));
        $base = self::NOMINAL + $chance->of([0, 0, ...$oversizes]) + $chance->of([0, 0, $chance->int(-120_000, 250_000)]);
        $wear = $chance->of([4, 24, 60]);
        $readings = [];
        foreach (['land', ...self::STATIONS] as $station) {
            foreach (self::AXES as $axis) {
                $isLikely = $station !== 'land' && in_array($axis, ['thrust', 'inline'], true);
                if ($isLikely ? ! $chance->isOneOf(10) : $chance->isOneOf($station === 'land' ? 8 : 6)) {
                    $readings[] = ['station' => $station, 'axis' => $axis, 'diameter_nm' => $base + 2_540 * $chance->int(0, $wear)];
                }
            }
        }

        return [
            'nominal_nm' => self::NOMINAL,
            'oversizes_nm' => $oversizes,
            'resolution_nm' => $chance->of([0, 1_000, 2_540, 12_700]),
            'step_tolerance_nm' => $chance->of([10_000, 50_800, 101_600]),
            'declared_step_nm' => $chance->of([null, null, 0, ...$oversizes]),
            'piston_nm' => $chance->of([null, $base - 50_800, $base - 76_200, $base, $base - $chance->int(-30_000, 200_000)]),
            'new_piston_nm' => $chance->of([null, $base - 38_100, $base - $chance->int(-10_000, 100_000)]),
            'most_hone_nm' => $chance->of([12_700, 25_400, 76_200]),
            'limits' => [
                'out_of_round_nm' => $chance->of([25_400, 50_800, 101_600]),
                'taper_nm' => $chance->of([50_800, 127_000]),
                'clearance_nm' => $chance->of([76_200, 101_600, 152_400]),
                'clearance_min_nm' => $chance->of([0, 25_400, 50_800]),
            ],
            'readings' => $chance->mixed($readings),
            'cracked' => $chance->isOneOf(12),
            'ridge' => [
                'top' => $chance->of([null, 'none', 'none', 'felt', 'catches a nail', 'deposits']),
                'bottom' => $chance->of([null, 'none', 'none', 'felt', 'none', 'deposits']),
            ],
            'scoring' => $chance->of(['none', 'hairline', 'hairline', 'felt']),
            'pitting_class' => $chance->int(0, 4),
            'pitting_allowed_class' => $chance->int(0, 2),
            'concession_signed' => $chance->isOneOf(2),
        ];
    }

    private static function minus(?int $one, ?int $other): ?int
    {
        return $one === null || $other === null ? null : $one - $other;
    }

    /** @return array{?int, string} */
    private function step(): array
    {
        $from = $this->read['land'] ?? $this->read['bottom'] ?? [];
        if ($from !== []) {
            $steps = [0, ...$this->given['oversizes_nm']];
            $off = static fn (int $step): int => abs(min($from) - self::NOMINAL - $step);
            usort($steps, static fn (int $one, int $other): int => $off($one) <=> $off($other));
            if ($off($steps[0]) <= $this->given['step_tolerance_nm']) {
                return [$steps[0], 'measured'];
            }
        }

        return [$this->given['declared_step_nm'], $this->given['declared_step_nm'] === null ? 'unknown' : 'declared'];
    }

    /** @return array<string, array<string, int|string|null>> */
    private function forms(): array
    {
        $round = $taper = $signed = $form = [];
        foreach (self::STATIONS as $station) {
            $at = $this->read[$station] ?? [];
            $round[$station] = isset($at['thrust'], $at['inline']) ? max($at) - min($at) : null;
        }
        foreach (self::AXES as $axis) {
            $along = [];
            foreach (self::STATIONS as $station) {
                isset($this->read[$station][$axis]) && ($along[$station] = $this->read[$station][$axis]);
            }
            if ($along === [] && in_array($axis, ['45', '135'], true)) {
                continue;
            }
            $isRead = isset($along['top'], $along['bottom']);
            $taper[$axis] = $isRead ? max($along) - min($along) : null;
            $signed[$axis] = $isRead ? $along['top'] - $along['bottom'] : null;
            $bulge = $isRead && isset($along['middle']) ? [$along['middle'] - $along['top'], $along['middle'] - $along['bottom']] : null;
            $form[$axis] = $bulge === null ? null : match (true) {
                min($bulge) > $this->given['resolution_nm'] => 'barrel',
                max($bulge) < -$this->given['resolution_nm'] => 'waist',
                default => 'taper',
            };
        }

        return ['out_of_round_nm' => $round, 'taper_nm' => $taper, 'signed_taper_nm' => $signed, 'form' => $form];
    }

    private function isReadThrough(): bool
    {
        foreach (self::STATIONS as $station) {
            if (! isset($this->read[$station]['thrust'], $this->read[$station]['inline'])) {
                return false;
            }
        }

        return true;
    }

    private static function result(bool $fails, bool $isComplete): string
    {
        return $fails ? 'fail' : ($isComplete ? 'pass' : 'missing');
    }

    /**
     * @param  array<string, ?int>  $round
     * @param  array<string, ?int>  $taper
     * @return array<string, array<string, mixed>>
     */
    private function criteria(?int $size, ?int $smallest, array $round, array $taper): array
    {
        ['limits' => $limits, 'piston_nm' => $piston, 'pitting_class' => $pits, 'ridge' => $ridge] = $this->given;
        $most = function (array $values, string $limit, bool $isComplete) use ($limits): array {
            $worst = array_filter($values, is_int(...)) === [] ? null : max(array_filter($values, is_int(...)));

            return [
                'result' => self::result($worst !== null && $worst > $limits[$limit], $isComplete),
                'value_nm' => $worst,
                'limit_nm' => $limits[$limit],
                'margin_nm' => self::minus($limits[$limit], $worst),
            ];
        };
        $least = self::minus($smallest, $piston);
        $isTooTight = $least !== null && ($least < $limits['clearance_min_nm'] || $least <= 0);
        $isThrough = $this->isReadThrough();

        return [
            'out_of_round' => $most($round, 'out_of_round_nm', ! in_array(null, $round, true)),
            'taper' => $most($taper, 'taper_nm', $taper['thrust'] !== null && $taper['inline'] !== null),
            'clearance' => $most([self::minus($size, $piston)], 'clearance_nm', $isThrough && $piston !== null),
            'clearance_min' => [
                'result' => self::result($isTooTight, $isThrough && $piston !== null),
                'value_nm' => $least,
                'limit_nm' => $limits['clearance_min_nm'],
                'margin_nm' => self::minus($least, $limits['clearance_min_nm']),
            ],
            'crack' => ['result' => $this->given['cracked'] ? 'fail' : 'pass'],
            'ridge' => [
                'result' => self::result(
                    in_array('catches a nail', $ridge, true),
                    array_intersect([$ridge['top'], $ridge['bottom']], ['none', 'felt']) === [$ridge['top'], $ridge['bottom']],
                ),
            ],
            'scoring' => ['result' => in_array($this->given['scoring'], ['none', 'hairline'], true) ? 'pass' : 'fail'],
            'pitting' => [
                'result' => match (true) {
                    $pits === 3 && $this->given['concession_signed'] => 'concession',
                    default => $pits <= $this->given['pitting_allowed_class'] ? 'pass' : 'fail',
                },
            ],
        ];
    }

    /** @return ?array<string, mixed> */
    private function newPiston(?int $size, ?int $smallest): ?array
    {
        ['limits' => $limits, 'new_piston_nm' => $piston] = $this->given;
        if ($piston === null) {
            return null;
        }
        [$most, $least] = [self::minus($size, $piston), self::minus($smallest, $piston)];
        $fails = $most !== null && ($most > $limits['clearance_nm'] || $least <= 0 || $least < $limits['clearance_min_nm']);

        return ['result' => self::result($fails, $this->isReadThrough()), 'clearance_nm' => $most, 'clearance_min_nm' => $least];
    }

    /**
     * @param  array<string, array<string, mixed>>  $criteria
     * @param  ?array<string, mixed>  $new
     */
    private function canStay(array $criteria, ?array $new): string
    {
        [$most, $least] = [$criteria['clearance'], $criteria['clearance_min']];
        $rest = array_column(array_diff_key($criteria, ['clearance' => 0, 'clearance_min' => 0]), 'result');
        if (in_array('fail', $rest, true)) {
            return 'no';
        }
        $both = array_intersect(['fail', 'missing', 'pass'], [$most['result'], $least['result']]);
        $mayBeHoned = $least['result'] === 'fail' && -$least['margin_nm'] <= $this->given['most_hone_nm'];
        $ways = [
            'yes' => reset($both),
            'with a new piston' => $new['result'] ?? 'fail',
            'honed to clearance' => $mayBeHoned ? $most['result'] : 'fail',
        ];
        $open = array_filter($ways, static fn (string $result): bool => $result !== 'fail');
        if ($open === []) {
            return 'no';
        }

        return in_array('missing', [...$rest, reset($open)], true) ? 'not yet known' : (string) key($open);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** PLAN-2 and PLAN-3: every plan looked at, what forbids it, and which is recommended. */
final class PlanOracle implements Oracle
{
    private const BORE = 96_837_500;

    /** @var array<string, mixed> */
    private array $given;

    public function case(Chance $chance): array
    {
        $this->given = self::made($chance);
        $plans = array_map($this->plan(...), self::combined($this->given['parts']));
        $allowed = array_values(array_filter($plans, static fn (array $plan): bool => $plan['against'] === []));
        if ($allowed === []) {
            return ['given' => $this->given, 'expect' => ['error' => 'nothing_allowed']];
        }
        $budget = $this->given['budget_minor'];
        $within = array_filter($allowed, static fn (array $plan): bool => $budget === null || $plan['cost_minor'] <= $budget);
        $recommended = $within === [] ? self::best($allowed, 'cost') : self::best($within, $this->given['preference']);
        $told = array_flip(['choices', 'cost_minor', 'minutes', 'lead_days']);
        $shown = static fn (array $plan): array => array_intersect_key($plan, $told);

        return [
            'given' => $this->given,
            'expect' => [
                'plans' => count($plans),
                'allowed' => count($allowed),
                'forbidden' => array_count_values(array_merge(...array_column($plans, 'against'))),
                'recommended' => $shown($recommended),
                'cheapest' => $shown(self::best($allowed, 'cost')),
                'longest_lived' => $shown(self::best($allowed, 'life')),
                'over_budget_minor' => $within === [] ? $recommended['cost_minor'] - $budget : null,
                'ratio' => $recommended['ratio'],
            ],
            'tolerance' => ['ratio' => 1e-9],
        ];
    }

    /** @return array<string, mixed> */
    private static function made(Chance $chance): array
    {
        $parts = $excludes = [];
        foreach ($chance->some(['block', 'crankshaft', 'rods', 'deck 1', 'head', 'head face'], $chance->int(2, 5)) as $part) {
            $choices = [];
            foreach (range(1, $chance->int(1, 4)) as $number) {
                $choices[] = [
                    'choice' => "choice {$number}",
                    'cost_minor' => $chance->of([0, 10_000, 25_000, $chance->int(0, 90_000)]),
                    'minutes' => $chance->of([0, 60, $chance->int(0, 400)]),
                    'lead_days' => $chance->of([0, 0, 3, 10]),
                    'life' => $chance->of([null, 0, 1, 2, 3]),
                ] +
                    ($part === 'block' ? ['bore_nm' => self::BORE + $chance->of([0, 508_000, 1_016_000])] : []) +
                    ($part === 'deck 1' ? ['deck_cut_nm' => $chance->of([0, 76_200, 127_000, 254_000])] : []) +
                    ($part === 'head face' ? ['head_cut_nm' => $chance->of([0, 76_200, 254_000, 508_000])] : []);
            }
            $parts[] = ['part' => $part, 'choices' => $choices];
        }
        for ($pairs = $chance->of([0, 1, 2]); $pairs > 0; $pairs--) {
            $excludes[] = array_map(
                static fn (array $part): array => [$part['part'], $chance->of($part['choices'])['choice']],
                $chance->some($parts, 2),
            );
        }
        $lowest = $chance->of([null, 8.0, 9.2]);

        return [
            'preference' => $chance->of(['cost', 'life', 'balanced']),
            'budget_minor' => $chance->of([null, $chance->int(0, 200_000)]),
            'parts' => $parts,
            'excludes' => $excludes,
            'volume' => $chance->isOneOf(5) ? null : [
                'bore_nm' => self::BORE,
                'stroke_nm' => $chance->of([80_000_000, 88_000_000]),
                'chamber_mm3' => $chance->of([60_000, 75_000, 3_000]),
                'gasket_mm3' => $chance->of([8_000, 7_000.5]),
                'deck_clearance_nm' => $chance->of([100_000, 254_000, 381_000]),
                'crown_mm3' => $chance->of([0, 5_000, -4_000]),
                'ratio_min' => $lowest,
                'ratio_max' => $chance->of([null, 9.5, 10.4]),
                'chamber_per_ten_thou_mm3' => 1_600,
            ],
            'least_deck_clearance_nm' => null,
            'deck_height_nm' => 230_000_000,
            'least_deck_height_nm' => $chance->of([null, 229_800_000, 229_873_000]),
            'head_thickness_nm' => 100_000_000,
            'least_head_thickness_nm' => $chance->of([null, 99_800_000, 99_746_000]),
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $parts
     * @return list<array<string, int>> The number of each part's choice, the first part's first
     */
    private static function combined(array $parts): array
    {
        $all = [[]];
        foreach ($parts as $part) {
            $more = [];
            foreach ($all as $begun) {
                foreach (array_keys($part['choices']) as $number) {
                    $more[] = $begun + [$part['part'] => $number];
                }
            }
            $all = $more;
        }

        return $all;
    }

    /**
     * @param  array<string, int>  $numbers
     * @return array<string, mixed>
     */
    private function plan(array $numbers): array
    {
        $parts = array_column($this->given['parts'], 'choices', 'part');
        $chosen = array_map(static fn (string $part): array => $parts[$part][$numbers[$part]], array_keys($numbers));
        $choices = array_combine(array_keys($numbers), array_column($chosen, 'choice'));
        $deck = array_sum(array_column($chosen, 'deck_cut_nm'));
        $head = array_sum(array_column($chosen, 'head_cut_nm'));
        $against = [];
        foreach ($this->given['excludes'] as [[$part, $choice], [$other, $otherChoice]]) {
            if (($choices[$part] ?? null) === $choice && ($choices[$other] ?? null) === $otherChoice) {
                $against['not_together'] = true;
            }
        }
        $heights = ['deck_too_low' => ['deck_height_nm', $deck], 'head_too_thin' => ['head_thickness_nm', $head]];
        foreach ($heights as $reason => [$what, $cut]) {
            if ($this->given[$what] - $cut < ($this->given["least_{$what}"] ?? 0)) {
                $against[$reason] = true;
            }
        }
        $ratio = $this->given['volume'] === null ? null : $this->ratio(array_column($chosen, 'bore_nm')[0] ?? self::BORE, $deck, $head);
        if ($ratio !== null && $ratio < ($this->given['volume']['ratio_min'] ?? 0)) {
            $against['ratio_too_low'] = true;
        }
        if ($ratio !== null && $ratio > ($this->given['volume']['ratio_max'] ?? PHP_FLOAT_MAX)) {
            $against['ratio_too_high'] = true;
        }

        return [
            'choices' => $choices,
            'cost_minor' => array_sum(array_column($chosen, 'cost_minor')),
            'minutes' => array_sum(array_column($chosen, 'minutes')),
            'lead_days' => max(array_column($chosen, 'lead_days')),
            'ratio' => $ratio,
            'against' => array_keys($against),
            'lives' => array_filter(array_column($chosen, 'life'), is_int(...)),
            'numbers' => array_values($numbers),
        ];
    }

    /** Endless where no clearance volume is left. */
    private function ratio(int $bore, int $deckCut, int $headCut): float
    {
        $volume = $this->given['volume'];
        $area = M_PI / 4 * ($bore / 1e6) ** 2;
        $clearance = $volume['chamber_mm3'] - $headCut / 254_000 * $volume['chamber_per_ten_thou_mm3'] + $volume['gasket_mm3'] +
            $area * ($volume['deck_clearance_nm'] - $deckCut) / 1e6 - $volume['crown_mm3'];

        return $clearance <= 0 ? INF : 1 + $area * $volume['stroke_nm'] / 1e6 / $clearance;
    }

    /**
     * @param  array<array<string, mixed>>  $plans
     * @return array<string, mixed>
     */
    private static function best(array $plans, string $preference): array
    {
        $lasting = array_filter($plans, static fn (array $plan): bool => ! in_array(0, $plan['lives'], true));
        $plans = $preference === 'balanced' && $lasting !== [] ? $lasting : $plans;
        $marks = static fn (array $plan): array => [
            ...$preference === 'life' ? [$plan['lives'] === [] ? -PHP_INT_MAX : -min($plan['lives']), -array_sum($plan['lives'])] : [],
            $plan['cost_minor'], $plan['minutes'], $plan['lead_days'], ...$plan['numbers'],
        ];
        usort($plans, static fn (array $one, array $other): int => $marks($one) <=> $marks($other));

        return $plans[0];
    }
}

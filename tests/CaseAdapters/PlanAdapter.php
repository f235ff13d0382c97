<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\BankBounds;
use NorthLedger\Core\Planning\Choice;
use NorthLedger\Core\Planning\CombustionSpace;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\EnginePlans;
use NorthLedger\Core\Planning\Exclusion;
use NorthLedger\Core\Planning\PlannedPart;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;
use NorthLedger\Core\Quantity\Volume;

final class PlanAdapter implements Adapter
{
    private const BANK = 1;

    public function run(Given $given): array
    {
        try {
            return $this->answer($given);
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }
    }

    /** @return array<string, mixed> */
    private function answer(Given $given): array
    {
        $preference = $given->word('preference', Preference::class);
        $budget = $given->has('budget_minor') ? Money::ofMinor($given->whole('budget_minor')) : null;
        if ($budget !== null && $budget->minor < 0) {
            throw Refusal::withCode('bad_value');
        }
        $plans = EnginePlans::of(
            array_map(self::part(...), $given->parts('parts')),
            $given->has('excludes') ? array_map(self::exclusion(...), array_values((array) $given->value('excludes'))) : [],
            [self::BANK => self::bounds($given)],
        );
        $recommended = $plans->recommended($preference, $budget);

        return [
            'plans' => $plans->count(),
            'allowed' => $plans->allowed(),
            'forbidden' => $plans->forbidden(),
            'recommended' => self::written($recommended),
            'cheapest' => self::written($plans->cheapest()),
            'longest_lived' => self::written($plans->longestLived()),
            'over_budget_minor' => $recommended->over($budget)?->minor,
            'ratio' => $recommended->ratios[self::BANK][0] ?? null,
        ];
    }

    private static function part(Given $given): PlannedPart
    {
        return PlannedPart::of(
            $given->text('part'),
            array_map(
                static fn (Given $choice): Choice => Choice::of(
                    $choice->text('choice'),
                    Money::ofMinor($choice->whole('cost_minor')),
                    $choice->whole('minutes'),
                    $choice->whole('lead_days'),
                    $choice->has('life') ? $choice->whole('life') : null,
                    $choice->has('bore_nm') ? $choice->length('bore_nm') : null,
                    $choice->has('deck_cut_nm') ? $choice->length('deck_cut_nm') : null,
                    $choice->has('head_cut_nm') ? $choice->length('head_cut_nm') : null,
                ),
                $given->parts('choices'),
            ),
        );
    }

    private static function exclusion(mixed $pair): Exclusion
    {
        /** @var array{array{string, string}, array{string, string}} $pair */
        return new Exclusion($pair[0][0], $pair[0][1], $pair[1][0], $pair[1][1]);
    }

    private static function bounds(Given $given): BankBounds
    {
        $volume = $given->has('volume') ? $given->part('volume') : null;
        $length = static fn (string $key): ?Length => $given->has($key) ? $given->length($key) : null;
        $ratio = static fn (string $key): ?float => $volume?->has($key) === true ? $volume->number($key) : null;

        return BankBounds::of(
            $volume === null ? [] : [self::space($volume)],
            $ratio('ratio_min'),
            $ratio('ratio_max'),
            $length('deck_height_nm'),
            $length('least_deck_height_nm'),
            $length('head_thickness_nm'),
            $length('least_head_thickness_nm'),
            $length('least_deck_clearance_nm'),
        );
    }

    private static function space(Given $volume): CombustionSpace
    {
        return CombustionSpace::of(
            $volume->length('bore_nm'),
            $volume->length('stroke_nm'),
            Volume::ofCubicMillimetres($volume->number('chamber_mm3')),
            Volume::ofCubicMillimetres($volume->number('gasket_mm3')),
            $volume->length('deck_clearance_nm'),
            Volume::ofCubicMillimetres($volume->has('crown_mm3') ? $volume->number('crown_mm3') : 0),
            $volume->has('chamber_per_ten_thou_mm3') ? Volume::ofCubicMillimetres($volume->number('chamber_per_ten_thou_mm3')) : null,
        );
    }

    /** @return array<string, mixed> */
    private static function written(EnginePlan $plan): array
    {
        return [
            'choices' => $plan->codes(),
            'cost_minor' => $plan->cost->minor,
            'minutes' => $plan->minutes,
            'lead_days' => $plan->leadDays,
        ];
    }
}

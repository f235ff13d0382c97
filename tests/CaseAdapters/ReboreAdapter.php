<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\SleeveForWear;
use NorthLedger\Core\Features\Bores\BlockPrices;
use NorthLedger\Core\Features\Bores\BlockToPlan;
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\MeasuredWall;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Features\Bores\Recommendation;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

final class ReboreAdapter implements Adapter
{
    public function run(Given $given): array
    {
        if (! $given->has('current_step_nm')) {
            throw Refusal::withCode('step_unknown');
        }
        $preference = $given->word('preference', Preference::class);
        $sleeves = match ($given->has('sleeve_for_wear') ? $given->text('sleeve_for_wear') : 'always') {
            'to_save_a_size' => SleeveForWear::ToSaveASize,
            'always' => SleeveForWear::WheneverItWins,
            default => throw Refusal::withCode('unknown_word'),
        };
        try {
            $block = new BlockToPlan(
                $given->length('nominal_nm'),
                $given->length('current_step_nm'),
                $given->lengths('oversizes_nm'),
                $given->has('largest_step_nm') ? $given->length('largest_step_nm') : null,
                $given->length('clean_up_stock_nm'),
                $given->length('standard_wall_nm'),
                $given->length('minimum_wall_nm'),
                $given->has('allowed_shift_nm') ? $given->allowance('allowed_shift_nm') : null,
            );
            $cylinders = array_map($this->cylinder(...), $given->parts('cylinders'));
            $plan = ReborePlan::of($block, $cylinders, $this->prices($given, count($cylinders)));
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }

        return [
            'as_made_nm' => $block->asMade()->nanometres,
            'cylinders' => array_map(fn (CylinderToPlan $cylinder): array => $this->required($plan, $cylinder), $plan->cylinders),
            'options' => array_map(fn (ReboreOption $option): array => $this->option($plan, $option), $plan->options),
            'recommended' => $this->recommended(Recommendation::from($plan, $preference, $sleeves)),
        ] +
            ($block->allowedShift === null
                ? []
                : [
                    'recommended_if_traces_hold' => $this->recommended(Recommendation::alone($plan, $preference, $sleeves)),
                    'recommended_if_traces_fail' => $this->recommended(Recommendation::alone($plan->ifTracesFail(), $preference, $sleeves)),
                    'trace_decides' => Recommendation::from($plan, $preference, $sleeves)?->stake !== null,
                ]);
    }

    private function cylinder(Given $given): CylinderToPlan
    {
        return new CylinderToPlan(
            $given->whole('number'),
            $given->length('size_nm'),
            $given->has('pit_depth_nm') ? $given->length('pit_depth_nm') : Length::zero(),
            $given->flag('cracked'),
            $given->flag('can_stay'),
            $given->has('wear_direction_deg') ? $given->number('wear_direction_deg') : null,
            $given->has('walls')
                ? array_map(
                    static fn (Given $wall): MeasuredWall => new MeasuredWall($wall->number('direction_deg'), $wall->length('wall_nm')),
                    $given->parts('walls'),
                )
                : [],
            wantsNewPiston: $given->flag('new_piston'),
        );
    }

    private function prices(Given $given, int $cylinders): BlockPrices
    {
        $prices = $given->part('prices');
        $minutes = $given->part('minutes');
        $money = static fn (string $key): Money => Money::ofMinor($prices->whole($key));
        $sets = [];
        foreach ($given->parts('piston_sets') as $set) {
            $sets[$set->whole('step_nm')] = Money::ofMinor($set->whole('price_minor'));
        }

        return new BlockPrices(
            $cylinders,
            $money('setup_minor'),
            $money('bore_minor'),
            $money('hone_minor'),
            $money('sleeve_minor'),
            $money('ring_set_minor'),
            $sets,
            $money('block_minor'),
            $minutes->whole('setup'),
            $minutes->whole('bore'),
            $minutes->whole('hone'),
            $minutes->whole('sleeve'),
            $prices->has('piston_minor') ? $money('piston_minor') : null,
        );
    }

    /** @return array<string, mixed> */
    private function required(ReborePlan $plan, CylinderToPlan $cylinder): array
    {
        $need = $plan->required[$cylinder->number];

        return [
            'number' => $cylinder->number,
            'need_min_nm' => $need->least->nanometres,
            'need_max_nm' => $need->most->nanometres,
            'by_size' => array_map(
                static fn (Length $step): array => [
                    'step_nm' => $step->nanometres,
                    'result' => $need->at($plan->block->nominal->plus($step))->value,
                    'shift_nm' => $need->shiftAt($plan->block->nominal->plus($step))->nanometres,
                ],
                $plan->block->stepsAbove($plan->block->currentStep),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function option(ReborePlan $plan, ReboreOption $option): array
    {
        return [
            'option' => $option->kind->value,
            'step_nm' => $option->step->nanometres,
            'on_centre' => $option->onCentre,
            'off_centre' => array_keys($option->offCentre),
            'sleeved' => $option->sleeved,
            'thinnest_wall_nm' => $option->thinnestWall?->nanometres,
            'sizes_remaining' => $option->sizesRemaining,
            'cost_minor' => $option->cost->minor,
            'machine_minutes' => $option->machineMinutes,
            'feasible' => $option->isFeasible(),
            'reasons' => $option->isFeasible() ? [] : [['code' => 'wall_too_thin', 'cylinders' => $option->wallTooThin]],
            'needs_trace' => $option->needsTrace,
            'dominated' => $plan->isFolded($option),
        ];
    }

    /** @return ?array<string, mixed> */
    private function recommended(?Recommendation $recommendation): ?array
    {
        return $recommendation === null
            ? null
            : [
                'option' => $recommendation->option->kind->value,
                'step_nm' => $recommendation->option->step->nanometres,
            ];
    }
}

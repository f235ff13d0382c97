<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Features\Housings\HousingToBore;
use NorthLedger\Core\Features\Housings\LinePlan;
use NorthLedger\Core\Features\Housings\LineWork;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

final class LineboreAdapter implements Adapter
{
    private const DEFAULT_STOCK = 50_800;

    public function run(Given $given): array
    {
        try {
            $plan = LinePlan::of(
                $given->length('standard_min_nm'),
                $given->length('standard_max_nm'),
                $given->lengths('steps_nm'),
                $given->has('stock_nm') ? $given->length('stock_nm') : Length::ofNanometres(self::DEFAULT_STOCK),
                array_map(
                    static fn (Given $one): HousingToBore => HousingToBore::of(
                        $one->text('name'),
                        $one->lengths('readings_nm'),
                        $one->has('offset_nm') ? $one->length('offset_nm') : Length::zero(),
                    ),
                    $given->parts('housings'),
                ),
            );
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }

        return [
            'needed_nm' => $plan->needed->nanometres,
            'hone' => $plan->work === LineWork::Hone,
            'step_nm' => $plan->step?->nanometres,
            'target_nm' => $plan->target?->nanometres,
            'result' => $plan->work->value,
        ];
    }
}

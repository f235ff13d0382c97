<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Receiving\SleeveFinding;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;

final class SleeveAdapter implements Adapter
{
    public function run(Given $given): array
    {
        try {
            return $this->fitted($given);
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }
    }

    /** @return array<string, mixed> */
    private function fitted(Given $given): array
    {
        $fit = SleeveFit::of(
            $given->lengths('sleeve_outside_nm'),
            $given->has('interference_min_nm') ? $given->length('interference_min_nm') : null,
            $given->has('interference_max_nm') ? $given->length('interference_max_nm') : null,
            $given->has('target_interference_nm') ? $given->allowance('target_interference_nm') : null,
            $given->has('bore_nominal_nm') ? $given->size('bore_nominal_nm') : null,
        );
        $depth = SleeveFit::depthOfCut($given->size('bore_length_nm'), $given->allowance('step_nm'));
        $findings = SleeveFit::findings(
            $given->size('sleeve_length_nm'),
            $depth,
            $given->has('pieces') ? max(1, $given->whole('pieces')) : 1,
            $given->flag('joint_in_ring_travel'),
            $given->flag('flange_not_seated'),
            $given->flag('edge_catches_nail'),
        );

        return [
            'outside_mean_nm' => $fit->outsideMean->nanometres,
            'outside_spread_nm' => $fit->outsideSpread->nanometres,
            'spread_warning' => $fit->isSpreadTooLarge(),
            'target_interference_nm' => $fit->target->nanometres,
            'finish_cut_nm' => $fit->finishCut()->nanometres,
            'rough_cut_nm' => $fit->roughCut(
                $given->has('finish_stock_nm') ? $given->allowance('finish_stock_nm') : Length::ofNanometres(431_800),
            )->nanometres,
            'depth_of_cut_nm' => $depth->nanometres,
            'findings' => array_map(static fn (SleeveFinding $finding): string => $finding->value, $findings),
            'customer_decides' => $findings !== [],
        ] +
            ($given->has('alpha')
                ? [
                    'temperature_difference_c' => $fit->temperatureDifference(
                        $given->has('slip_nm') ? $given->allowance('slip_nm') : Length::ofNanometres(50_800),
                        $given->number('alpha'),
                    ),
                ]
                : []) +
            ($given->has('parent_bore') ? $this->parent($given, $fit) : []);
    }

    /** @return array<string, mixed> */
    private function parent(Given $given, SleeveFit $fit): array
    {
        $read = [];
        $rows = [];
        foreach ($given->parts('parent_bore') as $reading) {
            $station = $reading->word('station', Station::class);
            $axis = $reading->word('axis', Axis::class);
            $diameter = $reading->size('diameter_nm');
            $read["{$station->value} {$axis->value}"] = true;
            $rows[] = [
                'station' => $station->value,
                'axis' => $axis->value,
                'interference_nm' => $fit->interferenceIn($diameter)->nanometres,
                'inside' => $fit->isInside($diameter),
            ];
        }
        $missing = array_filter(
            SleeveFit::placesToCheck(),
            static fn (array $place): bool => ! isset($read["{$place[0]->value} {$place[1]->value}"]),
        );

        return [
            'fit' => $rows,
            'fit_result' => match (true) {
                in_array(false, array_column($rows, 'inside'), true) => 'fail',
                $missing !== [] => 'missing',
                default => 'pass',
            },
        ];
    }
}

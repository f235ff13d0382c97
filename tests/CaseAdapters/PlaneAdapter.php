<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Features\Faces\FacePass;
use NorthLedger\Core\Features\Faces\FacePlan;
use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\LocalFlatness;
use NorthLedger\Core\Quantity\Length;

final class PlaneAdapter implements Adapter
{
    public function run(Given $given): array
    {
        $heights = array_map(
            static fn (Given $point): Height => new Height($point->whole('x_nm'), $point->whole('y_nm'), $point->whole('z_nm')),
            $given->parts('points'),
        );
        try {
            $plan = FacePlan::of($heights);
            $answer = [
                'flatness_nm' => $plan->flatness()->nanometres,
                'cut_as_it_sits_nm' => $plan->cutAsItSits->nanometres,
                'cut_after_shimming_nm' => $plan->flatness()->nanometres,
            ];
            if ($given->has('supports')) {
                $answer += $this->shims($given, $plan);
            }
            if ($given->has('depths_nm')) {
                $light = $given->length('light_cut_nm');
                $answer['passes'] = array_map(
                    static fn (Length $depth): array => self::pass($plan->pass($depth, $light)),
                    $given->lengths('depths_nm'),
                );
            }
            if ($given->has('window_span_nm') || $given->flag('judge_windows')) {
                $answer += $this->local($heights, $given->size('window_span_nm')->nanometres, $given->flag('judge_windows'));
            }
        } catch (GeometryException $exception) {
            throw Refusal::withCode($exception->fault->value);
        }

        return $answer;
    }

    /**
     * @param  list<Height>  $heights
     * @return array<string, mixed>
     */
    private function local(array $heights, int $span, bool $isJudged): array
    {
        if (! $isJudged) {
            return ['local_flatness_nm' => (int) round(LocalFlatness::worst($heights, $span))];
        }
        $worst = LocalFlatness::worstThatCounts($heights, $span);

        return [
            'windows_counted' => LocalFlatness::windowsThatCount($heights, $span),
            'local_flatness_nm' => $worst === null ? null : (int) round($worst),
        ];
    }

    /** @return array<string, mixed> */
    private function shims(Given $given, FacePlan $plan): array
    {
        $supports = array_map(
            static fn (Given $support): array => [$support->whole('x_nm'), $support->whole('y_nm')],
            $given->parts('supports'),
        );
        $step = $given->has('shim_step_nm') ? $given->length('shim_step_nm') : Length::ofNanometres(25_400);
        $shims = $plan->shims($supports, $step);

        return [
            'shims_nm' => array_column($shims->exact, 'nanometres'),
            'rounded_shims_nm' => array_column($shims->rounded, 'nanometres'),
            'cut_after_rounding_nm' => $shims->cutAfterRounding->nanometres,
        ] +
            ($given->has('most_shim_nm')
                ? ['best_cut_nm' => $plan->bestShims($supports, $step, $given->allowance('most_shim_nm'))->cutLength()->nanometres]
                : []);
    }

    /** @return array<string, mixed> */
    private static function pass(FacePass $pass): array
    {
        return [
            'depth_nm' => $pass->depth->nanometres,
            'points_touched' => $pass->pointsTouched,
            'share_touched' => $pass->shareTouched,
            'light_cuts_remaining' => $pass->lightCutsRemaining,
        ];
    }
}

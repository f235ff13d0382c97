<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Record\JobFile;
use App\Words\Line;
use App\Words\PitWords;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\ReborePlan;

/** What can still change the plan of the bores, and what is close in it, a sentence each. */
final class PlanDoubts
{
    /** @return list<string> */
    public static function of(JobFile $file, ReborePlan $plan, ReboreOption $option): array
    {
        $assessment = $file->assessment();
        $pits = new PitWords($file->display);
        $known = array_map($pits->bench(...), $assessment->knownPits->bores ?? []);
        $doubts = match (true) {
            $assessment->isSettled() => [],
            $assessment->next->reason === NextReason::NeedsLimit => [
                Line::of('plan.told.limits_not_known_can'),
            ],
            default => [Line::of('plan.told.readings_missing_can_still')],
        };
        $shift = $file->policy->boreAllowances($file->sheet->unit)->shiftOf($file->sheet->bore);
        foreach ($option->needsTrace as $cylinder) {
            $doubts[] = Line::of('plan.doubt.trace', [
                'cylinder' => $cylinder,
                'shift' => $file->display->magnitudeWithUnit($option->offCentre[$cylinder]),
                'allowed' => $file->display->magnitudeWithUnit($shift),
            ]);
        }
        if ($option->kind === OptionKind::Bore && ($option->thinnestWall === null || $plan->block->minimumWall === null)) {
            $doubts[] = self::wallDoubt($option, $plan);
        }
        if ($option->kind === OptionKind::Bore) {
            foreach ($plan->cylinders as $cylinder) {
                $spare = $plan->block->nominal->plus($option->step)->minus($plan->required[$cylinder->number]->least);
                if (! $spare->isNegative() && $spare->isSmallerThan($plan->block->cleanUpStock)) {
                    $doubts[] = Line::of('plan.doubt.spare', [
                        'cylinder' => $cylinder->number,
                        'spare' => $file->display->magnitudeWithUnit($spare),
                    ]);
                }
            }
        }

        return [...$doubts, ...$known];
    }

    /** No wall forbids a size that nobody knows the walls of, and that is said. */
    private static function wallDoubt(ReboreOption $option, ReborePlan $plan): string
    {
        return match (true) {
            $option->thinnestWall !== null => Line::of('plan.told.how_thin_wall_may'),
            count($option->sleeved) === count($plan->cylinders) => Line::of('plan.told.every_cylinder_sleeved_walls'),
            default => Line::of('plan.told.how_thick_walls_not'),
        };
    }
}

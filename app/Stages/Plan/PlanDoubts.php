<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Record\JobFile;
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
                'Limits are not known that can still change this: as it stands, no bore is known to stay.',
            ],
            default => ['Readings are missing that can still change this; the plan stands on those there are.'],
        };
        $shift = $file->policy->boreAllowances($file->sheet->unit)->shiftOf($file->sheet->bore);
        foreach ($option->needsTrace as $cylinder) {
            $doubts[] =
                "Cylinder {$cylinder} may need a shift of {$file->display->magnitudeWithUnit($option->offCentre[$cylinder])}, more than ".
                "the {$file->display->magnitudeWithUnit($shift)} allowed: trace its wall before it is bored.";
        }
        if ($option->kind === OptionKind::Bore && ($option->thinnestWall === null || $plan->block->minimumWall === null)) {
            $doubts[] = self::wallDoubt($option, $plan);
        }
        if ($option->kind === OptionKind::Bore) {
            foreach ($plan->cylinders as $cylinder) {
                $spare = $plan->block->nominal->plus($option->step)->minus($plan->required[$cylinder->number]->least);
                if (! $spare->isNegative() && $spare->isSmallerThan($plan->block->cleanUpStock)) {
                    $doubts[] = "Cylinder {$cylinder->number} cleans up with {$file->display->magnitudeWithUnit($spare)} to spare.";
                }
            }
        }

        return [...$doubts, ...$known];
    }

    /** No wall forbids a size that nobody knows the walls of, and that is said. */
    private static function wallDoubt(ReboreOption $option, ReborePlan $plan): string
    {
        return match (true) {
            $option->thinnestWall !== null => 'How thin a wall may get is not on the sheet: no size is forbidden for its wall.',
            count($option->sleeved) === count($plan->cylinders) => 'Every cylinder is sleeved; the walls around the sleeves are not known.',
            default => 'How thick the walls are is not on the sheet, and nobody measured them: measure them before metal is cut.',
        };
    }
}

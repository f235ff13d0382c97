<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Finding\PartDefect;

/**
 * The way that was chosen, held against the verdict as it is now: what was found since stops the places it touches and
 * opens the plan again (VER-6). A pure function of both.
 */
final readonly class ChosenWay
{
    /** @param  list<Stop>  $stops */
    private function __construct(public array $stops)
    {
    }

    public static function against(ReboreOption $chosen, BlockAssessment $now): self
    {
        if ($chosen->kind === OptionKind::Replace) {
            return new self([]);
        }
        $found = array_values(
            array_map(
                static fn (PartDefect $defect): Stop => new Stop(StopReason::Undecided, $defect->cylinder, defects: [$defect]),
                array_filter($now->openDefects(), static fn (PartDefect $defect): bool => ! $defect->isUnchecked),
            ),
        );

        return new self(
            match (true) {
                $now->scrappedBy() !== [] => [
                    new Stop(StopReason::BlockIsScrap, null, defects: $now->scrappedBy()),
                ],
                default => [...self::differences($chosen, $now->plan?->option($chosen->key()), $now), ...$found],
            },
        );
    }

    /** @return list<Stop> */
    private static function differences(ReboreOption $chosen, ?ReboreOption $asItIs, BlockAssessment $now): array
    {
        if ($asItIs === null) {
            return [new Stop(StopReason::WayIsGone, null)];
        }
        // A bore that is not read through is no reason to stop: it is one not to sign.
        $unknown = [];
        foreach ($now->bores as $bore) {
            if ($chosen->kind === OptionKind::Stay && $bore->canStay === CanStay::NotYetKnown) {
                $unknown[] = $bore->cylinder();
            }
        }
        $stops = $asItIs->isFeasible() ? [] : [new Stop(StopReason::Forbidden, null)];
        foreach (
            [
                [StopReason::NeedsSleeve, array_diff($asItIs->sleeved, $chosen->sleeved, $unknown)],
                [StopReason::NeedsNoSleeve, array_diff($chosen->sleeved, $asItIs->sleeved)],
                [StopReason::NeedsNewPiston, array_diff($asItIs->newPistons, $chosen->newPistons, $unknown)],
                [StopReason::NeedsHone, array_diff($asItIs->honedToClearance, $chosen->honedToClearance, $unknown)],
                [StopReason::TraceMissing, $asItIs->needsTrace],
            ] as [$reason, $cylinders]
        ) {
            foreach ($cylinders as $cylinder) {
                $stops[] = new Stop($reason, $cylinder);
            }
        }

        return $stops;
    }
}

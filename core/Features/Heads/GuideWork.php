<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Heads;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\ValveSpec;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/**
 * What one guide needs: a new one where it is worn; else it is pressed to its height, and reamed where its valve is tight (VALVE-1,
 * VALVE-2).
 */
final readonly class GuideWork
{
    public function __construct(
        private ValveSpec $spec,
        private Subject $valve,
        private int $cylinder,
        private string $spot,
        private Measurements $measurements,
    ) {
    }

    /**
     * @param  list<string>  $failed  Criteria that it fails
     * @return list<PlannedWork>
     */
    public function works(array $failed): array
    {
        $has = static fn (Criterion $criterion): bool => in_array($criterion->value, $failed, true);
        if ($has(Criterion::StemClearance) && ! $this->measuresTight()) {
            return [PlannedWork::of('VALVE-2', $this->valve, WorkKind::Guides, target: $this->spec->guideReam)];
        }
        // A valve that sticks where its clearance measures fine is looked at again, and not reamed.
        $isTight = $has(Criterion::StemClearance) || ($has(Criterion::ValveDrop) && ! $this->measuresFine());

        return [...$has(Criterion::GuideHeight) ? [$this->pressed()] : [], ...$isTight ? [$this->reamed()] : []];
    }

    /** Down to the middle of its range, or up to it. */
    private function pressed(): PlannedWork
    {
        $middle = $this->spec->guideHeight?->middle();
        $height = $this->length(ValveFeature::GuideHeight);

        return PlannedWork::of('VALVE-1', $this->valve, WorkKind::PressGuide, $middle === null ? null : $height?->minus($middle), $middle);
    }

    /** To its stem and the middle of its clearance. */
    private function reamed(): PlannedWork
    {
        $stem = $this->length(ValveFeature::Stem);
        $clearance = $this->spec->stemClearance?->middle();

        return $stem === null || $clearance === null
            ? PlannedWork::of('VALVE-2', $this->valve, WorkKind::ReamGuide, said: new Message('findings.also.measure_the_stem'))
            : PlannedWork::of('VALVE-2', $this->valve, WorkKind::ReamGuide, target: $stem->plus($clearance));
    }

    private function measuresTight(): bool
    {
        $least = $this->spec->stemClearance?->least;

        return $least !== null && $this->clearance()?->isSmallerThan($least) === true;
    }

    private function measuresFine(): bool
    {
        return $this->spec->stemClearance !== null && $this->clearance() !== null && ! $this->measuresTight();
    }

    private function clearance(): ?Length
    {
        $stem = $this->length(ValveFeature::Stem);

        return $stem === null ? null : $this->length(ValveFeature::Guide)?->minus($stem);
    }

    private function length(ValveFeature $feature): ?Length
    {
        return $this->measurements->length(Place::at($feature, $this->cylinder, $this->spot));
    }
}

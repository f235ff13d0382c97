<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\HousingSpec;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Steps;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/** What brings a line of housings back into range: honed where the holes allow it, else bored to a step (LINE-2a, LINE-3). */
final readonly class LineCut
{
    /** The step at which the line stands. */
    public Length $step;

    /** @param  Length  $stock  That a line bore or hone takes off all round, on diameter */
    public function __construct(private HousingSpec $spec, private Length $stock, private Measurements $measurements)
    {
        $this->step = self::stepOf($spec, $measurements);
    }

    /** To which size the line is brought (LINE-2a); null until every housing is read with its offset, or where its size is not known. */
    public function plan(): ?LinePlan
    {
        $range = $this->spec->diameterAt($this->step);
        if ($range === null) {
            return null;
        }
        $housings = [];
        foreach (range(1, $this->spec->count) as $housing) {
            $offset = $this->measurements->length(Place::at(HousingFeature::Offset, $housing));
            $places = HousingPlaces::bore($this->spec, $housing);
            if ($offset === null || $this->measurements->missing($places) !== []) {
                return null;
            }
            $readings = array_map(static fn (Reading $reading): Length => $reading->corrected, $this->measurements->readings($places));
            $housings[] = HousingToBore::of("housing.{$housing}", $readings, $offset->absolute());
        }

        return LinePlan::of(
            $range->least,
            $range->most,
            array_map(fn (Length $one): Length => $one->minus($this->step), $this->stepsAbove()),
            $this->stock,
            $housings,
        );
    }

    /** @return list<Length> */
    private function stepsAbove(): array
    {
        return array_values(array_filter($this->spec->lineBoreSteps ?? [], fn (Length $one): bool => $one->isLargerThan($this->step)));
    }

    /**
     * No step is left, or none that is larger than the hole.
     *
     * @return list<Finding>
     */
    public function atTheEnd(?LinePlan $plan): array
    {
        $isScrap = $plan?->work === LineWork::Scrap;
        $isLast = $this->spec->lineBoreSteps !== null && $this->stepsAbove() === [];

        return match (true) {
            $isScrap && $this->spec->lineBoreSteps === null => [
                Finding::limitless(
                    EnginePart::Block,
                    'LINE-2a',
                    self::all(),
                    Criterion::LineBoreStep,
                    new Message('findings.reason.no_line_steps'),
                ),
            ],
            $isScrap && ! $isLast => [
                $this->scrapped('LINE-2a', new Message('findings.reason.no_step_cleans_up')),
            ],
            $isScrap && $this->spec->lineBoreSteps === [] => [
                $this->scrapped('LINE-2a', new Message('findings.reason.no_larger_bearings')),
            ],
            $plan?->work !== LineWork::Hone && $isLast && $this->spec->lineBoreSteps !== [] => [
                $this->scrapped('LINE-3', new Message('findings.reason.at_the_last_step')),
            ],
            default => [],
        };
    }

    private function scrapped(string $rule, Message $said): Finding
    {
        return Finding::failed(EnginePart::Block, $rule, self::all(), Criterion::LineBoreStep, $said, Remedy::Scrap, []);
    }

    private static function all(): Subject
    {
        return Subject::the('housings');
    }

    /**
     * Honed back into range where the holes allow it, else bored to the smallest step that cleans up; never both.
     *
     * @return list<PlannedWork>
     */
    public function works(?LinePlan $plan): array
    {
        return match ($plan?->work) {
            LineWork::Hone => [
                PlannedWork::of(
                    'LINE-2a',
                    self::all(),
                    WorkKind::LineHone,
                    $this->step,
                    $this->spec->diameterAt($this->step)?->middle(),
                    new Message('findings.also.line_honed'),
                ),
            ],
            LineWork::Bore => [
                PlannedWork::of(
                    'LINE-2a',
                    self::all(),
                    WorkKind::LineBore,
                    $plan->step?->plus($this->step),
                    $plan->target,
                    new Message('findings.also.line_bored'),
                ),
            ],
            LineWork::Scrap, null => [],
        };
    }

    /** The line-bore step the smallest reading, the least worn, is nearest to; standard while nothing is read, or its size is not known. */
    private static function stepOf(HousingSpec $spec, Measurements $measurements): Length
    {
        $readings = [];
        foreach (range(1, $spec->count) as $housing) {
            $readings = [...$readings, ...$measurements->readings(HousingPlaces::bore($spec, $housing))];
        }
        $middle = $spec->diameter?->middle();
        if ($readings === [] || $middle === null) {
            return Length::zero();
        }
        $smallest = Length::smallest(...array_map(static fn (Reading $reading): Length => $reading->corrected, $readings));

        return (new Steps($spec->lineBoreSteps ?? []))->nearest($smallest->minus($middle));
    }
}

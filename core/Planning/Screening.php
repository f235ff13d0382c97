<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Gauging\Axis;
use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Judgement\CanStay;
use NorthLedger\Core\Judgement\CleanUp;
use NorthLedger\Core\Judgement\JudgedBore;
use NorthLedger\Core\Policy\Preference;
use NorthLedger\Core\Quantity\Length;

/**
 * Proposes the reading that can still change the verdict (BORE-5). Top, thrust goes first in every cylinder.
 * After that the block is planned twice, as its readings stand and as if every bore not fully read were
 * larger by the shop's screening allowance: a cylinder that comes out the same both ways is spared.
 */
final readonly class Screening
{
    /** The places of one bore from the most worn to the least. */
    private const ORDER = [
        [Station::Top, Axis::Thrust], [Station::Top, Axis::Inline], [Station::Bottom, Axis::Thrust],
        [Station::Middle, Axis::Thrust], [Station::Bottom, Axis::Inline], [Station::Middle, Axis::Inline],
    ];

    public function __construct(private Length $allowance, private BlockPrices $prices, private Preference $preference)
    {
    }

    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @param  ?ReborePlan  $plan  As the readings stand; null while the step is not known
     */
    public function next(array $bores, ?ReborePlan $plan): NextReading
    {
        $worstFirst = $this->worstFirst($bores);
        foreach ($bores as $bore) {
            if ($bore->inspection->reading(Station::Top, Axis::Thrust) === null) {
                return new NextReading(Place::bore($bore->cylinder(), Station::Top, Axis::Thrust), NextReason::WorstPlaceFirst, []);
            }
        }
        if ($plan === null) {
            return $this->stepShowing($worstFirst);
        }
        $open = $this->open($bores, $plan);
        $spared = array_values(array_diff(array_map(static fn (JudgedBore $bore): int => $bore->cylinder(), $bores), array_keys($open)));
        foreach ($worstFirst as $bore) {
            $place = isset($open[$bore->cylinder()]) ? $this->unread($bore) : null;
            if ($place !== null) {
                return new NextReading($place, $open[$bore->cylinder()], $spared);
            }
        }

        return new NextReading(null, NextReason::NothingCanChange, $spared);
    }

    /**
     * Every place that is not read, worst first: the walk for an entry line that has lost its connection.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return list<Place>
     */
    public function walk(array $bores): array
    {
        $walk = [];
        foreach (self::ORDER as [$station, $axis]) {
            foreach ($bores as $bore) {
                if ($bore->inspection->reading($station, $axis) === null) {
                    $walk[] = Place::bore($bore->cylinder(), $station, $axis);
                }
            }
        }
        foreach ($bores as $bore) {
            $walk = [...$walk, ...$this->unreadLooks($bore)];
        }

        return $walk;
    }

    /**
     * Cylinders that can still change the outcome, with the reason.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return array<int, NextReason>
     */
    private function open(array $bores, ReborePlan $plan): array
    {
        $stayIsOpen = $this->stayIsOpen($bores, $plan);
        $anyFails = in_array(CanStay::No, array_column($bores, 'canStay'), true);
        $open = [];
        foreach ($bores as $bore) {
            $mayChangeSize = $anyFails && ! $bore->measures->isWhole() && $this->sizeIsOpen($bore, $plan);
            if ($mayChangeSize) {
                $open[$bore->cylinder()] = NextReason::CouldChangeSize;
            } elseif ($stayIsOpen && $bore->canStay === CanStay::NotYetKnown) {
                $open[$bore->cylinder()] = $bore->measures->isWhole() ? NextReason::CompletesStaying : NextReason::CouldCondemn;
            }
        }

        return $open;
    }

    /**
     * Staying is out once a bore fails and, even with every undecided bore staying, another way is recommended.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     */
    private function stayIsOpen(array $bores, ReborePlan $plan): bool
    {
        $canStay = array_column($bores, 'canStay');
        if (! in_array(CanStay::No, $canStay, true)) {
            return in_array(CanStay::NotYetKnown, $canStay, true);
        }
        $kindest = ReborePlan::of($plan->block, array_map(
            static fn (JudgedBore $bore, CylinderToPlan $cylinder): CylinderToPlan => $cylinder->suppose(Length::zero(), $bore->canStay !== CanStay::No),
            $bores, $plan->cylinders,
        ), $this->prices);

        return in_array(CanStay::NotYetKnown, $canStay, true)
            && Recommendation::from($kindest, $this->preference)?->option->kind === OptionKind::Stay;
    }

    private function sizeIsOpen(JudgedBore $bore, ReborePlan $plan): bool
    {
        $now = $plan->required[$bore->cylinder()];
        $worse = $now->afterFurtherWear($this->allowance);
        foreach ($plan->block->stepsAbove($plan->block->currentStep) as $step) {
            $size = $plan->block->nominal->plus($step);
            if ($now->at($size) === CleanUp::OffCentre || $now->at($size) !== $worse->at($size)) {
                return true;
            }
        }

        return false;
    }

    /** @param  non-empty-list<JudgedBore>  $worstFirst */
    private function stepShowing(array $worstFirst): NextReading
    {
        foreach ($worstFirst as $bore) {
            if ($bore->inspection->reading(Station::Bottom, Axis::Thrust) === null) {
                return new NextReading(Place::bore($bore->cylinder(), Station::Bottom, Axis::Thrust), NextReason::ShowsTheStep, []);
            }
        }
        foreach ($worstFirst as $bore) {
            $place = $this->unread($bore);
            if ($place !== null) {
                return new NextReading($place, NextReason::ShowsTheStep, []);
            }
        }

        return new NextReading(null, NextReason::ShowsTheStep, []);
    }

    private function unread(JudgedBore $bore): ?Place
    {
        foreach (self::ORDER as [$station, $axis]) {
            if ($bore->inspection->reading($station, $axis) === null) {
                return Place::bore($bore->cylinder(), $station, $axis);
            }
        }

        return $this->unreadLooks($bore)[0] ?? null;
    }

    /** @return list<Place> */
    private function unreadLooks(JudgedBore $bore): array
    {
        $cylinder = $bore->cylinder();
        $looks = $bore->inspection->looks;

        return array_values(array_filter([
            $looks->ridgeAtTop === null ? Place::ridge($cylinder, Station::Top) : null,
            $looks->ridgeAtBottom === null ? Place::ridge($cylinder, Station::Bottom) : null,
            $looks->scoring === null ? Place::look(Feature::Scoring, $cylinder) : null,
            $looks->pitting === null ? Place::look(Feature::Pitting, $cylinder) : null,
            $looks->crack === null ? Place::look(Feature::Crack, $cylinder) : null,
            $bore->inspection->piston === null ? Place::piston($cylinder) : null,
        ]));
    }

    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @return non-empty-list<JudgedBore>
     */
    private function worstFirst(array $bores): array
    {
        usort($bores, static fn (JudgedBore $a, JudgedBore $b): int => [$b->measures->size()?->nanometres, $a->cylinder()] <=> [$a->measures->size()?->nanometres, $b->cylinder()]);

        return $bores;
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\SleeveForWear;
use NorthLedger\Core\Features\Bores\BlockPrices;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Quantity\Length;

/**
 * Proposes the reading that can still change the verdict (BORE-5). Top, thrust goes first in every cylinder.
 * After that the block is planned at its kindest and at its harshest: once both come to the same way,
 * no reading can change it any more, and until then a cylinder that comes out the same both ways is spared.
 */
final readonly class Screening
{
    private UnreadPlaces $unread;

    private OpenBores $open;

    /** @param  list<Station>  $stations  Where thrust and inline have to be read, by the shop's school */
    public function __construct(
        Length $allowance,
        BlockPrices $prices,
        Preference $preference,
        SleeveForWear $sleeveForWear,
        array $stations,
    ) {
        $this->unread = new UnreadPlaces($stations);
        $this->open = new OpenBores($allowance, $prices, $preference, $sleeveForWear);
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
                return new NextReading(BorePlace::bore($bore->cylinder(), Station::Top, Axis::Thrust), NextReason::WorstPlaceFirst, []);
            }
        }
        if ($this->needSize($bores)) {
            return $this->formFirst($worstFirst);
        }
        if ($plan === null) {
            return $this->stepShowing($worstFirst);
        }
        $open = $this->open->of($bores, $plan);
        $spared = array_values(array_diff(array_map(static fn (JudgedBore $bore): int => $bore->cylinder(), $bores), array_keys($open)));
        $stillOpen = array_values(array_filter($worstFirst, static fn (JudgedBore $bore): bool => isset($open[$bore->cylinder()])));
        foreach ($stillOpen as $bore) {
            $place = $this->unread->first($bore);
            if ($place !== null) {
                return new NextReading($place, $open[$bore->cylinder()], $spared);
            }
        }

        $stake = $this->open->recommended($plan)?->stake;

        return $this->again($stillOpen, $spared) ??
            ($this->limitless($stillOpen, $spared) ??
                ($this->depth($bores, $plan, $spared) ??
                    new NextReading(
                        null,
                        $stake === null ? NextReason::NothingCanChange : NextReason::TraceDecides,
                        $spared,
                        $stake->cylinders ?? [],
                    )));
    }

    /**
     * Every place that is not read, worst first: the walk for an entry line that has lost its connection.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return list<Place>
     */
    public function walk(array $bores): array
    {
        return $this->unread->walk($bores);
    }

    /**
     * Where everything is read and a bore is still open: what is too close to call, or was hidden under deposits.
     *
     * @param  list<JudgedBore>  $bores
     * @param  list<int>  $spared
     */
    private function again(array $bores, array $spared): ?NextReading
    {
        foreach ($bores as $bore) {
            foreach ($bore->findings as $finding) {
                if ($finding->outcome === Outcome::Undecided && $finding->readings !== []) {
                    return new NextReading($finding->readings[0]->place, NextReason::TooClose, $spared);
                }
                if ($finding->criterion === Criterion::Ridge && $finding->outcome === Outcome::Missing && $finding->missing !== []) {
                    return new NextReading($finding->missing[0], NextReason::LookAgain, $spared);
                }
            }
        }

        return null;
    }

    /**
     * Where everything is read, and the sheet does not say how much of it is allowed.
     *
     * @param  list<JudgedBore>  $bores
     * @param  list<int>  $spared
     */
    private function limitless(array $bores, array $spared): ?NextReading
    {
        foreach ($bores as $bore) {
            if (in_array(Outcome::NoLimit, array_column($bore->findings, 'outcome'), true)) {
                return new NextReading(null, NextReason::NeedsLimit, $spared);
            }
        }

        return null;
    }

    /**
     * Pits are as deep as nothing until they are measured (BORE-7): where a deep one could change the way, its depth is asked.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @param  list<int>  $spared
     */
    private function depth(array $bores, ReborePlan $plan, array $spared): ?NextReading
    {
        foreach ($bores as $index => $bore) {
            if ($bore->inspection->wantsPitDepth() && $this->open->dependsOnPits($plan, $index)) {
                return new NextReading(BorePlace::look(BoreFeature::PitDepth, $bore->cylinder()), NextReason::DepthOfPits, $spared);
            }
        }

        return null;
    }

    /** @param  non-empty-list<JudgedBore>  $bores */
    private function needSize(array $bores): bool
    {
        return array_filter($bores, static fn (JudgedBore $bore): bool => $bore->measures->needsSize) !== [];
    }

    /**
     * Without a size for the zero, form alone can condemn; once it is read everywhere the zero's size is what is missing (GAUGE-2).
     *
     * @param  non-empty-list<JudgedBore>  $worstFirst
     */
    private function formFirst(array $worstFirst): NextReading
    {
        foreach ($worstFirst as $bore) {
            $place = $bore->canStay === CanStay::No ? null : $this->unread->first($bore, withPiston: false);
            if ($place !== null) {
                return new NextReading($place, NextReason::CouldCondemn, []);
            }
        }

        return new NextReading(null, NextReason::NeedsZeroSize, []);
    }

    /** @param  non-empty-list<JudgedBore>  $worstFirst */
    private function stepShowing(array $worstFirst): NextReading
    {
        foreach ($worstFirst as $bore) {
            if ($bore->inspection->reading(Station::Bottom, Axis::Thrust) === null) {
                return new NextReading(BorePlace::bore($bore->cylinder(), Station::Bottom, Axis::Thrust), NextReason::ShowsTheStep, []);
            }
        }
        foreach ($worstFirst as $bore) {
            $place = $this->unread->first($bore);
            if ($place !== null) {
                return new NextReading($place, NextReason::ShowsTheStep, []);
            }
        }

        return new NextReading(null, NextReason::ShowsTheStep, []);
    }

    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @return non-empty-list<JudgedBore>
     */
    private function worstFirst(array $bores): array
    {
        usort(
            $bores,
            static fn (JudgedBore $a, JudgedBore $b): int => [$b->measures->size()?->nanometres, $a->cylinder()] <=> [
                $a->measures->size()?->nanometres,
                $b->cylinder(),
            ],
        );

        return $bores;
    }
}

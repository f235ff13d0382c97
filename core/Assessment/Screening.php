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
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Features\Bores\Recommendation;
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
    /** The places of one bore from the most worn to the least. */
    private const ORDER = [
        [Station::Top, Axis::Thrust],
        [Station::Top, Axis::Inline],
        [Station::Bottom, Axis::Thrust],
        [Station::Middle, Axis::Thrust],
        [Station::Bottom, Axis::Inline],
        [Station::Middle, Axis::Inline],
    ];

    /** @param  list<Station>  $stations  Where thrust and inline have to be read, by the shop's school */
    public function __construct(
        private Length $allowance,
        private BlockPrices $prices,
        private Preference $preference,
        private SleeveForWear $sleeveForWear,
        private array $stations,
    ) {
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
        $open = $this->open($bores, $plan);
        $spared = array_values(array_diff(array_map(static fn (JudgedBore $bore): int => $bore->cylinder(), $bores), array_keys($open)));
        $stillOpen = array_values(array_filter($worstFirst, static fn (JudgedBore $bore): bool => isset($open[$bore->cylinder()])));
        foreach ($stillOpen as $bore) {
            $place = $this->unread($bore);
            if ($place !== null) {
                return new NextReading($place, $open[$bore->cylinder()], $spared);
            }
        }

        $stake = $this->recommended($plan)?->stake;

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
        $now = $this->recommended($plan);
        foreach ($bores as $index => $bore) {
            if (! $bore->inspection->wantsPitDepth()) {
                continue;
            }
            $cylinders = $plan->cylinders;
            $cylinders[$index] = $cylinders[$index]->pitted($this->allowance);
            if ($now?->isSameAs($this->recommended(ReborePlan::of($plan->block, array_values($cylinders), $this->prices))) !== true) {
                return new NextReading(BorePlace::look(BoreFeature::PitDepth, $bore->cylinder()), NextReason::DepthOfPits, $spared);
            }
        }

        return null;
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
        foreach ($this->order() as [$station, $axis]) {
            foreach ($bores as $bore) {
                if ($bore->inspection->reading($station, $axis) === null) {
                    $walk[] = BorePlace::bore($bore->cylinder(), $station, $axis);
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
     * Once a bore fails, the block is planned at its kindest, as the readings stand and with every undecided bore
     * staying, and at its harshest, with every bore not wholly read worn further by the allowance and none of the
     * undecided staying. More wear never makes a way cheaper, possible or freer of sleeves, so where both ends come
     * to the same way with the same sleeves, everything between them does too.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return array<int, NextReason>
     */
    private function open(array $bores, ReborePlan $plan): array
    {
        if (! in_array(CanStay::No, array_column($bores, 'canStay'), true)) {
            return $this->undecided($bores);
        }
        if ($this->unwhole($bores) === [] && $this->undecided($bores) === []) {
            return [];
        }
        $kindest = $this->recommended($this->undecided($bores) === [] ? $plan : $this->suppose($bores, $plan, isKind: true));
        if ($kindest !== null && $kindest->isSameAs($this->recommended($this->suppose($bores, $plan, isKind: false)))) {
            return [];
        }
        $undecided = $kindest?->option->kind === OptionKind::Stay ? $this->undecided($bores) : [];
        $open = [];
        foreach ($bores as $bore) {
            $reason = match (true) {
                ! $bore->isWhole() && $this->sizeIsOpen($bore, $plan) => NextReason::CouldChangeSize,
                default => $undecided[$bore->cylinder()] ?? null,
            };
            if ($reason !== null) {
                $open[$bore->cylinder()] = $reason;
            }
        }

        return $open !== [] ? $open : $this->unwhole($bores);
    }

    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @return array<int, NextReason>
     */
    private function undecided(array $bores): array
    {
        $open = [];
        foreach ($bores as $bore) {
            if ($bore->canStay === CanStay::NotYetKnown) {
                $open[$bore->cylinder()] = $bore->isWhole() ? NextReason::CompletesStaying : NextReason::CouldCondemn;
            }
        }

        return $open;
    }

    /**
     * Where the ends differ and no single size tells why, a wall may: whatever is not wholly read stays open.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     * @return array<int, NextReason>
     */
    private function unwhole(array $bores): array
    {
        $open = [];
        foreach ($bores as $bore) {
            if (! $bore->isWhole()) {
                $open[$bore->cylinder()] = NextReason::CouldChangeSize;
            }
        }

        return $open;
    }

    /** @param  non-empty-list<JudgedBore>  $bores */
    private function suppose(array $bores, ReborePlan $plan, bool $isKind): ReborePlan
    {
        return ReborePlan::of(
            $plan->block,
            array_map(
                fn (JudgedBore $bore, CylinderToPlan $cylinder): CylinderToPlan => $cylinder->suppose(
                    $isKind || $bore->isWhole() ? Length::zero() : $this->allowance,
                    $bore->canStay->stays() || ($isKind && $bore->canStay === CanStay::NotYetKnown),
                ),
                $bores,
                $plan->cylinders,
            ),
            $this->prices,
        );
    }

    private function recommended(ReborePlan $plan): ?Recommendation
    {
        return Recommendation::from($plan, $this->preference, $this->sleeveForWear);
    }

    /** @return list<array{Station, Axis}> */
    private function order(): array
    {
        return array_values(array_filter(self::ORDER, fn (array $place): bool => in_array($place[0], $this->stations, true)));
    }

    private function sizeIsOpen(JudgedBore $bore, ReborePlan $plan): bool
    {
        $now = $plan->required[$bore->cylinder()];
        $worse = $now->afterFurtherWear($this->allowance);
        foreach ($plan->block->stepsAbove($plan->block->currentStep) as $step) {
            $size = $plan->block->nominal->plus($step);
            if ($now->at($size) !== $worse->at($size)) {
                return true;
            }
        }

        return false;
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
            $place = $bore->canStay === CanStay::No ? null : $this->unread($bore, withPiston: false);
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
            $place = $this->unread($bore);
            if ($place !== null) {
                return new NextReading($place, NextReason::ShowsTheStep, []);
            }
        }

        return new NextReading(null, NextReason::ShowsTheStep, []);
    }

    /** @param  bool  $withPiston  Without a size for the zero a piston says nothing (GAUGE-2) */
    private function unread(JudgedBore $bore, bool $withPiston = true): ?Place
    {
        foreach ($this->order() as [$station, $axis]) {
            if ($bore->inspection->reading($station, $axis) === null) {
                return BorePlace::bore($bore->cylinder(), $station, $axis);
            }
        }

        return array_values(
            array_filter(
                $this->unreadLooks($bore),
                static fn (Place $place): bool => $withPiston || $place->feature !== BoreFeature::Piston,
            ),
        )[0] ?? null;
    }

    /** @return list<Place> */
    private function unreadLooks(JudgedBore $bore): array
    {
        $cylinder = $bore->cylinder();
        $looks = $bore->inspection->looks;

        return array_values(
            array_filter([
                $looks->ridgeAtTop === null ? BorePlace::ridge($cylinder, Station::Top) : null,
                $looks->ridgeAtBottom === null ? BorePlace::ridge($cylinder, Station::Bottom) : null,
                $looks->scoring === null ? BorePlace::look(BoreFeature::Scoring, $cylinder) : null,
                $looks->pitting === null ? BorePlace::look(BoreFeature::Pitting, $cylinder) : null,
                $bore->inspection->wantsPitDepth() ? BorePlace::look(BoreFeature::PitDepth, $cylinder) : null,
                $looks->crack === null ? BorePlace::look(BoreFeature::Crack, $cylinder) : null,
                $bore->inspection->piston === null ? BorePlace::piston($cylinder) : null,
            ]),
        );
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

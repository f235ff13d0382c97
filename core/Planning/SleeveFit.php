<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Receiving\SleeveFinding;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** How a parent bore is cut for one sleeve, and whether the sleeve will sit (SLV-1, SLV-2, SLV-3, SLV-4, SLV-5). */
final readonly class SleeveFit
{
    private const LEAST_PLACES = 4;

    /** Where no specification says otherwise: for bores of 3 to 4.5 in, both included. */
    private const USUAL_FROM_NM = 76_200_000;

    private const USUAL_TO_NM = 114_300_000;

    private const USUAL_LEAST_NM = 25_400;

    private const USUAL_MOST_NM = 76_200;

    /** The target stays below the top of the range by that much, unless that is below its middle. */
    private const BELOW_TOP_NM = 12_700;

    private function __construct(
        public Length $outsideMean,
        public Length $outsideSpread,
        public Length $least,
        public Length $most,
        public Length $target,
        private float $exactMean,
    ) {
    }

    /**
     * @param  list<Length>  $outside  Of the sleeve, at four places or more
     * @param  ?Length  $least  Interference by the specification; null with the other: the usual range
     * @param  ?Length  $target  Null: 0.0005 in below the top of the range, at the least its middle
     *
     * @throws PlanningException If places are missing, a size cannot be, or no range is known
     */
    public static function of(array $outside, ?Length $least, ?Length $most, ?Length $target, ?Length $boreNominal): self
    {
        if (count($outside) < self::LEAST_PLACES) {
            throw PlanningException::tooFew('places_on_the_sleeve', count($outside), self::LEAST_PLACES);
        }
        foreach ($outside as $diameter) {
            $diameter->isPositive() || throw PlanningException::impossible('outside_of_a_sleeve', $diameter->nanometres);
        }
        [$from, $to] = self::range($least, $most, $boreNominal);
        $sum = array_sum(array_map(static fn (Length $diameter): int => $diameter->nanometres, $outside));

        return new self(
            Length::ofNanometres(Length::divideRounded($sum, count($outside))),
            Length::largest(...$outside)->minus(Length::smallest(...$outside)),
            $from,
            $to,
            $target ?? Length::largest($to->minus(Length::ofNanometres(self::BELOW_TOP_NM)), $from->plus($to)->half()),
            $sum / count($outside),
        );
    }

    /** More than half the range's width: the sleeve is not round enough to be fitted by its mean. */
    public function isSpreadTooLarge(): bool
    {
        return $this->outsideSpread->times(2)->isLargerThan($this->most->minus($this->least));
    }

    public function finishCut(): Length
    {
        return Length::ofNanometres((int) round($this->exactMean - $this->target->nanometres));
    }

    public function roughCut(Length $finishStock): Length
    {
        return Length::ofNanometres((int) round($this->exactMean - $this->target->nanometres - $finishStock->nanometres));
    }

    /**
     * The step at the bottom is left for the sleeve to sit on.
     *
     * @throws PlanningException If nothing is left to cut
     */
    public static function depthOfCut(Length $boreLength, Length $step): Length
    {
        return $step->isSmallerThan($boreLength)
            ? $boreLength->minus($step)
            : throw PlanningException::impossible('sleeve_step', $step->nanometres);
    }

    /** @return list<SleeveFinding> In the order in which they are looked for */
    public static function findings(
        Length $sleeveLength,
        Length $depthOfCut,
        int $pieces,
        bool $jointInRingTravel,
        bool $flangeNotSeated,
        bool $edgeCatchesNail,
    ): array {
        return array_values(
            array_filter([
                $edgeCatchesNail ? SleeveFinding::EdgeCatchesNail : null,
                $flangeNotSeated ? SleeveFinding::FlangeNotSeated : null,
                $jointInRingTravel ? SleeveFinding::JointInRingTravel : null,
                $pieces > 1 ? SleeveFinding::MoreThanOnePiece : null,
                $sleeveLength->isSmallerThan($depthOfCut) ? SleeveFinding::NotFullDepth : null,
            ]),
        );
    }

    /** How much of the sleeve's mean sticks over a parent bore of that size. */
    public function interferenceIn(Length $parent): Length
    {
        return Length::ofNanometres((int) round($this->exactMean - $parent->nanometres));
    }

    public function isInside(Length $parent): bool
    {
        $interference = $this->exactMean - $parent->nanometres;

        return $interference >= $this->least->nanometres && $interference <= $this->most->nanometres;
    }

    /** @return list<array{Station, Axis}> Where the parent bore is checked before the sleeve goes in */
    public static function placesToCheck(): array
    {
        return [
            [Station::Top, Axis::Thrust],
            [Station::Top, Axis::Inline],
            [Station::Bottom, Axis::Thrust],
            [Station::Bottom, Axis::Inline],
        ];
    }

    /**
     * How much warmer the block has to be than the sleeve, in °C, for it to drop in.
     *
     * @param  Length  $slip  Room to drop
     * @param  float  $alpha  Expansion of the parent metal in 1e-6/°C
     *
     * @throws PlanningException If the expansion is not above zero
     */
    public function temperatureDifference(Length $slip, float $alpha): float
    {
        return $alpha > 0
            ? $this->target->plus($slip)->nanometres / ($alpha * 1e-6 * $this->exactMean)
            : throw PlanningException::impossible('expansion', $alpha);
    }

    /** @return array{Length, Length} */
    private static function range(?Length $least, ?Length $most, ?Length $boreNominal): array
    {
        if ($least !== null && $most !== null) {
            return $least->isLargerThan($most) || $least->isNegative()
                ? throw PlanningException::impossible('least_interference', $least->nanometres)
                : [$least, $most];
        }
        if ($least !== null || $most !== null) {
            throw PlanningException::missing('interference_end');
        }
        $nominal = ($boreNominal ?? throw PlanningException::missing('nominal_bore'))->nanometres;

        return $nominal >= self::USUAL_FROM_NM && $nominal <= self::USUAL_TO_NM
            ? [Length::ofNanometres(self::USUAL_LEAST_NM), Length::ofNanometres(self::USUAL_MOST_NM)]
            : throw PlanningException::rangeNeeded($nominal);
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/**
 * What one place reads: the mean of its repeats, corrected to 20 °C where both temperatures are known
 * (GAUGE-4, GAUGE-8), with the gauge it came from.
 */
final readonly class Reading
{
    /** @param  non-empty-list<Length>  $repeats  As measured, one where nothing was repeated */
    private function __construct(
        public Place $place,
        public array $repeats,
        public Length $measured,
        public Length $corrected,
        public Instrument $instrument,
        private Temperatures $temperatures,
    ) {
    }

    /**
     * @param  non-empty-list<Length>  $repeats
     *
     * @throws GaugingException If a size is zero or below
     */
    public static function of(Place $place, array $repeats, Instrument $instrument, Temperatures $temperatures): self
    {
        $sum = 0;
        foreach ($repeats as $size) {
            $sum += $size->isPositive() ? $size->nanometres : throw GaugingException::notASize($size->nanometres);
        }
        $mean = Length::ofNanometres(Length::divideRounded($sum, count($repeats)));

        return new self($place, $repeats, $mean, $temperatures->correct($mean), $instrument, $temperatures);
    }

    public function sizeUncertainty(): Uncertainty
    {
        return Uncertainty::ofSize($this->corrected, $this->instrument, $this->temperatures, $this->repeats);
    }

    /** The doubt of the difference to another reading of the same setup. */
    public function differenceUncertainty(): Uncertainty
    {
        return Uncertainty::ofDifference($this->instrument, $this->repeats);
    }
}

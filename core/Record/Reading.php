<?php

declare(strict_types=1);

namespace NorthLedger\Core\Record;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;

/**
 * What one place reads: the mean of its repeats, corrected to 20 °C where both temperatures are known
 * (GAUGE-4, GAUGE-8), with the gauge it came from. Of a comparative setup whose zero has no size yet it is
 * the deviation from that zero, and only differences within that setup say anything (GAUGE-2).
 */
final readonly class Reading
{
    /**
     * @param  non-empty-list<Length>  $repeats  As measured, one where nothing was repeated
     * @param  string  $setup  What tells one setup from another
     */
    private function __construct(
        public Place $place,
        public array $repeats,
        public Length $measured,
        public Length $corrected,
        public Instrument $instrument,
        public Temperatures $temperatures,
        public string $setup,
        public bool $isSized,
    ) {
    }

    /**
     * @param  non-empty-list<Length>  $repeats
     *
     * @throws GaugingException If a size is zero or below
     */
    public static function of(Place $place, array $repeats, Instrument $instrument, Temperatures $temperatures, string $setup = ''): self
    {
        foreach ($place->feature->measurand() === Measurand::Size ? $repeats : [] as $size) {
            $size->isPositive() || throw GaugingException::notASize($size->nanometres);
        }

        return self::mean($place, $repeats, $instrument, $temperatures, $setup, true);
    }

    /**
     * Deviations from a zero on the part itself, whose size nobody knows yet.
     *
     * @param  non-empty-list<Length>  $repeats
     */
    public static function unsized(Place $place, array $repeats, Instrument $instrument, Temperatures $temperatures, string $setup): self
    {
        return self::mean($place, $repeats, $instrument, $temperatures, $setup, false);
    }

    /** True where the difference of the two means something: both are sizes, or both count from one zero. */
    public function isComparableWith(self $other): bool
    {
        return $this->setup === $other->setup || ($this->isSized && $other->isSized);
    }

    /** The same reading, had it shown that much more. */
    public function movedBy(Length $more): self
    {
        return new self(
            $this->place,
            array_map(static fn (Length $one): Length => $one->plus($more), $this->repeats),
            $this->measured->plus($more),
            $this->corrected->plus($more),
            $this->instrument,
            $this->temperatures,
            $this->setup,
            $this->isSized,
        );
    }

    public function sizeUncertainty(): Uncertainty
    {
        return Uncertainty::ofSize($this->corrected, $this->instrument, $this->temperatures, $this->repeats);
    }

    /** The doubt of the difference to a comparable reading: in one setup zero, calibration and temperature cancel (GAUGE-5). */
    public function differenceUncertainty(self $other): Uncertainty
    {
        if ($this->setup !== $other->setup) {
            return $this->sizeUncertainty()->combinedWith($other->sizeUncertainty());
        }
        $here = Uncertainty::ofDifference($this->instrument, $this->repeats);
        $there = Uncertainty::ofDifference($other->instrument, $other->repeats);

        return $here->isLargerThan($there) ? $here : $there;
    }

    /** @param  non-empty-list<Length>  $repeats */
    private static function mean(
        Place $place,
        array $repeats,
        Instrument $instrument,
        Temperatures $temperatures,
        string $setup,
        bool $isSized,
    ): self {
        $mean = count($repeats) === 1 ? $repeats[0] : Length::mean($repeats);

        return new self($place, $repeats, $mean, $temperatures->correct($mean), $instrument, $temperatures, $setup, $isSized);
    }
}

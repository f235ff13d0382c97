<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** The doubt of a value (GAUGE-5): a standard uncertainty u in nanometres; U = 2u is what is shown. */
final readonly class Uncertainty
{
    private const REPEATS_NEEDED = 3;

    private function __construct(public float $standard)
    {
    }

    public static function none(): self
    {
        return new self(0.0);
    }

    /** @param  float  $standard  u in nanometres */
    public static function ofStandard(float $standard): self
    {
        return new self($standard);
    }

    /**
     * u² = res²/12 + (U_cal/2)² + s² + u_T².
     *
     * @param  list<Length>  $repeats  Readings of the one place; three or more replace the gauge's repeatability
     */
    public static function ofSize(Length $size, Instrument $instrument, Temperatures $temperatures, array $repeats = []): self
    {
        return new self(
            sqrt(
                self::variance($instrument, $repeats) +
                    ($instrument->calibration->nanometres / 2) ** 2 +
                    $temperatures->uncertaintyOf($size) ** 2,
            ),
        );
    }

    /**
     * u² = 2·(res²/12 + s²): zero, calibration and temperature cancel in one setup.
     *
     * @param  list<Length>  $repeats
     */
    public static function ofDifference(Instrument $instrument, array $repeats = []): self
    {
        return new self(sqrt(2 * self::variance($instrument, $repeats)));
    }

    /** The doubt of a sum or difference of two values that share nothing. */
    public function combinedWith(self $other): self
    {
        return new self(sqrt($this->standard ** 2 + $other->standard ** 2));
    }

    public function isLargerThan(self $other): bool
    {
        return $this->standard > $other->standard;
    }

    /** U = 2u, from the unrounded u. */
    public function expanded(): Length
    {
        return Length::ofNanometres((int) round(2 * $this->standard));
    }

    /** @param  list<Length>  $repeats */
    private static function variance(Instrument $instrument, array $repeats): float
    {
        $repeatability =
            count($repeats) >= self::REPEATS_NEEDED ? Scatter::of($repeats)->variance : $instrument->repeatability->nanometres ** 2;

        return $instrument->resolution->nanometres ** 2 / 12 + $repeatability;
    }
}

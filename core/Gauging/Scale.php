<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Mass;

/** What a scale is worth (GAUGE-1): the step it shows, calibration uncertainty (k = 2) and repeatability (1σ), and what it carries. */
final readonly class Scale
{
    private function __construct(public Mass $resolution, public Mass $calibration, public Mass $repeatability, public Mass $most)
    {
    }

    /** @throws GaugingException If it shows no step */
    public static function of(Mass $resolution, Mass $calibration, Mass $repeatability, Mass $most): self
    {
        return $resolution->micrograms > 0 ? new self($resolution, $calibration, $repeatability, $most) : throw GaugingException::noStep();
    }

    /** The built-in defaults of a kind; null where it reads lengths. */
    public static function ofKind(InstrumentKind $kind): ?self
    {
        return match ($kind) {
            InstrumentKind::ScaleTenth => self::ofMicrograms(100_000, 100_000, 50_000, 6_000_000_000),
            InstrumentKind::ScaleHundredth => self::ofMicrograms(10_000, 20_000, 10_000, 3_000_000_000),
            default => null,
        };
    }

    public static function ofMicrograms(int $resolution, int $calibration, int $repeatability, int $most): self
    {
        return self::of(
            Mass::ofMicrograms($resolution),
            Mass::ofMicrograms($calibration),
            Mass::ofMicrograms($repeatability),
            Mass::ofMicrograms($most),
        );
    }

    /** True where its display can stand at the mass. */
    public function shows(Mass $mass): bool
    {
        return $mass->micrograms % $this->resolution->micrograms === 0;
    }

    public function carries(Mass $mass): bool
    {
        return $mass->micrograms <= $this->most->micrograms;
    }

    /** True where it stands at its check weight, a step more or less (GAUGE-3). */
    public function holds(Mass $weight, Mass $shows): bool
    {
        return abs($shows->micrograms - $weight->micrograms) <= $this->resolution->micrograms;
    }

    /** The doubt of one mass, in micrograms (GAUGE-5). */
    public function uncertainty(): Uncertainty
    {
        return Uncertainty::ofStandard(
            sqrt(
                $this->resolution->micrograms ** 2 / 12 + ($this->calibration->micrograms / 2) ** 2 + $this->repeatability->micrograms ** 2,
            ),
        );
    }

    /**
     * The doubt of a difference between sums of weighings on this scale, in micrograms: its calibration cancels (GAUGE-5).
     *
     * @param  int  $weighings  In both sums together
     */
    public function uncertaintyOfDifference(int $weighings): Uncertainty
    {
        return Uncertainty::ofStandard(
            sqrt($weighings * ($this->resolution->micrograms ** 2 / 12 + $this->repeatability->micrograms ** 2)),
        );
    }
}

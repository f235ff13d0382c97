<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/**
 * Part and master temperature of a reading, in °C, with their expansion in 1e-6/°C (GAUGE-4).
 * A reading is corrected to 20 °C only where both are known.
 */
final readonly class Temperatures
{
    private const REFERENCE_C = 20.0;

    private const ABSOLUTE_ZERO_C = -273.15;

    private function __construct(
        private float $partAlpha,
        private float $masterAlpha,
        private ?float $partCelsius,
        private ?float $masterCelsius,
    ) {
    }

    /** @throws GaugingException If an expansion is below zero or a temperature below absolute zero */
    public static function of(float $partAlpha, float $masterAlpha, ?float $partCelsius, ?float $masterCelsius): self
    {
        foreach (
            [
                'expansion' => min($partAlpha, $masterAlpha),
                'absolute_temperature' => min($partCelsius ?? 0, $masterCelsius ?? 0) - self::ABSOLUTE_ZERO_C,
            ] as $what => $value
        ) {
            if ($value < 0) {
                throw GaugingException::negative($what, $value);
            }
        }

        return new self($partAlpha, $masterAlpha, $partCelsius, $masterCelsius);
    }

    public function areBothKnown(): bool
    {
        return $this->partCelsius !== null && $this->masterCelsius !== null;
    }

    /** The same part and master with both temperatures taken, at 20 °C. */
    public function asKnown(): self
    {
        return new self($this->partAlpha, $this->masterAlpha, self::REFERENCE_C, self::REFERENCE_C);
    }

    /** The size at 20 °C; the size as measured where a temperature is not known. */
    public function correct(Length $measured): Length
    {
        if ($this->partCelsius === null || $this->masterCelsius === null) {
            return $measured;
        }
        $shift =
            $this->masterAlpha * ($this->masterCelsius - self::REFERENCE_C) - $this->partAlpha * ($this->partCelsius - self::REFERENCE_C);

        return Length::ofNanometres((int) round($measured->nanometres * (1 + $shift * 1e-6)));
    }

    /** Standard uncertainty in nanometres from what is not known of the temperatures (GAUGE-5). */
    public function uncertaintyOf(Length $size): float
    {
        $span = $this->areBothKnown() ? 1.0 : 3.0;

        return (abs($size->nanometres) * $this->partAlpha * 1e-6 * $span) / sqrt(3);
    }
}

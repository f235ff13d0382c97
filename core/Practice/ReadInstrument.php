<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Quantity\Length;

/** An instrument whose scale somebody learns to read (PRAC-1). */
enum ReadInstrument: string
{
    case InchMicrometer = 'micrometer inch';
    case InchVernierMicrometer = 'micrometer inch vernier';
    case MetricMicrometer = 'micrometer metric';
    case DialBoreGauge = 'dial bore gauge';
    case InchDepthMicrometer = 'depth micrometer inch';
    case MetricDepthMicrometer = 'depth micrometer metric';

    /** From one line of the barrel to the next: one turn of the thimble; null where there is no barrel. */
    public function barrelLine(): ?Length
    {
        return match ($this) {
            self::InchMicrometer, self::InchVernierMicrometer, self::InchDepthMicrometer => Length::ofNanometres(635_000),
            self::MetricMicrometer, self::MetricDepthMicrometer => Length::ofNanometres(500_000),
            self::DialBoreGauge => null,
        };
    }

    /** What the thimble shows without its vernier; null where there is none. */
    public function thimbleDivision(): ?Length
    {
        return $this === self::InchVernierMicrometer ? Length::ofNanometres(25_400) : null;
    }

    /** The barrel of a depth micrometer covers what the thimble has passed, and is read from what it covers. */
    public function readsCoveredLines(): bool
    {
        return $this === self::InchDepthMicrometer || $this === self::MetricDepthMicrometer;
    }

    public function hasDial(): bool
    {
        return $this === self::DialBoreGauge;
    }
}

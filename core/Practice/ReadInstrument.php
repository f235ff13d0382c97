<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** An instrument whose scale somebody learns to read (PRAC-1). */
enum ReadInstrument: string
{
    case InchMicrometer = 'micrometer inch';
    case InchVernierMicrometer = 'micrometer inch vernier';
    case MetricMicrometer = 'micrometer metric';
    case MetricVernierMicrometer = 'micrometer metric vernier';
    case InchCaliper = 'vernier caliper inch';
    case MetricCaliper = 'vernier caliper metric';
    case DialBoreGauge = 'dial bore gauge';
    case MetricDialBoreGauge = 'dial bore gauge metric';
    case FineMetricDialBoreGauge = 'dial bore gauge metric fine';
    case DialIndicator = 'dial indicator';
    case InchDepthMicrometer = 'depth micrometer inch';
    case MetricDepthMicrometer = 'depth micrometer metric';
    case TelescopingGauge = 'telescoping gauge';
    case FeelerStack = 'feeler stack';

    public function unit(): LengthUnit
    {
        return match ($this) {
            self::MetricMicrometer,
            self::MetricVernierMicrometer,
            self::MetricCaliper,
            self::MetricDepthMicrometer,
            self::MetricDialBoreGauge,
            self::FineMetricDialBoreGauge
                => LengthUnit::Millimetre,
            default => LengthUnit::Inch,
        };
    }

    /** From one line of the barrel, or of a caliper’s beam, to the next; null where there is neither. */
    public function barrelLine(): ?Length
    {
        return match ($this) {
            self::InchMicrometer,
            self::InchVernierMicrometer,
            self::InchDepthMicrometer,
            self::TelescopingGauge,
            self::InchCaliper
                => Length::ofNanometres(635_000),
            self::MetricMicrometer, self::MetricVernierMicrometer, self::MetricDepthMicrometer => Length::ofNanometres(500_000),
            self::MetricCaliper => Length::ofNanometres(1_000_000),
            self::DialBoreGauge,
            self::MetricDialBoreGauge,
            self::FineMetricDialBoreGauge,
            self::DialIndicator,
            self::FeelerStack
                => null,
        };
    }

    /** What is shown without the vernier: a division of the thimble, or a line of the beam; null where there is no vernier. */
    public function thimbleDivision(): ?Length
    {
        return match ($this) {
            self::InchVernierMicrometer => Length::ofNanometres(25_400),
            self::MetricVernierMicrometer => Length::ofNanometres(10_000),
            self::InchCaliper, self::MetricCaliper => $this->barrelLine(),
            default => null,
        };
    }

    /** The least that it shows. */
    public function resolution(): Length
    {
        return Length::ofNanometres(
            match ($this) {
                self::InchVernierMicrometer => 2_540,
                self::MetricVernierMicrometer => 1_000,
                self::MetricMicrometer, self::MetricDepthMicrometer, self::MetricDialBoreGauge => 10_000,
                self::MetricCaliper => 50_000,
                self::DialBoreGauge => 12_700,
                self::FineMetricDialBoreGauge => 2_000,
                self::InchMicrometer,
                self::InchCaliper,
                self::DialIndicator,
                self::InchDepthMicrometer,
                self::TelescopingGauge,
                self::FeelerStack
                    => 25_400,
            },
        );
    }

    /** Of the hand of a dial; null where there is none. */
    public function revolution(): ?Length
    {
        return match ($this) {
            self::DialBoreGauge => Length::ofNanometres(508_000),
            self::MetricDialBoreGauge => Length::ofNanometres(1_000_000),
            self::FineMetricDialBoreGauge => Length::ofNanometres(200_000),
            self::DialIndicator => Length::ofNanometres(2_540_000),
            default => null,
        };
    }

    /** The barrel of a depth micrometer covers what the thimble has passed, and is read from what it covers. */
    public function readsCoveredLines(): bool
    {
        return $this === self::InchDepthMicrometer || $this === self::MetricDepthMicrometer;
    }

    /** What the dial of a bore gauge is read as; null for a kind whose dial is not drawn. */
    public static function ofKind(InstrumentKind $kind): ?self
    {
        return match ($kind) {
            InstrumentKind::BoreGaugeHalfThou => self::DialBoreGauge,
            InstrumentKind::BoreGaugeHundredth => self::MetricDialBoreGauge,
            InstrumentKind::BoreGaugeTwoMicrometres => self::FineMetricDialBoreGauge,
            default => null,
        };
    }

    public function hasBarrel(): bool
    {
        return $this->barrelLine() !== null && ! $this->isCaliper();
    }

    public function isCaliper(): bool
    {
        return $this === self::InchCaliper || $this === self::MetricCaliper;
    }

    public function hasDial(): bool
    {
        return $this->revolution() !== null;
    }

    /** True where less than zero can be shown: about a zero that was set. */
    public function isAboutZero(): bool
    {
        return in_array($this, [self::DialBoreGauge, self::MetricDialBoreGauge, self::FineMetricDialBoreGauge], true);
    }

    /** @return list<Spot> Where it is read wrongly, the easiest first */
    public function spots(): array
    {
        return match ($this) {
            self::DialBoreGauge, self::MetricDialBoreGauge, self::FineMetricDialBoreGauge => [Spot::Larger, Spot::Smaller, Spot::NearZero],
            self::DialIndicator => [Spot::Plain, Spot::JustPast, Spot::JustBefore],
            self::FeelerStack => [Spot::TwoBlades, Spot::ThreeBlades],
            self::InchVernierMicrometer, self::MetricVernierMicrometer => [Spot::Plain, Spot::JustPast, Spot::JustBefore, Spot::Vernier],
            self::InchCaliper, self::MetricCaliper => [Spot::Plain, Spot::JustPast, Spot::JustBefore],
            default => [Spot::Plain, Spot::HalfLine, Spot::JustPast, Spot::JustBefore],
        };
    }
}

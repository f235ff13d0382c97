<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/** The kinds of instrument with built-in defaults (GAUGE-1). */
enum InstrumentKind: string
{
    case OutsideMicrometer = 'outside micrometer';
    case BoreGaugeTenth = 'dial bore gauge .0001';
    case BoreGaugeHalfThou = 'dial bore gauge .0005';
    case BoreGaugeHundredth = 'dial bore gauge 0.01 mm';
    case BoreGaugeTwoMicrometres = 'dial bore gauge 0.002 mm';
    case TelescopingGauge = 'telescoping gauge with micrometer';
    case InsideMicrometer = 'inside micrometer';
    case DigitalCaliper = 'digital caliper';
    case DepthMicrometer = 'depth micrometer';
    case DialIndicator = 'dial indicator';
    case TestIndicator = 'test indicator';
    case FeelerGauge = 'feeler gauge';
    case StraightedgeWithFeeler = 'straightedge with feeler';
    case PlasticClearanceStrip = 'plastic clearance strip';
    case SmallHoleGauge = 'small-hole gauge with micrometer';
    case RadiusGauge = 'radius gauge';
    case HeightGauge = 'height gauge';
    case ScaleTenth = 'scale 0.1 g';
    case ScaleHundredth = 'scale 0.01 g';

    /** True where it shows sizes, false where it shows deviations from its zero (QTY-3). */
    public function showsSizes(): bool
    {
        return ! in_array(
            $this,
            [
                self::BoreGaugeTenth,
                self::BoreGaugeHalfThou,
                self::BoreGaugeHundredth,
                self::BoreGaugeTwoMicrometres,
                self::DialIndicator,
                self::TestIndicator,
            ],
            true,
        );
    }

    /** The range of an ordinary set of this kind (QTY-4). */
    public function range(): GaugeRange
    {
        [$least, $most] = match ($this) {
            self::OutsideMicrometer, self::DigitalCaliper, self::DepthMicrometer => [0, 152_400_000],
            self::BoreGaugeTenth,
            self::BoreGaugeHalfThou,
            self::BoreGaugeHundredth,
            self::BoreGaugeTwoMicrometres
                => [50_800_000, 152_400_000],
            self::TelescopingGauge => [7_937_500, 152_400_000],
            self::InsideMicrometer => [50_800_000, 304_800_000],
            self::DialIndicator => [-25_400_000, 25_400_000],
            self::TestIndicator => [-762_000, 762_000],
            self::FeelerGauge, self::StraightedgeWithFeeler => [0, 1_016_000],
            self::PlasticClearanceStrip => [25_400, 228_600],
            self::SmallHoleGauge => [3_000_000, 13_000_000],
            self::RadiusGauge => [250_000, 25_000_000],
            self::HeightGauge => [0, 609_600_000],
            self::ScaleTenth, self::ScaleHundredth => [0, 0],
        };

        return $this->weighs() ? GaugeRange::none() : GaugeRange::ofNanometres($least, $most);
    }

    /** True where it reads masses and no lengths. */
    public function weighs(): bool
    {
        return in_array($this, self::scales(), true);
    }

    /** @return list<self> */
    public static function scales(): array
    {
        return [self::ScaleTenth, self::ScaleHundredth];
    }

    /** True where it can be used inside a bore. */
    public function readsBores(): bool
    {
        return in_array(
            $this,
            [
                self::BoreGaugeTenth,
                self::BoreGaugeHalfThou,
                self::BoreGaugeHundredth,
                self::BoreGaugeTwoMicrometres,
                self::TelescopingGauge,
                self::InsideMicrometer,
                self::DigitalCaliper,
            ],
            true,
        );
    }

    /** @return list<self> That a bore gauge can be set to a size with, the usual one first; rings and fixtures are masters */
    public static function thatSetZeros(): array
    {
        return [self::OutsideMicrometer, self::DigitalCaliper];
    }

    /** True where it follows a wall from a spindle on the original axis (BORE-8). */
    public function tracesWalls(): bool
    {
        return in_array($this, [self::DialIndicator, self::TestIndicator], true);
    }
}

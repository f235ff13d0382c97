<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** What a gauge is worth (GAUGE-1): resolution, calibration uncertainty (k = 2) and repeatability (1σ). */
final readonly class Instrument
{
    private function __construct(public Length $resolution, public Length $calibration, public Length $repeatability)
    {
    }

    /** @throws GaugingException If a value is below zero */
    public static function of(Length $resolution, Length $calibration, Length $repeatability): self
    {
        foreach (
            ['resolution' => $resolution, 'calibration_uncertainty' => $calibration, 'repeatability' => $repeatability] as $what => $length
        ) {
            if ($length->isNegative()) {
                throw GaugingException::negative($what, $length->nanometres);
            }
        }

        return new self($resolution, $calibration, $repeatability);
    }

    /** With its zero sized by a reading of another gauge: that reading's doubt goes into the calibration (GAUGE-2, GAUGE-5). */
    public function zeroedBy(self $other): self
    {
        $zero =
            ($other->calibration->nanometres / 2) ** 2 + $other->resolution->nanometres ** 2 / 12 + $other->repeatability->nanometres ** 2;
        $calibration = 2 * sqrt(($this->calibration->nanometres / 2) ** 2 + $zero);

        return new self($this->resolution, Length::ofNanometres((int) round($calibration)), $this->repeatability);
    }

    /** With its zero set in another gauge: the doubt of that one's size is its own too, root of the sum of squares (GAUGE-5). */
    public function setIn(self $other): self
    {
        $calibration = sqrt($this->calibration->nanometres ** 2 + $other->calibration->nanometres ** 2);

        return new self($this->resolution, Length::ofNanometres((int) round($calibration)), $this->repeatability);
    }

    /** The built-in defaults of a kind, until the shop's own register says better. */
    public static function ofKind(InstrumentKind $kind): self
    {
        [$resolution, $calibration, $repeatability] = match ($kind) {
            InstrumentKind::OutsideMicrometer => [2_540, 2_540, 1_270],
            InstrumentKind::BoreGaugeTenth => [2_540, 2_540, 2_540],
            InstrumentKind::BoreGaugeHalfThou => [12_700, 5_080, 5_080],
            InstrumentKind::BoreGaugeHundredth => [10_000, 4_000, 4_000],
            InstrumentKind::BoreGaugeTwoMicrometres => [2_000, 2_000, 2_000],
            InstrumentKind::TelescopingGauge => [2_540, 2_540, 7_620],
            InstrumentKind::InsideMicrometer => [2_540, 2_540, 5_080],
            InstrumentKind::DigitalCaliper => [12_700, 25_400, 12_700],
            InstrumentKind::DepthMicrometer => [2_540, 2_540, 2_540],
            InstrumentKind::DialIndicator => [12_700, 5_080, 5_080],
            InstrumentKind::TestIndicator => [2_540, 2_540, 2_540],
            InstrumentKind::FeelerGauge => [12_700, 5_080, 7_620],
            InstrumentKind::StraightedgeWithFeeler => [12_700, 7_620, 7_620],
            InstrumentKind::PlasticClearanceStrip => [12_700, 12_700, 12_700],
            InstrumentKind::SmallHoleGauge => [2_540, 2_540, 5_080],
            InstrumentKind::RadiusGauge => [250_000, 50_000, 50_000],
            InstrumentKind::HeightGauge => [12_700, 25_400, 12_700],
            InstrumentKind::ScaleTenth, InstrumentKind::ScaleHundredth => [0, 0, 0],
        };

        return self::of(Length::ofNanometres($resolution), Length::ofNanometres($calibration), Length::ofNanometres($repeatability));
    }
}

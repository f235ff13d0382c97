<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;

/** What a place is usually read with, and what else can be used there (GAUGE-1). */
final class UsualGauge
{
    /** @param  ?Length  $nominal  Of the place, where it has one: the first gauge that reaches it is taken */
    public static function of(Feature $feature, ?Length $nominal): InstrumentKind
    {
        $kinds = self::kinds($feature);
        foreach ($kinds as $kind) {
            if ($nominal === null || ! $kind->showsSizes() || $kind->range()->reaches($nominal)) {
                return $kind;
            }
        }

        return $kinds[0];
    }

    /** @return non-empty-list<InstrumentKind> The usual one first */
    public static function kinds(Feature $feature): array
    {
        return match ($feature) {
            Feature::Main, Feature::Pin, Feature::Piston, Feature::Stem, Feature::Lifter, Feature::HeadHeight => [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            Feature::MainFillet, Feature::PinFillet => [InstrumentKind::RadiusGauge],
            Feature::RunOut, Feature::SnoutRunOut, Feature::SeatRunOut, Feature::Offset => [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            Feature::EndPlay, Feature::Bend, Feature::Twist => [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::FeelerGauge],
            Feature::Centres => [InstrumentKind::DialIndicator],
            Feature::DeckHeight => [InstrumentKind::HeightGauge, InstrumentKind::DialIndicator, InstrumentKind::InsideMicrometer],
            Feature::MainStrip, Feature::PinStrip => [InstrumentKind::PlasticClearanceStrip],
            Feature::Housing, Feature::BigEnd => [InstrumentKind::BoreGaugeTenth, InstrumentKind::BoreGaugeHalfThou, InstrumentKind::InsideMicrometer, InstrumentKind::TelescopingGauge],
            Feature::SmallEnd, Feature::Guide, Feature::LifterBore => [InstrumentKind::SmallHoleGauge, InstrumentKind::TelescopingGauge, InstrumentKind::BoreGaugeTenth, InstrumentKind::DigitalCaliper],
            Feature::PartingGap => [InstrumentKind::FeelerGauge],
            Feature::DeckFeeler, Feature::HeadFeeler => [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            Feature::DeckPoint, Feature::HeadPoint => [InstrumentKind::DepthMicrometer, InstrumentKind::StraightedgeWithFeeler, InstrumentKind::DialIndicator, InstrumentKind::TestIndicator],
            Feature::ThrustWidth => [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            Feature::SeatWidth => [InstrumentKind::DigitalCaliper, InstrumentKind::OutsideMicrometer],
            Feature::GuideHeight => [InstrumentKind::DepthMicrometer, InstrumentKind::DigitalCaliper],
            Feature::MainScore, Feature::PinScore, Feature::DeckPitDepth, Feature::HeadPitDepth => [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            Feature::PistonToDeck => [InstrumentKind::DepthMicrometer, InstrumentKind::DialIndicator],
            default => [InstrumentKind::OutsideMicrometer],
        };
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read of a crankshaft, by journal and of the whole (JRNL). */
enum JournalFeature: string implements Feature
{
    use DeclaredFeature;

    case Main = 'main';
    case Pin = 'pin';
    case MainScore = 'mainscore';
    case PinScore = 'pinscore';
    case MainFillet = 'mainfillet';
    case PinFillet = 'pinfillet';
    case MainFinish = 'mainra';
    case PinFinish = 'pinra';
    case RunOut = 'runout';
    case SnoutRunOut = 'snout';
    case EndPlay = 'endplay';
    case MainStrip = 'mainstrip';
    case PinStrip = 'pinstrip';

    public function material(SpecificationSheet $sheet): Material
    {
        return $sheet->crankshaft->material;
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::Main => FeatureDefinition::size(gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper]),
            self::Pin => FeatureDefinition::size(
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            ),
            self::MainScore => FeatureDefinition::distance(
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::PinScore => FeatureDefinition::distance(
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::MainFillet => FeatureDefinition::size(gauges: [InstrumentKind::RadiusGauge]),
            self::PinFillet => FeatureDefinition::size(gauges: [InstrumentKind::RadiusGauge]),
            self::MainFinish => FeatureDefinition::roughness(),
            self::PinFinish => FeatureDefinition::roughness(),
            self::RunOut => FeatureDefinition::distance(
                gauges: [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            ),
            self::SnoutRunOut => FeatureDefinition::distance(
                gauges: [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            ),
            self::EndPlay => FeatureDefinition::distance(
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::FeelerGauge],
            ),
            self::MainStrip => FeatureDefinition::distance(gauges: [InstrumentKind::PlasticClearanceStrip]),
            self::PinStrip => FeatureDefinition::distance(gauges: [InstrumentKind::PlasticClearanceStrip]),
        };
    }
}

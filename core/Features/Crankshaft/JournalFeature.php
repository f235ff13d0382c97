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
            self::Main => FeatureDefinition::size('Main', gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper]),
            self::Pin => FeatureDefinition::size(
                'Rod journal',
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            ),
            self::MainScore => FeatureDefinition::distance(
                'Main',
                'depth of the deepest score',
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::PinScore => FeatureDefinition::distance(
                'Rod journal',
                'depth of the deepest score',
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::MainFillet => FeatureDefinition::size('Main', 'fillet radius', gauges: [InstrumentKind::RadiusGauge]),
            self::PinFillet => FeatureDefinition::size('Rod journal', 'fillet radius', gauges: [InstrumentKind::RadiusGauge]),
            self::MainFinish => FeatureDefinition::roughness('Main', 'finish, Ra'),
            self::PinFinish => FeatureDefinition::roughness('Rod journal', 'finish, Ra'),
            self::RunOut => FeatureDefinition::distance(
                'Main',
                'run-out',
                gauges: [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            ),
            self::SnoutRunOut => FeatureDefinition::distance(
                'Crankshaft',
                'run-out at the snout',
                gauges: [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            ),
            self::EndPlay => FeatureDefinition::distance(
                'Crankshaft',
                'end play',
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::FeelerGauge],
            ),
            self::MainStrip => FeatureDefinition::distance('Main', 'plastic strip', gauges: [InstrumentKind::PlasticClearanceStrip]),
            self::PinStrip => FeatureDefinition::distance('Rod journal', 'plastic strip', gauges: [InstrumentKind::PlasticClearanceStrip]),
        };
    }
}

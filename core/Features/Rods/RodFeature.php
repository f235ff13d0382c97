<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Rods;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read of the connecting rods, by rod (ROD). */
enum RodFeature: string implements Feature
{
    use DeclaredFeature;

    case BigEnd = 'bigend';
    case SmallEnd = 'smallend';
    case Centres = 'centres';
    case Bend = 'bend';
    case Twist = 'twist';
    case BigEndMass = 'bigendmass';
    case SmallEndMass = 'smallendmass';
    case RodMass = 'rodmass';

    public function material(SpecificationSheet $sheet): Material
    {
        return $sheet->rods->material;
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::BigEnd => FeatureDefinition::size(
                gauges: [
                    InstrumentKind::BoreGaugeTenth,
                    InstrumentKind::BoreGaugeHalfThou,
                    InstrumentKind::BoreGaugeHundredth,
                    InstrumentKind::BoreGaugeTwoMicrometres,
                    InstrumentKind::InsideMicrometer,
                    InstrumentKind::TelescopingGauge,
                ],
                needsStatedGauge: true,
            ),
            self::SmallEnd => FeatureDefinition::size(
                gauges: [
                    InstrumentKind::SmallHoleGauge,
                    InstrumentKind::TelescopingGauge,
                    InstrumentKind::BoreGaugeTenth,
                    InstrumentKind::DigitalCaliper,
                ],
            ),
            self::Centres => FeatureDefinition::size(gauges: [InstrumentKind::DialIndicator]),
            self::Bend => FeatureDefinition::distance(
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::FeelerGauge],
            ),
            self::Twist => FeatureDefinition::distance(
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::FeelerGauge],
            ),
            self::BigEndMass => FeatureDefinition::mass(),
            self::SmallEndMass => FeatureDefinition::mass(),
            self::RodMass => FeatureDefinition::mass(),
        };
    }
}

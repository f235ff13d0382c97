<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Places\PlaceShape;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read and looked at of the bores and their pistons, by cylinder (BORE). */
enum BoreFeature: string implements Feature
{
    use DeclaredFeature;

    case Bore = 'bore';
    case Piston = 'piston';
    case Ridge = 'ridge';
    case Scoring = 'scoring';
    case Pitting = 'pitting';
    case Crack = 'crack';
    case Trace = 'trace';
    case Wall = 'wall';
    case PitDepth = 'pit';
    case RingGap = 'ringgap';
    case Finish = 'finish';

    public function material(SpecificationSheet $sheet): Material
    {
        return $this === self::Piston ? Material::Aluminium : $sheet->boreMaterial();
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::Bore => FeatureDefinition::size(
                'Cylinder',
                gauges: [
                    InstrumentKind::BoreGaugeTenth,
                    InstrumentKind::BoreGaugeHalfThou,
                    InstrumentKind::BoreGaugeHundredth,
                    InstrumentKind::BoreGaugeTwoMicrometres,
                    InstrumentKind::TelescopingGauge,
                    InstrumentKind::InsideMicrometer,
                    InstrumentKind::DigitalCaliper,
                ],
                needsStatedGauge: true,
                shape: PlaceShape::Diameter,
            ),
            self::Piston => FeatureDefinition::size(
                'Cylinder',
                'piston',
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
                shape: PlaceShape::Whole,
            ),
            self::Ridge => FeatureDefinition::look('Cylinder', shape: PlaceShape::End),
            self::Scoring => FeatureDefinition::look('Cylinder', 'scoring', shape: PlaceShape::Whole),
            self::Pitting => FeatureDefinition::look('Cylinder', 'pitting', shape: PlaceShape::Whole),
            self::Crack => FeatureDefinition::look('Cylinder', 'crack', shape: PlaceShape::Whole),
            self::Trace => FeatureDefinition::offset('Cylinder', isGauged: false, shape: PlaceShape::Trace),
            self::Wall => FeatureDefinition::size('Cylinder', isGauged: false, shape: PlaceShape::Direction),
            self::PitDepth => FeatureDefinition::distance('Cylinder', 'deepest pit or score', isGauged: false, shape: PlaceShape::Whole),
            self::RingGap => FeatureDefinition::distance('Cylinder', 'end gap', isGauged: false),
            self::Finish => FeatureDefinition::look('Cylinder', 'finish', array_column(FinishLook::cases(), 'value'), PlaceShape::Whole),
        };
    }
}

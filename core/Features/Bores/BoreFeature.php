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
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
                shape: PlaceShape::Whole,
            ),
            self::Ridge => FeatureDefinition::look(shape: PlaceShape::End),
            self::Scoring => FeatureDefinition::look(shape: PlaceShape::Whole),
            self::Pitting => FeatureDefinition::look(shape: PlaceShape::Whole),
            self::Crack => FeatureDefinition::look(shape: PlaceShape::Whole),
            self::Trace => FeatureDefinition::offset(isGauged: false, shape: PlaceShape::Trace),
            self::Wall => FeatureDefinition::size(isGauged: false, shape: PlaceShape::Direction),
            self::PitDepth => FeatureDefinition::distance(isGauged: false, shape: PlaceShape::Whole),
            self::RingGap => FeatureDefinition::distance(isGauged: false),
            self::Finish => FeatureDefinition::look(array_column(FinishLook::cases(), 'value'), PlaceShape::Whole),
        };
    }
}

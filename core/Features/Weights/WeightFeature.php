<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Places\PlaceShape;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** What goes on the scale beside the rods, by set (BAL). */
enum WeightFeature: string implements Feature
{
    use DeclaredFeature;

    case PistonWeight = 'weight';
    case PinMass = 'pinmass';
    case RingMass = 'ringmass';
    case LockMass = 'lockmass';

    public function material(SpecificationSheet $sheet): Material
    {
        return $sheet->boreMaterial();
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::PistonWeight => FeatureDefinition::mass(shape: PlaceShape::Whole),
            self::PinMass => FeatureDefinition::mass(),
            self::RingMass => FeatureDefinition::mass(),
            self::LockMass => FeatureDefinition::mass(),
        };
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Volumes;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** What is filled from a burette, by cylinder (COMP). */
enum VolumeFeature: string implements Feature
{
    use DeclaredFeature;

    case Chamber = 'chamber';
    case Crown = 'crown';

    public function material(SpecificationSheet $sheet): Material
    {
        return $sheet->boreMaterial();
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::Chamber => FeatureDefinition::volume(),
            self::Crown => FeatureDefinition::volume(),
        };
    }
}

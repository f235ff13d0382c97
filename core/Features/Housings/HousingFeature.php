<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read of the main housings, by housing (LINE). */
enum HousingFeature: string implements Feature
{
    use DeclaredFeature;

    case Housing = 'housing';
    case Imprint = 'imprint';
    case Offset = 'offset';
    case PartingGap = 'gap';
    case ThrustWidth = 'thrust';
    case ThrustFace = 'thrustface';

    public function material(SpecificationSheet $sheet): Material
    {
        return $sheet->blockMaterial;
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::Housing => FeatureDefinition::size(
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
            self::Imprint => FeatureDefinition::look(looks: ['none', Looks::IMPRINT, Looks::STEP]),
            self::Offset => FeatureDefinition::offset(
                gauges: [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            ),
            self::PartingGap => FeatureDefinition::distance(gauges: [InstrumentKind::FeelerGauge]),
            self::ThrustWidth => FeatureDefinition::size(
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            ),
            self::ThrustFace => FeatureDefinition::look(looks: ['smooth', 'marks, not felt', Looks::CATCHES]),
        };
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Camshaft;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read of the bores that the camshaft's bearings sit in, from the front. */
enum CamshaftFeature: string implements Feature
{
    use DeclaredFeature;

    case Bore = 'cambore';
    case Offset = 'camoffset';

    public function material(SpecificationSheet $sheet): Material
    {
        return $sheet->blockMaterial;
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            // The bores may step down from front to rear: first what shows sizes, then what counts from one zero.
            self::Bore => FeatureDefinition::size(
                gauges: [
                    InstrumentKind::InsideMicrometer,
                    InstrumentKind::TelescopingGauge,
                    InstrumentKind::BoreGaugeTenth,
                    InstrumentKind::BoreGaugeHalfThou,
                    InstrumentKind::BoreGaugeHundredth,
                    InstrumentKind::BoreGaugeTwoMicrometres,
                ],
            ),
            self::Offset => FeatureDefinition::offset(
                gauges: [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            ),
        };
    }
}

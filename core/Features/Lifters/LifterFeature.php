<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Lifters;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read of the lifters in their bores, hole by hole (VALVE-4). */
enum LifterFeature: string implements Feature
{
    use DeclaredFeature;

    case LifterBore = 'lifterbore';
    case LifterFeel = 'lifterfeel';
    case Lifter = 'lifter';

    public function material(SpecificationSheet $sheet): Material
    {
        return $this === self::Lifter ? Material::Steel : $sheet->materialOf($sheet->lifterPart());
    }

    public function judgedWith(): array
    {
        return match ($this) {
            self::LifterBore => [self::Lifter],
            self::Lifter => [self::LifterBore],
            default => [],
        };
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::LifterBore => FeatureDefinition::size(
                gauges: [
                    InstrumentKind::SmallHoleGauge,
                    InstrumentKind::TelescopingGauge,
                    InstrumentKind::BoreGaugeTenth,
                    InstrumentKind::DigitalCaliper,
                ],
            ),
            self::LifterFeel => FeatureDefinition::look(
                looks: ['falls slowly, no shake', Looks::LOOSE, Looks::STICKS],
            ),
            self::Lifter => FeatureDefinition::size(
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            ),
        };
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Heads;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read of guides, valves and seats, by cylinder and valve (VALVE). */
enum ValveFeature: string implements Feature
{
    use DeclaredFeature;

    case GuideHeight = 'guideheight';
    case Guide = 'guide';
    case Stem = 'stem';
    case Drop = 'drop';
    case SeatFace = 'seatface';
    case SeatAngle = 'seatangle';
    case SeatWidth = 'seatwidth';
    case SeatRunOut = 'seatrunout';
    case Vacuum = 'vacuum';

    /** Of what the guides and seats stand in: where the train is mixed, of the intake side's. */
    public function material(SpecificationSheet $sheet): Material
    {
        return $this === self::Stem ? Material::Steel : $sheet->materialOf($sheet->intakePart());
    }

    public function judgedWith(): array
    {
        return match ($this) {
            self::Guide => [self::Stem],
            self::Stem => [self::Guide],
            default => [],
        };
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::GuideHeight => FeatureDefinition::size(
                gauges: [InstrumentKind::DepthMicrometer, InstrumentKind::DigitalCaliper],
            ),
            self::Guide => FeatureDefinition::size(
                gauges: [
                    InstrumentKind::SmallHoleGauge,
                    InstrumentKind::TelescopingGauge,
                    InstrumentKind::BoreGaugeTenth,
                    InstrumentKind::DigitalCaliper,
                ],
            ),
            self::Stem => FeatureDefinition::size(
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            ),
            self::Drop => FeatureDefinition::look(looks: ['drops', Looks::TIGHT]),
            self::SeatFace => FeatureDefinition::look(looks: ['sound', Looks::PITTED, Looks::BURNT, Looks::SUNK]),
            self::SeatAngle => FeatureDefinition::look(looks: ['right', Looks::OTHER_ANGLES]),
            self::SeatWidth => FeatureDefinition::size(
                gauges: [InstrumentKind::DigitalCaliper, InstrumentKind::OutsideMicrometer],
            ),
            self::SeatRunOut => FeatureDefinition::distance(
                gauges: [InstrumentKind::TestIndicator, InstrumentKind::DialIndicator],
            ),
            self::Vacuum => FeatureDefinition::look(looks: ['holds', Looks::FALLS]),
        };
    }
}

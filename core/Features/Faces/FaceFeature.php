<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Places\DeclaredFeature;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\FeatureDefinition;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\InstrumentKind;

/** What is read of the faces of block and heads, by bank (DECK). */
enum FaceFeature: string implements Feature
{
    use DeclaredFeature;

    case DeckPoint = 'deck';
    case DeckHeight = 'deckheight';
    case DeckPits = 'deckpits';
    case DeckPitDepth = 'deckpit';
    case DeckFinish = 'deckra';
    case DeckStamp = 'deckstamp';
    case DeckFeeler = 'deckfeeler';
    case DeckStraightedge = 'deckstraight';
    case PistonToDeck = 'todeck';
    case HeadPoint = 'head';
    case HeadHeight = 'headheight';
    case HeadPits = 'headpits';
    case HeadPitDepth = 'headpit';
    case HeadFinish = 'headra';
    case HeadFeeler = 'headfeeler';
    case HeadStraightedge = 'headstraight';

    public function material(SpecificationSheet $sheet): Material
    {
        return in_array($this, [self::HeadPoint, self::HeadHeight, self::HeadPitDepth, self::HeadFeeler, self::HeadStraightedge], true)
            ? $sheet->headMaterial
            : $sheet->blockMaterial;
    }

    private function declared(): FeatureDefinition
    {
        return match ($this) {
            self::DeckPoint => FeatureDefinition::offset(
                gauges: [
                    InstrumentKind::DepthMicrometer,
                    InstrumentKind::StraightedgeWithFeeler,
                    InstrumentKind::DialIndicator,
                    InstrumentKind::TestIndicator,
                ],
            ),
            self::DeckHeight => FeatureDefinition::size(
                gauges: [InstrumentKind::HeightGauge, InstrumentKind::DialIndicator, InstrumentKind::InsideMicrometer],
            ),
            self::DeckPits => FeatureDefinition::look(looks: ['none', Looks::OUTSIDE_BAND, Looks::INSIDE_BAND]),
            self::DeckPitDepth => FeatureDefinition::distance(
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::DeckFinish => FeatureDefinition::roughness(),
            self::DeckStamp => FeatureDefinition::look(looks: ['none', Looks::STAMPED]),
            self::DeckFeeler => FeatureDefinition::distance(
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
            self::DeckStraightedge => FeatureDefinition::distance(
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
            self::PistonToDeck => FeatureDefinition::offset(
                gauges: [InstrumentKind::DepthMicrometer, InstrumentKind::DialIndicator],
            ),
            self::HeadPoint => FeatureDefinition::offset(
                gauges: [
                    InstrumentKind::DepthMicrometer,
                    InstrumentKind::StraightedgeWithFeeler,
                    InstrumentKind::DialIndicator,
                    InstrumentKind::TestIndicator,
                ],
            ),
            self::HeadHeight => FeatureDefinition::size(
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            ),
            self::HeadPits => FeatureDefinition::look(looks: ['none', Looks::OUTSIDE_BAND, Looks::INSIDE_BAND]),
            self::HeadPitDepth => FeatureDefinition::distance(
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::HeadFinish => FeatureDefinition::roughness(),
            self::HeadFeeler => FeatureDefinition::distance(
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
            self::HeadStraightedge => FeatureDefinition::distance(
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
        };
    }
}

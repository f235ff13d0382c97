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
                'Deck',
                gauges: [
                    InstrumentKind::DepthMicrometer,
                    InstrumentKind::StraightedgeWithFeeler,
                    InstrumentKind::DialIndicator,
                    InstrumentKind::TestIndicator,
                ],
            ),
            self::DeckHeight => FeatureDefinition::size(
                'Deck',
                'height',
                gauges: [InstrumentKind::HeightGauge, InstrumentKind::DialIndicator, InstrumentKind::InsideMicrometer],
            ),
            self::DeckPits => FeatureDefinition::look('Deck', 'pits', looks: ['none', Looks::OUTSIDE_BAND, Looks::INSIDE_BAND]),
            self::DeckPitDepth => FeatureDefinition::distance(
                'Deck',
                'deepest pit',
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::DeckFinish => FeatureDefinition::roughness('Deck', 'finish, Ra'),
            self::DeckStamp => FeatureDefinition::look('Deck', 'stamped numbers', looks: ['none', Looks::STAMPED]),
            self::DeckFeeler => FeatureDefinition::distance(
                'Deck',
                'thickest feeler under a straightedge',
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
            self::DeckStraightedge => FeatureDefinition::distance(
                'Deck',
                'thickest feeler under a straightedge over its whole length',
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
            self::PistonToDeck => FeatureDefinition::offset(
                'Cylinder',
                'piston below the deck',
                gauges: [InstrumentKind::DepthMicrometer, InstrumentKind::DialIndicator],
            ),
            self::HeadPoint => FeatureDefinition::offset(
                'Head face',
                gauges: [
                    InstrumentKind::DepthMicrometer,
                    InstrumentKind::StraightedgeWithFeeler,
                    InstrumentKind::DialIndicator,
                    InstrumentKind::TestIndicator,
                ],
            ),
            self::HeadHeight => FeatureDefinition::size(
                'Head face',
                'height',
                gauges: [InstrumentKind::OutsideMicrometer, InstrumentKind::DigitalCaliper],
            ),
            self::HeadPits => FeatureDefinition::look('Head face', 'pits', looks: ['none', Looks::OUTSIDE_BAND, Looks::INSIDE_BAND]),
            self::HeadPitDepth => FeatureDefinition::distance(
                'Head face',
                'deepest pit',
                gauges: [InstrumentKind::DialIndicator, InstrumentKind::TestIndicator, InstrumentKind::DepthMicrometer],
            ),
            self::HeadFinish => FeatureDefinition::roughness('Head face', 'finish, Ra'),
            self::HeadFeeler => FeatureDefinition::distance(
                'Head face',
                'thickest feeler under a straightedge',
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
            self::HeadStraightedge => FeatureDefinition::distance(
                'Head face',
                'thickest feeler under a straightedge over its whole length',
                gauges: [InstrumentKind::StraightedgeWithFeeler, InstrumentKind::FeelerGauge],
            ),
        };
    }
}

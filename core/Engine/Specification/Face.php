<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** A face of an engine on the crack map; which of them a family has follows from its layout. */
enum Face: string
{
    case Deck = 'deck';
    case LeftDeck = 'left deck';
    case RightDeck = 'right deck';
    case ValveChest = 'valve chest';
    case PanRail = 'pan rail';
    case Left = 'left side';
    case Right = 'right side';
    case Front = 'front';
    case Rear = 'rear';
    case MainWebs = 'main webs';
    case LeftCase = 'left case half';
    case RightCase = 'right case half';
    case Cylinders = 'cylinders';
    case Head = 'head face';
    case LeftHead = 'left head face';
    case RightHead = 'right head face';
    case Crankshaft = 'crankshaft';
    case Rods = 'rods';

    /** @return non-empty-list<self> In the order in which one walks around the engine */
    public static function of(LayoutKind $layout, ValveTrain $valves): array
    {
        $chest = $valves === ValveTrain::OverheadCam ? [] : [self::ValveChest];

        return match ($layout) {
            LayoutKind::InLine => [
                self::Deck,
                ...$chest,
                self::Left,
                self::Right,
                self::Front,
                self::Rear,
                self::PanRail,
                self::MainWebs,
                self::Head,
                self::Crankshaft,
                self::Rods,
            ],
            LayoutKind::Vee => [
                self::LeftDeck,
                self::RightDeck,
                ...$chest,
                self::Left,
                self::Right,
                self::Front,
                self::Rear,
                self::PanRail,
                self::MainWebs,
                self::LeftHead,
                self::RightHead,
                self::Crankshaft,
                self::Rods,
            ],
            LayoutKind::Flat => [
                self::LeftCase,
                self::RightCase,
                self::Front,
                self::Rear,
                self::Cylinders,
                self::LeftHead,
                self::RightHead,
                self::Crankshaft,
                self::Rods,
            ],
        };
    }

    /** True for a face that the head lies on. */
    public function isDeck(): bool
    {
        return in_array($this, [self::Deck, self::LeftDeck, self::RightDeck], true);
    }

    public function isHead(): bool
    {
        return in_array($this, [self::Head, self::LeftHead, self::RightHead], true);
    }

    public function part(): EnginePart
    {
        return match ($this) {
            self::Head, self::LeftHead, self::RightHead => EnginePart::Head,
            self::Crankshaft => EnginePart::Crankshaft,
            self::Rods => EnginePart::Rods,
            self::Cylinders => EnginePart::Cylinders,
            default => EnginePart::Block,
        };
    }

    /** @return non-empty-list<int> The cylinders that are seen on it, as they stand: one bank's where it belongs to a bank */
    public function cylindersOf(Layout $layout): array
    {
        return match ($this) {
            self::LeftDeck, self::LeftHead, self::LeftCase, self::Left => $layout->banks[0],
            self::RightDeck, self::RightHead, self::RightCase, self::Right => $layout->banks[1] ?? $layout->banks[0],
            self::Deck, self::Head, self::ValveChest, self::PanRail, self::MainWebs => $layout->alongCrankshaft(),
            default => $layout->cylinders(),
        };
    }

    /** @return non-empty-list<CrackZone> The zones an indication on this face can lie in, the likeliest first */
    public function zones(): array
    {
        return match ($this) {
            self::Deck, self::LeftDeck, self::RightDeck => [
                CrackZone::BetweenBores,
                CrackZone::BoreWall,
                CrackZone::ValveSeatToBore,
                CrackZone::OuterWaterJacket,
                CrackZone::OilGallery,
            ],
            self::ValveChest => [CrackZone::ValveSeatToBore, CrackZone::OuterWaterJacket, CrackZone::OilGallery],
            self::Left, self::Right, self::Front, self::Rear => [CrackZone::OuterWaterJacket, CrackZone::OilGallery, CrackZone::CaseWall],
            self::PanRail => [CrackZone::OuterWaterJacket, CrackZone::MainWeb, CrackZone::OilGallery, CrackZone::BoreWall],
            self::MainWebs => [CrackZone::MainWeb, CrackZone::Saddle, CrackZone::OilGallery],
            self::LeftCase, self::RightCase => [CrackZone::CaseWall, CrackZone::Saddle, CrackZone::MainWeb, CrackZone::OilGallery],
            self::Cylinders => [CrackZone::BoreWall],
            self::Head, self::LeftHead, self::RightHead => [CrackZone::ValveSeatToBore, CrackZone::OuterWaterJacket, CrackZone::OilGallery],
            self::Crankshaft => [CrackZone::CrankshaftFillet, CrackZone::CrankshaftJournal, CrackZone::CrankshaftOilHole],
            self::Rods => [CrackZone::Rod],
        };
    }
}

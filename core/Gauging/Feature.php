<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/**
 * What is read or looked at: everything under one feature is read the same way, with one gauge. The value is the
 * beginning of the place's key.
 */
enum Feature: string
{
    // The bores of a block, by cylinder.
    case Bore = 'bore';
    case Piston = 'piston';
    case Ridge = 'ridge';
    case Scoring = 'scoring';
    case Pitting = 'pitting';
    case Crack = 'crack';
    case Trace = 'trace';
    case Wall = 'wall';
    case PitDepth = 'pit';
    case PistonWeight = 'weight';

    // The crankshaft, by journal (JRNL).
    case Main = 'main';
    case Pin = 'pin';
    case MainScore = 'mainscore';
    case PinScore = 'pinscore';
    case MainFillet = 'mainfillet';
    case PinFillet = 'pinfillet';
    case MainFinish = 'mainra';
    case PinFinish = 'pinra';
    case RunOut = 'runout';
    case SnoutRunOut = 'snout';
    case EndPlay = 'endplay';
    case MainStrip = 'mainstrip';
    case PinStrip = 'pinstrip';

    // The main housings, by housing (LINE).
    case Housing = 'housing';
    case Imprint = 'imprint';
    case Offset = 'offset';
    case PartingGap = 'gap';
    case ThrustWidth = 'thrust';
    case ThrustFace = 'thrustface';

    // The connecting rods, by rod (ROD).
    case BigEnd = 'bigend';
    case SmallEnd = 'smallend';
    case Centres = 'centres';
    case Bend = 'bend';
    case Twist = 'twist';
    case BigEndMass = 'bigendmass';
    case SmallEndMass = 'smallendmass';

    // The faces of block and head, by bank (DECK).
    case DeckPoint = 'deck';
    case DeckHeight = 'deckheight';
    case DeckPits = 'deckpits';
    case DeckPitDepth = 'deckpit';
    case DeckFinish = 'deckra';
    case DeckStamp = 'deckstamp';
    case PistonToDeck = 'todeck';
    case HeadPoint = 'head';
    case HeadHeight = 'headheight';
    case HeadPits = 'headpits';
    case HeadPitDepth = 'headpit';
    case HeadFinish = 'headra';

    // Guides, valves, seats and lifters (VALVE).
    case GuideHeight = 'guideheight';
    case Guide = 'guide';
    case Stem = 'stem';
    case Drop = 'drop';
    case SeatAngle = 'seatangle';
    case SeatWidth = 'seatwidth';
    case SeatRunOut = 'seatrunout';
    case Vacuum = 'vacuum';
    case LifterBore = 'lifterbore';
    case Lifter = 'lifter';

    // Weights and volumes, by piece and by cylinder (BAL, COMP).
    case PinMass = 'pinmass';
    case RingMass = 'ringmass';
    case LockMass = 'lockmass';
    case Chamber = 'chamber';
    case Crown = 'crown';

    public function measurand(): Measurand
    {
        return match ($this) {
            self::Ridge, self::Scoring, self::Pitting, self::Crack, self::Imprint, self::ThrustFace,
            self::DeckPits, self::HeadPits, self::DeckStamp, self::Drop, self::SeatAngle, self::Vacuum => Measurand::Look,
            self::PistonWeight, self::BigEndMass, self::SmallEndMass, self::PinMass, self::RingMass, self::LockMass => Measurand::Mass,
            self::MainFinish, self::PinFinish, self::DeckFinish, self::HeadFinish => Measurand::Roughness,
            self::Chamber, self::Crown => Measurand::Volume,
            self::Trace, self::Offset, self::DeckPoint, self::HeadPoint, self::PistonToDeck => Measurand::Offset,
            self::MainScore, self::PinScore, self::RunOut, self::SnoutRunOut, self::EndPlay, self::MainStrip, self::PinStrip, self::PartingGap,
            self::Bend, self::Twist, self::DeckPitDepth, self::HeadPitDepth, self::SeatRunOut, self::PitDepth => Measurand::Distance,
            default => Measurand::Size,
        };
    }

    /** True where a value is read; false where a look is recorded in words. */
    public function isMeasured(): bool
    {
        return $this->measurand() !== Measurand::Look;
    }

    /** True where the reading belongs to a stated gauge and its zero. */
    public function isGauged(): bool
    {
        return $this->measurand()->isLength() && ! in_array($this, [self::Trace, self::Wall, self::PitDepth], true);
    }

    /** @return list<string> The values of those that belong to a stated gauge */
    public static function gauged(): array
    {
        return array_column(array_filter(self::cases(), static fn (self $one): bool => $one->isGauged()), 'value');
    }

    /** True where nothing is read before somebody has said with what, and under what conditions: caps torqued, and set to what size. */
    public function needsStatedGauge(): bool
    {
        return in_array($this, [self::Bore, self::Housing, self::BigEnd], true);
    }

    /** What it is called, and what its number counts: “Main 3”. */
    public function label(): string
    {
        return match ($this) {
            self::Main, self::MainScore, self::MainFillet, self::MainFinish, self::RunOut, self::MainStrip => 'Main',
            self::Pin, self::PinScore, self::PinFillet, self::PinFinish, self::PinStrip => 'Rod journal',
            self::SnoutRunOut, self::EndPlay => 'Crankshaft',
            self::Housing, self::Imprint, self::Offset, self::PartingGap, self::ThrustWidth, self::ThrustFace => 'Housing',
            self::BigEnd, self::SmallEnd, self::Centres, self::Bend, self::Twist, self::BigEndMass, self::SmallEndMass => 'Rod',
            self::DeckPoint, self::DeckHeight, self::DeckPits, self::DeckPitDepth, self::DeckFinish, self::DeckStamp => 'Deck',
            self::HeadPoint, self::HeadHeight, self::HeadPits, self::HeadPitDepth, self::HeadFinish => 'Head face',
            self::LifterBore, self::Lifter => 'Lifter',
            self::PinMass, self::RingMass, self::LockMass => 'Set',
            default => 'Cylinder',
        };
    }

    /** What of it is read, after its name: “run-out”; nothing where the name says it. */
    public function aspect(): string
    {
        return match ($this) {
            self::MainScore, self::PinScore => 'depth of the deepest score',
            self::MainFillet, self::PinFillet => 'fillet radius',
            self::MainFinish, self::PinFinish, self::DeckFinish, self::HeadFinish => 'finish, Ra',
            self::RunOut => 'run-out',
            self::SnoutRunOut => 'run-out at the snout',
            self::EndPlay => 'end play',
            self::MainStrip, self::PinStrip => 'plastic strip',
            self::Imprint => 'bearing imprint or step',
            self::Offset => 'offset from the line',
            self::PartingGap => 'gap at the parting face',
            self::ThrustWidth => 'thrust width',
            self::ThrustFace => 'thrust face',
            self::BigEnd => 'big end',
            self::SmallEnd => 'small end',
            self::Centres => 'centre distance',
            self::Bend => 'bend',
            self::Twist => 'twist',
            self::BigEndMass => 'weight of the big end',
            self::SmallEndMass => 'weight of the small end',
            self::DeckHeight, self::HeadHeight => 'height',
            self::DeckPits, self::HeadPits => 'pits',
            self::DeckPitDepth, self::HeadPitDepth => 'deepest pit',
            self::DeckStamp => 'stamped numbers',
            self::PistonToDeck => 'piston below the deck',
            self::GuideHeight => 'guide height',
            self::Guide => 'guide bore',
            self::Stem => 'valve stem',
            self::Drop => 'valve drops',
            self::SeatAngle => 'seat angles',
            self::SeatWidth => 'seat width',
            self::SeatRunOut => 'seat run-out',
            self::Vacuum => 'vacuum',
            self::LifterBore => 'bore',
            self::Lifter => 'body',
            self::PinMass => 'weight of the pin',
            self::RingMass => 'weight of the rings',
            self::LockMass => 'weight of the locks',
            self::Chamber => 'chamber volume',
            self::Crown => 'crown volume',
            default => '',
        };
    }
}

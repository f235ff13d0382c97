<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

use NorthLedger\Core\Gauging\Measurand;

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
    case RodMass = 'rodmass';

    // The faces of block and head, by bank (DECK).
    case DeckPoint = 'deck';
    case DeckHeight = 'deckheight';
    case DeckPits = 'deckpits';
    case DeckPitDepth = 'deckpit';
    case DeckFinish = 'deckra';
    case DeckStamp = 'deckstamp';
    case DeckFeeler = 'deckfeeler';
    case PistonToDeck = 'todeck';
    case HeadPoint = 'head';
    case HeadHeight = 'headheight';
    case HeadPits = 'headpits';
    case HeadPitDepth = 'headpit';
    case HeadFinish = 'headra';
    case HeadFeeler = 'headfeeler';

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
    case LifterFeel = 'lifterfeel';
    case Lifter = 'lifter';

    // Weights and volumes, by piece and by cylinder (BAL, COMP).
    case PinMass = 'pinmass';
    case RingMass = 'ringmass';
    case LockMass = 'lockmass';
    case Chamber = 'chamber';
    case Crown = 'crown';

    /** What is read where it is no size, by value; a table, as it is asked for at every step. */
    private const MEASURANDS = [
        'ridge' => Measurand::Look, 'scoring' => Measurand::Look, 'pitting' => Measurand::Look, 'crack' => Measurand::Look, 'imprint' => Measurand::Look, 'thrustface' => Measurand::Look, 'deckpits' => Measurand::Look, 'headpits' => Measurand::Look, 'deckstamp' => Measurand::Look, 'drop' => Measurand::Look, 'seatangle' => Measurand::Look, 'vacuum' => Measurand::Look, 'lifterfeel' => Measurand::Look,
        'weight' => Measurand::Mass, 'bigendmass' => Measurand::Mass, 'smallendmass' => Measurand::Mass, 'rodmass' => Measurand::Mass, 'pinmass' => Measurand::Mass,
        'ringmass' => Measurand::Mass, 'lockmass' => Measurand::Mass,
        'mainra' => Measurand::Roughness, 'pinra' => Measurand::Roughness, 'deckra' => Measurand::Roughness, 'headra' => Measurand::Roughness,
        'chamber' => Measurand::Volume, 'crown' => Measurand::Volume,
        'trace' => Measurand::Offset, 'offset' => Measurand::Offset, 'deck' => Measurand::Offset, 'head' => Measurand::Offset, 'todeck' => Measurand::Offset,
        'mainscore' => Measurand::Distance, 'pinscore' => Measurand::Distance, 'runout' => Measurand::Distance, 'snout' => Measurand::Distance, 'endplay' => Measurand::Distance, 'mainstrip' => Measurand::Distance, 'pinstrip' => Measurand::Distance, 'gap' => Measurand::Distance, 'bend' => Measurand::Distance, 'twist' => Measurand::Distance, 'deckpit' => Measurand::Distance, 'deckfeeler' => Measurand::Distance, 'headfeeler' => Measurand::Distance, 'headpit' => Measurand::Distance, 'seatrunout' => Measurand::Distance, 'pit' => Measurand::Distance,
    ];

    /** What is counted where it is no cylinder, by value; a table, as it is asked for at every step. */
    private const LABELS = [
        'main' => 'Main', 'mainscore' => 'Main', 'mainfillet' => 'Main', 'mainra' => 'Main', 'runout' => 'Main', 'mainstrip' => 'Main',
        'pin' => 'Rod journal', 'pinscore' => 'Rod journal', 'pinfillet' => 'Rod journal', 'pinra' => 'Rod journal', 'pinstrip' => 'Rod journal',
        'snout' => 'Crankshaft', 'endplay' => 'Crankshaft',
        'housing' => 'Housing', 'imprint' => 'Housing', 'offset' => 'Housing', 'gap' => 'Housing', 'thrust' => 'Housing', 'thrustface' => 'Housing',
        'bigend' => 'Rod', 'smallend' => 'Rod', 'centres' => 'Rod', 'bend' => 'Rod', 'twist' => 'Rod', 'bigendmass' => 'Rod', 'smallendmass' => 'Rod', 'rodmass' => 'Rod',
        'deck' => 'Deck', 'deckheight' => 'Deck', 'deckpits' => 'Deck', 'deckpit' => 'Deck', 'deckra' => 'Deck', 'deckstamp' => 'Deck', 'deckfeeler' => 'Deck',
        'head' => 'Head face', 'headheight' => 'Head face', 'headpits' => 'Head face', 'headpit' => 'Head face', 'headra' => 'Head face', 'headfeeler' => 'Head face',
        'lifterbore' => 'Lifter', 'lifter' => 'Lifter', 'lifterfeel' => 'Lifter',
        'pinmass' => 'Set', 'ringmass' => 'Set', 'lockmass' => 'Set',
    ];

    /** What of it is read where its label does not say so, by value; a table, as it is asked for at every step. */
    private const ASPECTS = [
        'mainscore' => 'depth of the deepest score', 'pinscore' => 'depth of the deepest score',
        'mainfillet' => 'fillet radius', 'pinfillet' => 'fillet radius',
        'mainra' => 'finish, Ra', 'pinra' => 'finish, Ra', 'deckra' => 'finish, Ra', 'headra' => 'finish, Ra',
        'runout' => 'run-out',
        'snout' => 'run-out at the snout',
        'endplay' => 'end play',
        'mainstrip' => 'plastic strip', 'pinstrip' => 'plastic strip',
        'imprint' => 'bearing imprint or step',
        'offset' => 'offset from the line',
        'gap' => 'gap at the parting face',
        'thrust' => 'thrust width',
        'thrustface' => 'thrust face',
        'bigend' => 'big end',
        'smallend' => 'small end',
        'centres' => 'centre distance',
        'bend' => 'bend',
        'twist' => 'twist',
        'bigendmass' => 'weight of the big end',
        'smallendmass' => 'weight of the small end',
        'rodmass' => 'weight of the whole rod',
        'deckheight' => 'height', 'headheight' => 'height',
        'deckpits' => 'pits', 'headpits' => 'pits',
        'deckpit' => 'deepest pit', 'headpit' => 'deepest pit',
        'deckstamp' => 'stamped numbers',
        'deckfeeler' => 'thickest feeler under a straightedge', 'headfeeler' => 'thickest feeler under a straightedge',
        'todeck' => 'piston below the deck',
        'guideheight' => 'guide height',
        'guide' => 'guide bore',
        'stem' => 'valve stem',
        'drop' => 'valve drops',
        'seatangle' => 'seat angles',
        'seatwidth' => 'seat width',
        'seatrunout' => 'seat run-out',
        'vacuum' => 'vacuum',
        'lifterbore' => 'bore',
        'lifter' => 'body',
        'lifterfeel' => 'by feel, in its bore',
        'pinmass' => 'weight of the pin',
        'ringmass' => 'weight of the rings',
        'lockmass' => 'weight of the locks',
        'chamber' => 'chamber volume',
        'crown' => 'crown volume',
    ];

    public function measurand(): Measurand
    {
        return self::MEASURANDS[$this->value] ?? Measurand::Size;
    }

    /** True where a value is read; false where a look is recorded in words. */
    public function isMeasured(): bool
    {
        return $this->measurand() !== Measurand::Look;
    }

    /** True where the reading belongs to a stated gauge and its zero. */
    public function isGauged(): bool
    {
        return $this->measurand()->isLength() && $this !== self::Trace && $this !== self::Wall && $this !== self::PitDepth;
    }

    /** @return list<string> The values of those that a gauge is stated for; a sheet's scale is stated once, for the pistons' weight */
    public static function gauged(): array
    {
        return array_column(array_filter(self::cases(), static fn (self $one): bool => $one->isGauged() || $one === self::PistonWeight), 'value');
    }

    /** @return list<string> The values of those that go on the scale */
    public static function weighed(): array
    {
        return array_column(array_filter(self::cases(), static fn (self $one): bool => $one->measurand() === Measurand::Mass), 'value');
    }

    /** True where nothing is read before somebody has said with what, and under what conditions: caps torqued, and set to what size. */
    public function needsStatedGauge(): bool
    {
        return in_array($this, [self::Bore, self::Housing, self::BigEnd], true);
    }

    /** What it is called, and what its number counts: “Main 3”. */
    public function label(): string
    {
        return self::LABELS[$this->value] ?? 'Cylinder';
    }

    /** What of it is read, after its name: “run-out”; nothing where the name says it. */
    public function aspect(): string
    {
        return self::ASPECTS[$this->value] ?? '';
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Specification\EnginePart;

/** The kinds of operation of a whole engine (WORK-1a). The value is its identity; what people read of it stands in `lang/`. */
enum OperationKind: string
{
    case Wash = 'wash';
    case CrackCheck = 'crack check';
    case CrackRepair = 'crack repair';
    case Threads = 'threads';
    case Line = 'line';
    case BlockGuides = 'block guides';
    case BlockSeats = 'block seats';
    case LifterBores = 'lifter bores';
    case OrderSleeves = 'order sleeves';
    case Sleeve = 'sleeve';
    case Deck = 'deck';
    case Bore = 'bore';
    case StrokeClearance = 'stroke clearance';
    case Chamfer = 'chamfer';
    case Deburr = 'deburr';
    case OrderPistons = 'order pistons';
    case PistonsMeasured = 'pistons measured';
    case Hone = 'hone';
    case FinalWash = 'final wash';
    case CorePlugs = 'core plugs';
    case CamshaftBearings = 'camshaft bearings';
    case CrankWash = 'crank wash';
    case CrankCrackCheck = 'crank crack check';
    case StraightenCrank = 'straighten crank';
    case WeldJournals = 'weld journals';
    case GrindMains = 'grind mains';
    case GrindRods = 'grind rods';
    case HardenCrank = 'harden crank';
    case CrankRecheck = 'crank recheck';
    case Polish = 'polish';
    /** Another crankshaft goes in: it is read before anything is fitted to it. */
    case NewCrank = 'new crank';
    case RodCrackCheck = 'rod crack check';
    case StraightenRod = 'straighten rod';
    case Rebush = 'rebush';
    case Resize = 'resize';
    case LightenRod = 'lighten rod';
    /** Another rod goes in: new out of the box is no proof. */
    case NewRod = 'new rod';
    case RodWeights = 'rod weights';
    /** A part that goes in for another is measured like one that came. */
    case NewHead = 'new head';
    case HeadWash = 'head wash';
    case HeadCrackCheck = 'head crack check';
    case HeadRepair = 'head repair';
    /** What is eaten away of a face is welded up before it is cut. */
    case HeadWeld = 'head weld';
    case Guides = 'guides';
    case Seats = 'seats';
    case HeadFace = 'head face';
    case Volumes = 'volumes';
    case PistonWeights = 'piston weights';
    case Match = 'match';
    case Balance = 'balance';
    case CrankFinalWash = 'crank final wash';
    case OrderMainShells = 'order main shells';
    case OrderRodShells = 'order rod shells';
    case ShellsFitted = 'shells fitted';

    public function part(): WorkPart
    {
        return match ($this) {
            self::CrankWash,
            self::CrankCrackCheck,
            self::StraightenCrank,
            self::WeldJournals,
            self::GrindMains,
            self::GrindRods,
            self::HardenCrank,
            self::CrankRecheck,
            self::Polish,
            self::NewCrank,
            self::CrankFinalWash
                => WorkPart::Crankshaft,
            self::RodCrackCheck,
            self::StraightenRod,
            self::Rebush,
            self::Resize,
            self::LightenRod,
            self::NewRod,
            self::RodWeights
                => WorkPart::Rods,
            self::NewHead,
            self::HeadWash,
            self::HeadCrackCheck,
            self::HeadRepair,
            self::HeadWeld,
            self::Guides,
            self::Seats,
            self::HeadFace,
            self::Volumes
                => WorkPart::Head,
            self::PistonWeights,
            self::Match,
            self::Balance,
            self::OrderMainShells,
            self::OrderRodShells,
            self::ShellsFitted
                => WorkPart::Together,
            default => WorkPart::Block,
        };
    }

    /** True where it is done to the bore of one cylinder. */
    public function isByCylinder(): bool
    {
        return in_array($this, [self::Sleeve, self::Bore, self::Hone, self::PistonsMeasured], true);
    }

    /** True where it is done to one valve's guide or seat. */
    public function isByValve(): bool
    {
        return in_array($this, [self::Guides, self::Seats, self::BlockGuides, self::BlockSeats], true);
    }

    /** True where nothing of the size before it is left. */
    public function takesTheSize(): bool
    {
        return $this === self::Sleeve || $this === self::Bore;
    }

    /** Washing, and looking for cracks: whatever was found, it goes on. */
    public function onlyLooks(): bool
    {
        return in_array(
            $this,
            [
                self::Wash,
                self::CrackCheck,
                self::CrankWash,
                self::CrankCrackCheck,
                self::CrankRecheck,
                self::RodCrackCheck,
                self::HeadWash,
                self::HeadCrackCheck,
            ],
            true,
        );
    }

    /** It takes no metal: whoever does it reads, and may verify by what was read. */
    public function onlyMeasures(): bool
    {
        return in_array(
            $this,
            [self::NewCrank, self::NewRod, self::NewHead, self::RodWeights, self::PistonWeights, self::Volumes],
            true,
        );
    }

    /** The part whose crack check closes it; null where it is none, or one that was looked at before is looked at again. */
    public function checksForCracks(): ?EnginePart
    {
        return match ($this) {
            self::CrackCheck => EnginePart::Block,
            self::CrankCrackCheck => EnginePart::Crankshaft,
            self::RodCrackCheck => EnginePart::Rods,
            self::HeadCrackCheck => EnginePart::Head,
            default => null,
        };
    }

    /** True where a person may say that this engine does not need it; a part that goes in is never taken for the one that came out. */
    public function canBeLeftOut(): bool
    {
        return ! $this->onlyLooks() &&
            ! in_array(
                $this,
                [self::Sleeve, self::Bore, self::Hone, self::FinalWash, self::NewCrank, self::NewRod, self::NewHead],
                true,
            );
    }

    /** @return list<self> The kinds after which it has to be done again; a bore stays one when the deck is faced */
    public function undoneBy(): array
    {
        return match ($this) {
            self::Deck, self::Bore => [self::Sleeve],
            self::Chamfer, self::Deburr => [self::Sleeve, self::Deck, self::Bore],
            self::Hone => [self::Sleeve, self::Bore],
            self::FinalWash => [self::Sleeve, self::Deck, self::Bore, self::Chamfer, self::Deburr, self::Hone, self::Line],
            self::CrankRecheck => [self::StraightenCrank, self::WeldJournals, self::GrindMains, self::GrindRods],
            self::GrindMains, self::GrindRods => [self::StraightenCrank, self::WeldJournals],
            self::Polish => [self::WeldJournals, self::GrindMains, self::GrindRods],
            self::CrankFinalWash => [self::GrindMains, self::GrindRods, self::Polish, self::Balance],
            self::RodWeights => [self::StraightenRod, self::Rebush, self::Resize, self::LightenRod],
            self::Match => [self::RodWeights, self::PistonWeights],
            self::Balance => [self::Match],
            self::HeadFace => [self::HeadWeld],
            self::Seats => [self::Guides],
            self::BlockSeats => [self::BlockGuides],
            self::Volumes => [self::NewHead, self::Guides, self::Seats, self::HeadFace],
            default => [],
        };
    }

    /** True where anything has to be done again after it. */
    public function undoesAnything(): bool
    {
        /** @var array<string, true> $undoing A function of the kinds alone */
        static $undoing = [];
        foreach ($undoing === [] ? self::cases() : [] as $kind) {
            foreach ($kind->undoneBy() as $by) {
                $undoing[$by->value] = true;
            }
        }

        return isset($undoing[$this->value]);
    }

    public function machine(): Machine
    {
        return match ($this) {
            self::Wash, self::FinalWash, self::CrankWash, self::CrankFinalWash, self::HeadWash => Machine::WashTank,
            self::Sleeve, self::Bore, self::Chamfer => Machine::BoringMill,
            self::Deck, self::HeadFace => Machine::Surfacer,
            self::Line => Machine::LineBar,
            self::Hone => Machine::Hone,
            self::GrindMains, self::GrindRods => Machine::CrankGrinder,
            self::Polish => Machine::Polisher,
            self::WeldJournals, self::CrackRepair, self::HeadRepair, self::HeadWeld => Machine::WeldingBench,
            self::Resize, self::Rebush => Machine::RodHone,
            self::Guides, self::Seats, self::BlockGuides, self::BlockSeats => Machine::SeatMachine,
            self::Balance => Machine::Balancer,
            self::StraightenCrank, self::StraightenRod => Machine::Press,
            self::OrderPistons, self::OrderSleeves, self::OrderMainShells, self::OrderRodShells, self::HardenCrank => Machine::Desk,
            default => Machine::Bench,
        };
    }

    /** What the part is clamped in: two operations on one part in one fixture need one set-up (WORK-1b). */
    public function fixture(): ?Fixture
    {
        return match ($this) {
            self::Sleeve, self::Bore, self::Chamfer => Fixture::PanRail,
            self::Deck => Fixture::MainLine,
            self::Line => Fixture::LineRails,
            self::Hone => Fixture::HoneCradle,
            self::GrindMains => Fixture::BetweenCentres,
            self::GrindRods => Fixture::ThrowBlocks,
            self::Polish => Fixture::Rollers,
            self::HeadFace => Fixture::HeadTable,
            self::Guides, self::Seats => Fixture::HeadCradle,
            self::BlockGuides, self::BlockSeats => Fixture::PanRail,
            self::Resize, self::Rebush => Fixture::RodMandrel,
            default => null,
        };
    }
}

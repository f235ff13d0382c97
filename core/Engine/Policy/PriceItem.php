<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** What has a price in the shop: work by the piece, and parts. The value is its identity; what people read of it stands in `lang/`. */
enum PriceItem: string
{
    case BoreSetup = 'bore_setup';
    case Bore = 'bore';
    case Hone = 'hone';
    case Sleeve = 'sleeve';
    case Rings = 'rings';
    case Piston = 'piston';
    case Block = 'block';
    case Cylinder = 'cylinder';
    case ThreadInsert = 'thread_insert';
    case LineHone = 'line_hone';
    case LineBore = 'line_bore';
    case CamshaftBore = 'camshaft_bore';
    case LifterBore = 'lifter_bore';
    case PolishJournal = 'polish_journal';
    case GrindJournal = 'grind_journal';
    case WeldJournal = 'weld_journal';
    case HardenCrankshaft = 'harden_crankshaft';
    case StraightenCrankshaft = 'straighten_crankshaft';
    case Balance = 'balance';
    case Crankshaft = 'crankshaft';
    case MainShells = 'main_shells';
    case RodShells = 'rod_shells';
    case ResizeRod = 'resize_rod';
    case RebushRod = 'rebush_rod';
    case StraightenRod = 'straighten_rod';
    case LightenRod = 'lighten_rod';
    case Rod = 'rod';
    case FaceDeck = 'face_deck';
    case FaceHead = 'face_head';
    /** What is eaten away of it, so that little has to be cut. */
    case WeldFace = 'weld_face';
    case Guide = 'guide';
    /** Pressed to its height, or reamed: no new part. */
    case AdjustGuide = 'adjust_guide';
    case Seat = 'seat';
    /** A new one fitted; it is cut like any other. */
    case SeatInsert = 'seat_insert';
    case Head = 'head';
    case CrackRepair = 'crack_repair';
    case Camshaft = 'camshaft';
    case Lifters = 'lifters';
    case Pushrods = 'pushrods';
    case Rockers = 'rockers';
    case Valves = 'valves';
    case TimingDrive = 'timing_drive';
    case GasketSet = 'gasket_set';

    /** True for what somebody delivers, alone or with the work on it. */
    public function isOrdered(): bool
    {
        return in_array(
            $this,
            [
                self::Sleeve,
                self::Rings,
                self::Piston,
                self::Block,
                self::Cylinder,
                self::CamshaftBore,
                self::Crankshaft,
                self::MainShells,
                self::RodShells,
                self::RebushRod,
                self::Rod,
                self::Guide,
                self::SeatInsert,
                self::Head,
                self::Camshaft,
                self::Lifters,
                self::Pushrods,
                self::Rockers,
                self::Valves,
                self::TimingDrive,
                self::GasketSet,
            ],
            true,
        );
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** What is said beside an operation. The value is its identity; what people read of it stands in `lang/`. */
enum NoteKind: string
{
    case CentreOnAxis = 'centre_on_axis';
    case OffsetTowardWear = 'offset_toward_wear';
    case BoreTheSleeve = 'bore_the_sleeve';
    case LeavesToHone = 'leaves_to_hone';
    case SizeUnknown = 'size_unknown';
    case OnlyDeglaze = 'only_deglaze';
    case ToClearance = 'to_clearance';
    case RigidStones = 'rigid_stones';
    case DatumFaces = 'datum_faces';
    case CapsTorqued = 'caps_torqued';
    case TorquePlate = 'torque_plate';
    case Crosshatch = 'crosshatch';
    case Abrasive = 'abrasive';
    case AbrasiveUnknown = 'abrasive_unknown';
    case NewPiston = 'new_piston';
    case TrimSleeves = 'trim_sleeves';
    case OnlyCleanUp = 'only_clean_up';
    case KeepStamp = 'keep_stamp';
    case LeavesHeight = 'leaves_height';
    case WheelForFillet = 'wheel_for_fillet';
    case ThrowsOutward = 'throws_outward';
    case ThrowsInward = 'throws_inward';
    case NewGuide = 'new_guide';
    case ReamTo = 'ream_to';
    case ReamToStem = 'ream_to_stem';
    case PressToHeight = 'press_to_height';
    case SeatWidth = 'seat_width';
    case StrippedThreads = 'stripped_threads';
    case CrackAt = 'crack_at';
    case WithSeatInsert = 'with_seat_insert';
    /** A sentence as the judgement wrote it. */
    case AsJudged = 'as_judged';
}

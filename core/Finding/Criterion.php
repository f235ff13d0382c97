<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What is judged. The value is its identity and is stored; what people read of it stands in `lang/`. */
enum Criterion: string
{
    // Whether a bore can stay at its size (BORE-6), in the order in which it is told.
    case OutOfRound = 'out_of_round';
    case Taper = 'taper';
    case Clearance = 'clearance';
    case LeastClearance = 'clearance_min';
    case Crack = 'crack';
    case Ridge = 'ridge';
    case Scoring = 'scoring';
    case Pitting = 'pitting';

    // Beside the bores.
    case Flatness = 'flatness';
    case LocalFlatness = 'local_flatness';
    case WholeSheet = 'whole_sheet';
    case WeightSpread = 'weight_spread';
    case BigEndTaper = 'big_end_taper';
    case BigEndOutOfRound = 'big_end_out_of_round';
    case CapsTorqued = 'caps_torqued';
    case SmallEnd = 'small_end';
    case CentreDistance = 'centre_distance';
    case BigEnd = 'big_end';
    case Twist = 'twist';
    case Bend = 'bend';
    case Play = 'play';
    case LineBoreStep = 'line_bore_step';
    case StepToNeighbour = 'step_to_neighbour';
    case PartingFace = 'parting_face';
    case StepOverall = 'step_overall';
    case OffLine = 'off_line';
    case Width = 'width';
    case Size = 'size';
    case Imprint = 'imprint';
    case ThrustFace = 'thrust_face';
    case Evenness = 'evenness';
    case SeatFace = 'seat_face';
    case SeatWidth = 'seat_width';
    case GuideHeight = 'guide_height';
    case SeatRunOut = 'seat_run_out';
    case ValveDrop = 'valve_drop';
    case Vacuum = 'vacuum';
    case SeatAngles = 'seat_angles';
    case DropAgainstClearance = 'drop_against_clearance';
    case StemClearance = 'stem_clearance';
    case Finish = 'finish';
    case Pits = 'pits';
    case Height = 'height';
    case CornerSpread = 'corner_spread';
    case Undersize = 'undersize';
    case HardenedCase = 'hardened_case';
    case Score = 'score';
    case RunOut = 'run_out';
    case SnoutRunOut = 'snout_run_out';
    case Fillet = 'fillet';
    case EndPlay = 'end_play';
    case OilClearance = 'oil_clearance';
    case PlasticStrip = 'plastic_strip';

    // Of finished work.
    case OrderedSize = 'ordered_size';
    case DeckClearance = 'deck_clearance';
    case Ratio = 'ratio';

    /** True for the two that a piston decides as much as its bore (BORE-6a). */
    public function isOfPiston(): bool
    {
        return $this === self::Clearance || $this === self::LeastClearance;
    }

    /** True for what is seen or felt at the wall of a bore. */
    public function isLookAtWall(): bool
    {
        return in_array($this, [self::Crack, self::Ridge, self::Scoring, self::Pitting], true);
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What is judged beside the bores. The value is its identity and is stored; the label is what people read, and may change. */
enum PartCriterion: string
{
    case Flatness = 'flatness';
    case LocalFlatness = 'local flatness';
    case WholeSheet = 'whole sheet';
    case WeightSpread = 'weight spread';
    case BigEndTaper = 'big end taper';
    case BigEndOutOfRound = 'big end out-of-round';
    case CapsTorqued = 'caps torqued';
    case SmallEnd = 'small end';
    case CentreDistance = 'centre distance';
    case BigEnd = 'big end';
    case Twist = 'twist';
    case Bend = 'bend';
    case Play = 'play';
    case LineBoreStep = 'line-bore step';
    case StepToNeighbour = 'step to neighbour';
    case PartingFace = 'parting face';
    case StepOverall = 'step overall';
    case OutOfRound = 'out-of-round';
    case Width = 'width';
    case Size = 'size';
    case Imprint = 'imprint';
    case ThrustFace = 'thrust face';
    case Evenness = 'evenness';
    case SeatWidth = 'seat width';
    case GuideHeight = 'guide height';
    case SeatRunOut = 'seat run-out';
    case ValveDrop = 'valve drop';
    case Vacuum = 'vacuum';
    case SeatAngles = 'seat angles';
    case DropAgainstClearance = 'drop against clearance';
    case StemClearance = 'stem clearance';
    case Finish = 'finish';
    case Pits = 'pits';
    case Height = 'height';
    case CornerSpread = 'corner spread';
    case Undersize = 'undersize';
    case HardenedCase = 'hardened case';
    case Taper = 'taper';
    case Score = 'score';
    case RunOut = 'run-out';
    case SnoutRunOut = 'snout run-out';
    case Fillet = 'fillet';
    case EndPlay = 'end play';
    case OilClearance = 'oil clearance';
    case PlasticStrip = 'plastic strip';

    public function label(): string
    {
        return match ($this) {
            self::LocalFlatness => 'flatness in any square',
            self::WholeSheet => 'the whole sheet',
            self::WeightSpread => 'spread of the weights',
            self::BigEndTaper => 'big end, taper',
            self::BigEndOutOfRound => 'big end, out-of-round',
            self::StepToNeighbour => 'step between adjacent bores',
            self::Imprint => 'imprint or step',
            self::ThrustFace => 'face',
            self::ValveDrop => 'valve falls freely',
            self::DropAgainstClearance => 'valve against clearance',
            self::CornerSpread => 'spread below the deck',
            self::SnoutRunOut => 'run-out at the snout',
            default => $this->value,
        };
    }
}

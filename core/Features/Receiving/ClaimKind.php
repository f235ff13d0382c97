<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;

/** What the paperwork says was done elsewhere (WORK-5). */
enum ClaimKind: string
{
    case Rebored = 'rebored';
    case Sleeved = 'sleeves fitted';
    case ThreadInserts = 'thread inserts fitted';
    case CracksRepaired = 'cracks repaired';
    case Welded = 'welded';
    case CrankshaftGround = 'crankshaft ground';
    case LineBored = 'line bored';
    case DeckFaced = 'deck faced';
    case HeadFaced = 'head faced';
    case ValveSeatsCut = 'valve seats cut';
    case CrackChecked = 'crack checked';
    case GuidesReplaced = 'guides replaced';
    case RodsResized = 'rods resized';
    case Balanced = 'balanced';
    case Other = 'other work';

    /** The sheet whose readings answer it; null where they say nothing of it. */
    public function section(): ?Section
    {
        return match ($this) {
            self::CrankshaftGround => Section::Crankshaft,
            self::LineBored => Section::Housings,
            self::DeckFaced, self::HeadFaced => Section::Deck,
            self::ValveSeatsCut, self::GuidesReplaced => Section::Heads,
            self::RodsResized, self::Balanced => Section::Rods,
            default => null,
        };
    }

    /**
     * What has to hold where it was done well.
     *
     * @return list<Criterion>
     */
    public function criteria(): array
    {
        return match ($this) {
            self::CrankshaftGround => [
                Criterion::Size,
                Criterion::OutOfRound,
                Criterion::Taper,
                Criterion::Score,
                Criterion::Fillet,
                Criterion::Finish,
            ],
            self::LineBored => [Criterion::Size, Criterion::OutOfRound, Criterion::StepToNeighbour, Criterion::StepOverall],
            self::DeckFaced, self::HeadFaced => [Criterion::Flatness, Criterion::LocalFlatness, Criterion::Finish],
            self::ValveSeatsCut => [
                Criterion::SeatFace,
                Criterion::SeatAngles,
                Criterion::SeatWidth,
                Criterion::SeatRunOut,
                Criterion::Vacuum,
            ],
            self::GuidesReplaced => [Criterion::GuideHeight, Criterion::StemClearance, Criterion::ValveDrop],
            self::RodsResized => [Criterion::BigEnd, Criterion::BigEndOutOfRound, Criterion::BigEndTaper],
            self::Balanced => [Criterion::WeightSpread],
            default => [],
        };
    }

    /** True for a finding that says something of it: the same criterion of another part does not. */
    public function isAnsweredBy(Finding $finding): bool
    {
        $part = match ($this) {
            self::DeckFaced => EnginePart::Block,
            self::HeadFaced => EnginePart::Head,
            default => $finding->part,
        };

        return $finding->part === $part && in_array($finding->criterion, $this->criteria(), true);
    }

    /** True where it is counted, and the count can be held against what is found. */
    public function isCounted(): bool
    {
        return in_array($this, [self::Sleeved, self::ThreadInserts, self::CracksRepaired, self::Welded], true);
    }
}

<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Heads\ValveFeature;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Inspection\Section;

/** What can be worn, bent or burnt of an engine beside its bores. */
enum PartWear: string
{
    case WornMain = 'worn_main';
    case WornPin = 'worn_pin';
    case ScoredPin = 'scored_pin';
    case BentCrankshaft = 'bent_crankshaft';
    case BearingImprint = 'bearing_imprint';
    case HousingOut = 'housing_out';
    case BentRod = 'bent_rod';
    case BigEndOut = 'big_end_out';
    case HollowDeck = 'hollow_deck';
    case WarpedHead = 'warped_head';
    case WornGuide = 'worn_guide';
    case BurntSeat = 'burnt_seat';

    public function section(): Section
    {
        return match ($this) {
            self::WornMain, self::WornPin, self::ScoredPin, self::BentCrankshaft => Section::Crankshaft,
            self::BearingImprint, self::HousingOut => Section::Housings,
            self::BentRod, self::BigEndOut => Section::Rods,
            self::HollowDeck, self::WarpedHead => Section::Deck,
            self::WornGuide, self::BurntSeat => Section::Heads,
        };
    }

    public function feature(): Feature
    {
        return match ($this) {
            self::WornMain => JournalFeature::Main,
            self::WornPin => JournalFeature::Pin,
            self::ScoredPin => JournalFeature::PinScore,
            self::BentCrankshaft => JournalFeature::RunOut,
            self::BearingImprint => HousingFeature::Imprint,
            self::HousingOut => HousingFeature::Housing,
            self::BentRod => RodFeature::Bend,
            self::BigEndOut => RodFeature::BigEnd,
            self::HollowDeck => FaceFeature::DeckPoint,
            self::WarpedHead => FaceFeature::HeadPoint,
            self::WornGuide => ValveFeature::Guide,
            self::BurntSeat => ValveFeature::SeatFace,
        };
    }

    /** What grows where it wears; the journals of a crankshaft become smaller. */
    public function direction(): int
    {
        return $this === self::WornMain || $this === self::WornPin ? -1 : 1;
    }

    /** A journal and a guide wear everywhere, one way more than the other; a bend, a hollow and a burn are at one place. */
    public function isOfTheWholeNumber(): bool
    {
        return in_array($this, [self::WornMain, self::WornPin, self::WornGuide], true);
    }
}

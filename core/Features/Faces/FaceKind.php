<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\FaceSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Message;

/** The two kinds of face that seal the combustion: the deck of the block and the face of the head (DECK). */
enum FaceKind: string
{
    case Deck = 'deck';
    case Head = 'head';

    public function spec(SpecificationSheet $sheet): ?FaceSpec
    {
        return $this === self::Deck ? $sheet->deck : $sheet->head;
    }

    public function part(): EnginePart
    {
        return $this === self::Deck ? EnginePart::Block : EnginePart::Head;
    }

    public function point(): Feature
    {
        return $this === self::Deck ? FaceFeature::DeckPoint : FaceFeature::HeadPoint;
    }

    public function height(): Feature
    {
        return $this === self::Deck ? FaceFeature::DeckHeight : FaceFeature::HeadHeight;
    }

    public function pits(): Feature
    {
        return $this === self::Deck ? FaceFeature::DeckPits : FaceFeature::HeadPits;
    }

    public function pitDepth(): Feature
    {
        return $this === self::Deck ? FaceFeature::DeckPitDepth : FaceFeature::HeadPitDepth;
    }

    /** The thickest feeler that enters anywhere under a straightedge as long as the span (DECK-1). */
    public function feeler(): Feature
    {
        return $this === self::Deck ? FaceFeature::DeckFeeler : FaceFeature::HeadFeeler;
    }

    /** The thickest feeler that enters anywhere under a straightedge along, across and diagonally over the whole face (DECK-1). */
    public function straightedge(): Feature
    {
        return $this === self::Deck ? FaceFeature::DeckStraightedge : FaceFeature::HeadStraightedge;
    }

    public function finish(): Feature
    {
        return $this === self::Deck ? FaceFeature::DeckFinish : FaceFeature::HeadFinish;
    }

    public function subject(SpecificationSheet $sheet, int $bank): Subject
    {
        return Subject::of("{$this->value}.{$bank}", $this->name($sheet, $bank));
    }

    /** “Deck”, “Deck, bank 2”, “Head face, bank 1” */
    public function name(SpecificationSheet $sheet, int $bank): Message
    {
        return count($sheet->layout->banks) > 1
            ? new Message("places.subject.{$this->value}_of_bank", ['bank' => $bank])
            : new Message("places.subject.{$this->value}");
    }
}

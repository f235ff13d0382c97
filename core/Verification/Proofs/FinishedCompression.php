<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Volumes\Compression;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/**
 * How much each cylinder compresses after its work, measured against measured (COMP-1): chamber and crown as they were filled last, the
 * bore that was ordered, and the piston below the deck as it is read now, else as it came less what the deck lost.
 */
final readonly class FinishedCompression
{
    public function __construct(private SpecificationSheet $sheet, private WorkOrder $order, private WorkedEngine $engine)
    {
    }

    /** @return ?float Infinite where nothing is left above the piston; null where bore or one of the volumes is not known */
    public function ratio(int $cylinder): ?float
    {
        $bore = $this->bore($cylinder);

        return $bore === null ? null : $this->asItIsNow()->ratio($cylinder, $bore, $this->deckCut($cylinder), Length::zero());
    }

    /** As it was read now, else as it came. */
    private function asItIsNow(): Compression
    {
        $faces = $this->engine->measurements(Section::Deck);

        return new Compression(
            $this->sheet,
            $this->engine->measurements(Section::Volumes),
            $faces->plus($this->engine->asItCame()->measurements(Section::Deck)->without($this->read())),
        );
    }

    /** @return list<Place> Of the pistons below the deck that are read now */
    private function read(): array
    {
        $places = array_map(
            static fn (int $cylinder): Place => Place::at(FaceFeature::PistonToDeck, $cylinder),
            $this->sheet->layout->cylinders(),
        );
        $faces = $this->engine->measurements(Section::Deck);

        return array_values(array_filter($places, static fn (Place $place): bool => $faces->reading($place) !== null));
    }

    /** The size it was honed to; where it was ordered to none, what it measured when it came. */
    private function bore(int $cylinder): ?Length
    {
        $hone = (new OperationKey(OperationKind::Hone, (string) $cylinder))->written();
        $target = $this->order->has($hone) ? $this->order->operation($hone)->target : null;
        if ($target !== null) {
            return $target->aim;
        }
        $sizes = [];
        foreach ($this->engine->asItCame()->bores() as $bore) {
            foreach ($bore->cylinder === $cylinder ? $bore->readings : [] as $reading) {
                $sizes = [...$sizes, ...$reading->isSized ? [$reading->corrected->nanometres] : []];
            }
        }

        return $sizes === [] ? null : Length::ofNanometres(Length::divideRounded(array_sum($sizes), count($sizes)));
    }

    /** What its deck lost since its piston was read below it: nothing where that is read now. */
    private function deckCut(int $cylinder): Length
    {
        foreach ($this->sheet->layout->banks as $index => $cylinders) {
            $deck = (new OperationKey(OperationKind::Deck, (string) ($index + 1)))->written();
            if (in_array($cylinder, $cylinders, true) && $this->order->has($deck) && $this->isReadBeforeTheCut($cylinders)) {
                return $this->lost($index + 1) ?? ($this->order->operation($deck)->step ?? Length::zero());
            }
        }

        return Length::zero();
    }

    /** @param  list<int>  $cylinders  Of one bank */
    private function isReadBeforeTheCut(array $cylinders): bool
    {
        $corners = [$cylinders[0], $cylinders[count($cylinders) - 1]];

        return array_filter($this->read(), static fn (Place $place): bool => in_array($place->number, $corners, true)) === [];
    }

    /** Null where its height was not read before and after. */
    private function lost(int $bank): ?Length
    {
        $height = Place::at(FaceFeature::DeckHeight, $bank);
        $before = $this->engine->asItCame()->measurements(Section::Deck)->length($height);
        $now = $this->engine->measurements(Section::Deck)->length($height);

        return $before === null || $now === null ? null : $before->minus($now);
    }
}

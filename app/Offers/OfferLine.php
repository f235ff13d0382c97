<?php

declare(strict_types=1);

namespace App\Offers;

use App\Record\Offer;
use App\Record\OfferState;
use App\Storage\OfferLink;
use App\Words\Line;

/** One offer with where it stands, in words. */
final readonly class OfferLine
{
    private function __construct(public Offer $offer, public OfferState $state, public string $words, public string $opened)
    {
    }

    public static function of(Offer $offer, OfferState $state): self
    {
        $link = OfferLink::named($offer->id());

        return new self(
            $offer,
            $state,
            self::words($offer, $state),
            match (true) {
                $link?->opened_at === null => Line::of('offer.opened.never'),
                default => Line::counted('offer.opened.times', $link->opened_times, ['at' => $link->opened_at->format('j M H:i')]),
            },
        );
    }

    private static function words(Offer $offer, OfferState $state): string
    {
        $answer = $offer->answer;

        return match (true) {
            $answer !== null => Line::of($answer->text('way') === Offer::NONE ? 'offer.answered.none' : 'offer.answered.way', [
                'way' => Line::ifThereIs("offer.way.{$answer->text('way')}") ?? '',
                'name' => $answer->text('name'),
                'by' => Line::of("offer.by.{$answer->text('by')}"),
                'at' => $answer->at()->format('j M H:i'),
            ]),
            $state === OfferState::Open => Line::of('offer.wanted_by', ['date' => $offer->wantedBy()->format('j F')]),
            default => Line::ofCode('offer.state', $state),
        };
    }
}

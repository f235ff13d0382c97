<?php

declare(strict_types=1);

namespace App\Offers;

use App\Load\PlanOfShop;
use App\Pages\Stamp;
use App\Record\JobFile;
use App\Record\Offer;
use App\Record\OfferBook;
use App\Record\OfferState;
use App\Record\OfferWay;
use App\Words\Line;
use Illuminate\Support\Carbon;

/** The offers of a job, the newest first, and the one that could be sent now. */
final readonly class OffersPage
{
    private const DAYS_FOR_AN_ANSWER = 7;

    /**
     * @param  list<OfferLine>  $lines
     * @param  list<OfferWay>  $ways  Of an offer that could be sent now
     * @param  list<string>  $unsure
     * @param  list<string>  $accepts
     * @param  array<string, string>  $routes  How it may go to the customer
     */
    private function __construct(
        public Stamp $stamp,
        public array $lines,
        public array $ways,
        public array $unsure,
        public array $accepts,
        public array $routes,
        public string $wantedBy,
        public string $email,
    ) {
    }

    public static function of(JobFile $file, PlanOfShop $shop): self
    {
        $draft = OfferDraft::of($file);
        $offers = array_reverse(OfferBook::of($file->record->observations())->offers);
        $mark = $draft->mark;
        $lines = array_map(static fn (Offer $offer): OfferLine => OfferLine::of($offer, $offer->state($mark)), $offers);
        $isSettled = $offers !== [] && self::isSettled($offers[0], $offers[0]->state($mark), $file);
        $routes = [];
        foreach (OfferRoute::ofTheShop() as $route) {
            $routes[$route->value] = Line::ofCode('offer.by', $route);
        }

        return new self(
            self::stamp($lines[0] ?? null),
            $lines,
            $isSettled
                ? []
                : array_map(OfferWay::ofDocument(...), $draft->document($file, new ReadyDays($file, $shop, Carbon::today()))['ways']),
            $draft->unsure,
            array_column($draft->accepts, 'words'),
            $routes,
            Carbon::today()->addDays(self::DAYS_FOR_AN_ANSWER)->format('Y-m-d'),
            $file->job->customer->email,
        );
    }

    /** True while an offer is out, or a way was agreed that still holds: nothing else is offered then. */
    private static function isSettled(Offer $newest, OfferState $state, JobFile $file): bool
    {
        $isAgreed = $state === OfferState::Answered && $newest->answer?->text('way') !== Offer::NONE;

        return $state === OfferState::Open || ($isAgreed && ! $file->work()->isPlanOpenAgain());
    }

    private static function stamp(?OfferLine $newest): Stamp
    {
        $with = ['number' => $newest->offer->number ?? 0];

        return match ($newest?->state) {
            null => new Stamp(Line::of('offer.stamp.no_offer_yet'), Line::of('offer.stamp.not_asked'), 'missing'),
            OfferState::Open => new Stamp(Line::of('offer.stamp.is_out', $with), $newest->words, 'close'),
            OfferState::Answered => new Stamp(Line::of('offer.stamp.answered', $with), $newest->words, 'good'),
            default => new Stamp(Line::of('offer.stamp.offer', $with), $newest->words, 'out'),
        };
    }
}

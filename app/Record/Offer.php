<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Said;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\URL;

/** One offer as it was sent, with what came of it. */
final readonly class Offer
{
    /** The answer that wants none of the ways. */
    public const NONE = 'none';

    /**
     * @param  ?Said  $answer  Null while there is none
     * @param  ?Said  $withdrawal  Null while it holds
     * @param  list<Said>  $questions  That the customer asked, oldest first
     */
    public function __construct(
        public Said $sent,
        public int $number,
        public ?Said $answer,
        public ?Said $withdrawal,
        public array $questions,
    ) {
    }

    public function id(): string
    {
        return $this->sent->subject;
    }

    /** @return list<OfferWay> */
    public function ways(): array
    {
        return array_map(OfferWay::ofDocument(...), $this->sent->list('ways'));
    }

    public function way(string $code): ?OfferWay
    {
        foreach ($this->ways() as $way) {
            if ($way->code === $code) {
                return $way;
            }
        }

        return null;
    }

    /** Null while nobody has answered, and where none is wanted. */
    public function chosenWay(): ?OfferWay
    {
        return $this->way($this->answer?->text('way') ?? self::NONE);
    }

    /** @return list<string> */
    public function unsure(): array
    {
        return array_values(array_filter($this->sent->list('unsure'), is_string(...)));
    }

    /** @return list<array{kind: string, part: string, subject: string, words: string}> */
    public function accepts(): array
    {
        /** @var list<array{kind: string, part: string, subject: string, words: string}> $accepts */
        $accepts = $this->sent->list('accepts');

        return $accepts;
    }

    /** The last day on which it can be answered. */
    public function wantedBy(): Carbon
    {
        return Carbon::parse($this->sent->text('wanted_by'));
    }

    public function isOverdue(): bool
    {
        return Carbon::today()->isAfter($this->wantedBy());
    }

    /** @param  OfferMark  $mark  Of the offer that the engine would get now */
    public function state(OfferMark $mark): OfferState
    {
        return match (true) {
            $this->answer !== null => OfferState::Answered,
            $this->withdrawal !== null => OfferState::Withdrawn,
            ! $mark->is($this->sent->text('mark')) => OfferState::Stale,
            $this->isOverdue() => OfferState::Expired,
            default => OfferState::Open,
        };
    }

    /** The signed address that needs no log-in; it names nothing but this offer. */
    public function link(): string
    {
        return rtrim((string) config('app.url'), '/').$this->address('open');
    }

    /** @param  'open'|'answer'|'ask'  $what  Where the signed address leads */
    public function address(string $what): string
    {
        return URL::signedRoute("offer.{$what}", ['offer' => $this->id()], absolute: false);
    }
}

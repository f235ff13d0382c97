<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\Said;

/** The offers that were made for a job, folded from what was said of them. */
final readonly class OfferBook
{
    /** @param  list<Offer>  $offers  Oldest first */
    private function __construct(public array $offers)
    {
    }

    public static function of(JobObservations $observations): self
    {
        $offers = [];
        foreach ($observations->all(EntryKind::Offer) as $index => $sent) {
            $offers[] = new Offer(
                $sent,
                $index + 1,
                self::last($observations, EntryKind::OfferAnswered, $sent->subject),
                self::last($observations, EntryKind::OfferWithdrawn, $sent->subject),
                self::openQuestions($observations, $sent->subject),
            );
        }

        return new self($offers);
    }

    public function newest(): ?Offer
    {
        return $this->offers === [] ? null : $this->offers[count($this->offers) - 1];
    }

    public function offer(string $id): ?Offer
    {
        foreach ($this->offers as $offer) {
            if ($offer->id() === $id) {
                return $offer;
            }
        }

        return null;
    }

    /** The newest one that was neither answered nor withdrawn: work waits for it. */
    public function waiting(): ?Offer
    {
        $newest = $this->newest();

        return $newest === null || $newest->answer !== null || $newest->withdrawal !== null ? null : $newest;
    }

    /** The newest one, where none of its ways is wanted: the work stops until another is agreed. */
    public function refused(): ?Offer
    {
        $newest = $this->newest();

        return $newest?->answer?->text('way') === Offer::NONE ? $newest : null;
    }

    /** @return list<Said> Questions of the customer that nobody has settled */
    public function questions(): array
    {
        return array_merge([], ...array_map(static fn (Offer $offer): array => $offer->questions, $this->offers));
    }

    private static function last(JobObservations $observations, EntryKind $kind, string $offer): ?Said
    {
        $said = $observations->about($kind, $offer);

        return $said === [] ? null : $said[count($said) - 1];
    }

    /** @return list<Said> */
    private static function openQuestions(JobObservations $observations, string $offer): array
    {
        $settled = array_map(
            static fn (Said $said): string => $said->text('question'),
            $observations->about(EntryKind::QuestionSettled, $offer),
        );

        return array_values(
            array_filter(
                $observations->about(EntryKind::CustomerAsks, $offer),
                static fn (Said $said): bool => ! in_array($said->ulid, $settled, true),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\Said;
use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Receiving\SleeveSurvey;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;

/** What the customer was asked and has not answered (VER-6). */
final readonly class CustomerQuestions
{
    public function __construct(private JobRecord $record)
    {
    }

    /** @return list<string> What waits for the customer's word, each in a clause; the first stands on the Bench */
    public function clauses(): array
    {
        return [
            ...array_map(
                self::crack(...),
                $this->record->cracks()->customerHolds(),
            ),
            ...array_values(
                array_map(
                    static fn (SleeveSurvey $survey): string => Line::of('waits.sleeve_of', ['cylinder' => $survey->cylinder]),
                    array_filter($this->record->sleeves(), static fn (SleeveSurvey $survey): bool => $survey->waitsForCustomer()),
                ),
            ),
            ...$this->offerClauses(),
        ];
    }

    /** The offer that was neither answered nor taken back: nothing is done before the answer (PLAN-4). */
    public function waitingOffer(): ?Offer
    {
        return OfferBook::of($this->record->observations())->waiting();
    }

    public function asksSomething(): bool
    {
        $book = OfferBook::of($this->record->observations());

        return $book->questions() !== [] || $book->refused() !== null;
    }

    /** @return list<Stop> Questions that the customer has not answered, at the cylinder they are about (VER-6) */
    public function stops(): array
    {
        return [
            ...array_map(
                static fn (Indication $one): Stop => new Stop(
                    StopReason::CustomerAsked,
                    $one->location->cylinder,
                    self::crack($one),
                    $one->location->part(),
                ),
                $this->record->cracks()->customerHolds(),
            ),
            ...array_values(
                array_map(
                    static fn (SleeveSurvey $survey): Stop => new Stop(
                        StopReason::CustomerAsked,
                        $survey->cylinder,
                        Line::of('waits.old_sleeve', ['cylinder' => $survey->cylinder]),
                    ),
                    array_filter($this->record->sleeves(), static fn (SleeveSurvey $survey): bool => $survey->waitsForCustomer()),
                ),
            ),
            ...array_map(
                static fn (string $clause): Stop => new Stop(StopReason::CustomerAsked, null, $clause, null),
                $this->offerClauses(),
            ),
        ];
    }

    private static function crack(Indication $one): string
    {
        return Line::of('waits.crack', [
            'way' => $one->disposition() === null ? '' : Labels::code($one->disposition()),
            'where' => Messages::text($one->location->message()),
        ]);
    }

    /** @return list<string> */
    private function offerClauses(): array
    {
        $book = OfferBook::of($this->record->observations());
        $waiting = $book->waiting();
        $refused = $book->refused();

        return [
            ...array_map(static fn (Said $said): string => Line::of('offer.asks', ['name' => $said->text('name')]), $book->questions()),
            ...$waiting === null
                ? []
                : [Line::of('offer.waits', ['number' => $waiting->number, 'date' => $waiting->wantedBy()->format('j M')])],
            ...($refused === null ? [] : [Line::of('offer.refused', ['number' => $refused->number])]),
        ];
    }
}

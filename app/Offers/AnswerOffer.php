<?php

declare(strict_types=1);

namespace App\Offers;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\Offer;
use App\Record\OfferBook;
use App\Record\OfferState;
use App\Record\OfferWay;
use App\Stages\Plan\ChoosePlan;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\Observation;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\CustomerAnswer;
use NorthLedger\Core\Quantity\Money;

/** Takes the customer's answer to an offer: which way, or none. What it accepts is signed by it, and the order is made from it (PLAN-4). */
final readonly class AnswerOffer
{
    public function __construct(private Ledger $ledger)
    {
    }

    /**
     * @param  User  $by  Who writes it down; through the link, who sent the offer
     * @param  string  $way  Code of a way, or `Offer::NONE`
     * @param  string  $name  Who answers
     */
    public function handle(
        Job $job,
        User $by,
        string $ulid,
        string $offer,
        string $way,
        string $name,
        OfferRoute $route,
        string $remark,
    ): Written {
        return $this->ledger->write($job->id, $ulid, EntryKind::OfferAnswered, $by, static function (JobFile $file) use (
            $by,
            $ulid,
            $offer,
            $way,
            $name,
            $route,
            $remark,
        ): array {
            $answered = self::open($file, $offer);
            $said = ['way' => $way, 'name' => $name, 'by' => $route->value, 'remark' => $remark];
            self::observe($file, $by, $ulid, EntryKind::OfferAnswered, $offer, $said);
            if ($way === Offer::NONE) {
                return ['subject' => $offer] + $said;
            }
            $chosen = $answered->way($way) ?? throw Refused::because('way', Line::of('offer.told.choose_one_ways_offer'));
            foreach ($answered->accepts() as $one) {
                self::observe($file, $by, (string) Str::ulid(), EntryKind::CustomerAnswer, $one['subject'], [
                    'answer' => self::to($one['part'], $chosen)->value,
                    'how' => Line::of('offer.in_offer', ['name' => $name, 'number' => $answered->number]),
                ]);
            }
            foreach ($chosen->accepts as $one) {
                $conceded = AcceptedPits::concession($one, $name);
                self::observe($file, $by, (string) Str::ulid(), EntryKind::Concession, $one['finding'], $conceded);
            }
            $choice = ChoosePlan::write(
                $chosen->accepts === [] ? $file : $file->anew(),
                $by,
                (string) Str::ulid(),
                $chosen->onceAccepted(),
                Line::of('offer.answered_by', ['name' => $name, 'number' => $answered->number]),
                Money::ofMinor($chosen->costMinor),
            );

            return ['subject' => $offer] + $said + ['accepts' => $answered->accepts(), 'concedes' => $chosen->accepts, 'choice' => $choice];
        });
    }

    /** A repair is accepted with the way that does it, and declined with one that replaces its part. */
    private static function to(string $part, OfferWay $chosen): CustomerAnswer
    {
        return $chosen->replaces(EnginePart::from($part)) ? CustomerAnswer::Declined : CustomerAnswer::Accepted;
    }

    /** @throws \Illuminate\Validation\ValidationException If it cannot be answered any more */
    private static function open(JobFile $file, string $id): Offer
    {
        $offer =
            OfferBook::of($file->record->observations())->offer($id) ??
            throw Refused::because('way', Line::of('offer.told.no_such_offer_job'));

        return match ($offer->state(OfferDraft::of($file)->mark)) {
            OfferState::Open => $offer,
            OfferState::Answered => throw Refused::because(
                'way',
                Line::of('offer.told.answered_by', ['name' => $offer->answer?->text('name') ?? '']),
            ),
            OfferState::Withdrawn => throw Refused::because('way', Line::of('offer.told.offer_taken_back')),
            OfferState::Expired => throw Refused::because('way', Line::of('offer.told.day_answer_passed_send')),
            OfferState::Stale => throw Refused::because(
                'way',
                Line::of('offer.told.something_different_since_offer'),
            ),
        };
    }

    /** @param  array<string, mixed>  $said */
    private static function observe(JobFile $file, User $by, string $ulid, EntryKind $kind, string $subject, array $said): void
    {
        Observation::query()->create([
            'ulid' => $ulid,
            'job_id' => $file->job->id,
            'kind' => $kind,
            'subject' => $subject,
            'said' => $said,
            'happened_at' => now(),
            'user_id' => $by->id,
            'created_at' => now(),
        ]);
    }
}

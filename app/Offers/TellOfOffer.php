<?php

declare(strict_types=1);

namespace App\Offers;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\Offer;
use App\Record\OfferBook;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;

/** What else can happen to an offer: it is taken back, the customer asks something, somebody settles that. */
final readonly class TellOfOffer
{
    public function __construct(private Observe $observe)
    {
    }

    public function withdraw(Job $job, User $by, string $ulid, string $offer, string $reason): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::OfferWithdrawn, static function (JobFile $file) use (
            $offer,
            $reason,
        ): array {
            $known = self::known($file, $offer);
            if ($known->answer !== null) {
                throw Refused::because('offer', Line::of('offer.told.offer_answered_already_cannot'));
            }

            return [$offer, ['reason' => $reason]];
        });
    }

    /** @param  User  $by  Who sent the offer; the customer has no log-in */
    public function ask(Job $job, User $by, string $ulid, string $offer, string $name, string $question): Written
    {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::CustomerAsks,
            static fn (JobFile $file): array => [self::known($file, $offer)->id(), ['name' => $name, 'words' => $question]],
        );
    }

    /** @param  string  $question  The ULID under which it was asked */
    public function settle(Job $job, User $by, string $ulid, string $offer, string $question, string $how): Written
    {
        return $this->observe->handle(
            $job,
            $by,
            $ulid,
            EntryKind::QuestionSettled,
            static fn (JobFile $file): array => [self::known($file, $offer)->id(), ['question' => $question, 'how' => $how]],
        );
    }

    private static function known(JobFile $file, string $offer): Offer
    {
        return OfferBook::of($file->record->observations())->offer($offer) ??
            throw Refused::because('offer', Line::of('offer.told.no_such_offer_job'));
    }
}

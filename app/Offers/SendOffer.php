<?php

declare(strict_types=1);

namespace App\Offers;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Load\PlanOfShop;
use App\Record\JobFile;
use App\Record\Offer;
use App\Record\OfferBook;
use App\Record\OfferState;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OfferLink;
use App\Storage\User;
use App\Words\Line;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Makes an offer of the engine's plans as they are now, and sends it (PLAN-4). An open one is taken back by the next. */
final readonly class SendOffer
{
    public function __construct(private Observe $observe, private PlanOfShop $shop)
    {
    }

    /**
     * @param  OfferRoute  $by  How it goes to the customer
     * @return bool False where it is made, and the message could not be sent
     */
    public function handle(Job $job, User $who, string $ulid, OfferRoute $by, Carbon $wantedBy): bool
    {
        $written = $this->observe->handle($job, $who, $ulid, EntryKind::Offer, function (JobFile $file) use ($ulid, $by, $wantedBy): array {
            if (! $file->job->isWorked()) {
                throw Refused::because('by', Line::of('verify.nothing_planned'));
            }
            $draft = OfferDraft::of($file);
            if ($draft->ways === []) {
                throw Refused::because('by', Line::of('offer.told.no_plan_can_offered'));
            }
            if ($wantedBy->isBefore(Carbon::today())) {
                throw Refused::because('wanted_by', Line::of('offer.told.day_answer_passed_already'));
            }
            if ($by === OfferRoute::Email && $file->job->customer->email === '') {
                throw Refused::because(
                    'by',
                    Line::of('offer.told.no_address', ['customer' => $file->job->customer->name]),
                );
            }
            $waiting = OfferBook::of($file->record->observations())->waiting();
            if ($waiting !== null && $waiting->state($draft->mark) === OfferState::Open) {
                throw Refused::because('by', Line::of('offer.told.offer_open', ['number' => $waiting->number]));
            }

            OfferLink::query()->create(['offer' => $ulid, 'job_id' => $file->job->id]);

            return [
                $ulid,
                ['by' => $by->value, 'wanted_by' => $wantedBy->format('Y-m-d')] +
                $draft->document($file, new ReadyDays($file, $this->shop, Carbon::today())),
            ];
        });
        if ($written->wasWrittenBefore) {
            return true;
        }

        return $by !== OfferRoute::Email || $this->isMailed($written->file, $ulid);
    }

    private function isMailed(JobFile $file, string $offer): bool
    {
        $sent = OfferBook::of($file->record->observations())->offer($offer);
        try {
            $sent === null || Mail::to($file->job->customer->email)->send(new OfferMail($sent, $file));
        } catch (TransportExceptionInterface $exception) {
            report($exception);

            return false;
        }

        return true;
    }
}

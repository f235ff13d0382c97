<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Offers\AnswerOffer;
use App\Offers\OfferRoute;
use App\Offers\SendOffer;
use App\Record\JobFiles;
use App\Record\OfferBook;
use App\Stages\Cracks\DecideCrack;
use App\Stages\Plan\ChoosePlan;
use App\Stages\Receive\ReceiveJob;
use App\Storage\Customer;
use App\Storage\Job;
use App\Storage\ShelfBook;
use App\Storage\SpecBook;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Planning\WayKind;

/** Jobs between the plan and the customer's answer: one overdue, one answered by its link, one opened again by a crack. */
final readonly class DemoOffers
{
    public function __construct(
        private ReceiveJob $receive,
        private DemoIncoming $incoming,
        private DemoReadings $readings,
        private SendOffer $send,
        private AnswerOffer $answer,
        private ChoosePlan $choose,
        private DecideCrack $decide,
        private JobFiles $files,
        private SpecBook $specs,
    ) {
    }

    public function jobs(User $inspector, User $counter): void
    {
        Customer::query()
            ->where('name', 'Narrow-gauge railway')
            ->update(['email' => 'workshop@narrow-gauge.example', 'phone' => '555 0114', 'asked_by' => OfferRoute::Email->value]);
        Customer::query()
            ->where('name', 'Orchard co-operative')
            ->update(['phone' => '555 0131', 'asked_by' => OfferRoute::Telephone->value]);
        ShelfBook::put('tarn-4-198', 'piston 508000', 4);
        $this->overdue($inspector, $counter);
        $this->answeredByLink($inspector, $counter);
        $this->openedAgain($inspector);
    }

    /** A side-valve block whose offer was read out ten days ago; nobody has answered. */
    private function overdue(User $inspector, User $counter): void
    {
        $job = $this->worn($inspector, 'cairn-l4-144', 'CL-01193', 'Orchard co-operative', 'cider press engine', 6, 110_000);
        Carbon::setTestNow(Carbon::now()->subDays(10));
        $this->send->handle($job, $counter, self::ulid(), OfferRoute::Telephone, Carbon::today()->addDays(7));
        Carbon::setTestNow();
    }

    /** Sent by mail; the customer chose on his own page. */
    private function answeredByLink(User $inspector, User $counter): void
    {
        $job = $this->worn($inspector, 'tarn-4-198', 'T4-33418', 'Narrow-gauge railway', 'inspection trolley', 13);
        $this->send->handle($job, $counter, self::ulid(), OfferRoute::Email, Carbon::today()->addDays(7));
        $offer = OfferBook::of($this->files->open($job->refresh())->record->observations())->newest();
        if ($offer !== null) {
            $way = WayKind::Recommended->value;
            $this->answer->handle(
                $job,
                $counter,
                self::ulid(),
                $offer->id(),
                $way,
                'the workshop foreman',
                OfferRoute::Link,
                'Before Easter, please.',
            );
        }
    }

    /** The size was agreed; then a sharp line in a bore came back sharp. */
    private function openedAgain(User $inspector): void
    {
        $job = $this->worn($inspector, 'tarn-4-198', 'T4-17220', 'Plough depot', 'loader engine', 17);
        $this->choose->handle($job, $inspector, self::ulid(), 'bore 508000', [], null);
        $crack = $this->incoming->indication(
            $job,
            $inspector,
            Face::Deck,
            CrackZone::BoreWall,
            3,
            [[520, 420], [528, 470]],
            Look::SharpLine,
            '.8',
            Carbon::yesterday()->setTime(15, 0),
            'low in the bore, seen when it was washed',
        );
        $this->incoming->retest($job, $inspector, $crack, Look::SharpLine, Carbon::yesterday()->setTime(15, 30));
        $this->decide->handle($job, $inspector, self::ulid(), $crack, Disposition::Sleeve, false, '');
    }

    private function worn(User $by, string $family, string $serial, string $customer, string $what, int $days, ?int $budget = null): Job
    {
        $job = $this->receive->handle($by, self::ulid(), [
            'family' => $family,
            'family_revision' => $this->specs->newestRevision($family),
            'serial' => $serial,
            'customer' => $customer,
            'description' => $what,
            'wishes' => null,
            'budget_minor' => $budget,
            'due_on' => Carbon::today()->addDays($days)->format('Y-m-d'),
            'declared_step_nm' => 0,
            'declared_evidence' => 'stamped STD on the crowns',
        ]);
        $this->incoming->allFine($job, $by, Carbon::yesterday()->setTime(9, 0));
        $this->readings->incoming($job, $by, [
            1 => [7.2, 4.2, 4.6, 2.7, 1.1, 0.9],
            2 => [6.8, 4.0, 4.4, 2.6, 1.0, 0.8],
            3 => [7.6, 4.4, 4.8, 2.8, 1.1, 0.9],
            4 => [6.9, 4.1, 4.5, 2.6, 1.0, 0.8],
        ]);

        return $job;
    }

    private static function ulid(): string
    {
        return (string) Str::ulid();
    }
}

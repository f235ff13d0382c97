<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Stages\Receive\ReceiveJob;
use App\Stages\Release\RecallJob;
use App\Stages\Release\SignRelease;
use App\Stages\Verify\AnswerPart;
use App\Storage\CertificateStanding;
use App\Storage\Job;
use App\Storage\RecallCause;
use App\Storage\SpecBook;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\Purpose;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\PartAnswer;

/** Work of others: a block that another shop bored, new rods out of the box; and a certificate that came up again. */
final readonly class DemoChecks
{
    public function __construct(
        private ReceiveJob $receive,
        private DemoIncoming $incoming,
        private DemoReadings $readings,
        private DemoParts $parts,
        private AnswerPart $answer,
        private SignRelease $sign,
        private RecallJob $recall,
        private SpecBook $specs,
    ) {
    }

    public function jobs(User $inspector, Job $released): void
    {
        $this->blockOfAnotherShop($inspector);
        $this->newRods($inspector);
        $this->recall->handle(
            $released,
            $inspector,
            (string) Str::ulid(),
            CertificateStanding::InQuestion,
            RecallCause::Gauge,
            'The micrometer read 0.0003 in large at its yearly check; the mains are being looked at again.',
        );
    }

    /** Bored and honed elsewhere; the second bore is tapered, and nobody had a torque plate on. */
    private function blockOfAnotherShop(User $inspector): void
    {
        $job = $this->received($inspector, 'quern-3-16', 'QN-00417', 'Orchard co-operative', 'bored elsewhere', Arrival::ShortBlock);
        $this->incoming->allFine($job, $inspector, Carbon::yesterday()->setTime(9, 0));
        $this->readings->incoming($job, $inspector, [
            1 => [25.5, 25.2, 25.4, 25.2, 25.1, 25.0],
            2 => [27.4, 27.2, 26.2, 26.0, 25.2, 25.1],
            3 => [25.4, 25.2, 25.3, 25.2, 25.1, 25.0],
        ]);
    }

    /** Three of eight tapered across the width: they go back, and the job is signed. */
    private function newRods(User $inspector): void
    {
        $job = $this->received($inspector, 'brae-v8-311', 'BV-33005', 'Hill-climb club', 'new rods, out of the box', Arrival::RodsOnly);
        $tapered = [];
        foreach ([2 => '0.9', 5 => '0.8', 7 => '1.1'] as $rod => $thou) {
            $tapered["bigend.{$rod}.rear.0"] = "{$thou} thou";
            $tapered["bigend.{$rod}.rear.90"] = "{$thou} thou";
        }
        $this->parts->read($job, $inspector, [Section::Rods], $tapered, 47);
        $reason = 'Three big ends are tapered: rods 2, 5 and 7.';
        $this->answer->handle($job, $inspector, (string) Str::ulid(), EnginePart::Rods, PartAnswer::Returned, $reason);
        $this->sign->handle($job, $inspector, (string) Str::ulid());
    }

    private function received(User $by, string $family, string $serial, string $customer, string $what, Arrival $arrival): Job
    {
        return $this->receive->handle($by, (string) Str::ulid(), [
            'family' => $family,
            'family_revision' => $this->specs->newestRevision($family),
            'serial' => $serial,
            'customer' => $customer,
            'description' => $what,
            'wishes' => null,
            'budget_minor' => null,
            'due_on' => Carbon::today()->addDays(6)->format('Y-m-d'),
            'arrival' => $arrival->value,
            'purpose' => Purpose::Check->value,
            'declared_step_nm' => null,
            'declared_evidence' => null,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\VerificationOfJob;
use App\Storage\Disposition;
use App\Storage\DispositionKind;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OperationTick;
use App\Storage\User;
use App\Words\Line;
use App\Words\SubjectName;
use Illuminate\Support\Str;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Verification\VerifiedFeature;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\TickState;

/** Decides what is done about finished work that is out of tolerance: rework it, or accept it by a concession (VER-5, WORK-4). */
final readonly class DecideFinished
{
    public function __construct(private Ledger $ledger)
    {
    }

    /** @param  string  $subject  Code of what is out: “bore.3”, “main.2” */
    public function handle(Job $job, User $by, string $ulid, string $subject, DispositionKind $kind, string $reason): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Disposition, $by, function (JobFile $file) use (
            $by,
            $ulid,
            $subject,
            $kind,
            $reason,
        ): array {
            $cylinder = self::cylinder($subject);
            $bore = $cylinder === null ? null : $file->work()->verification()->bores()[$cylinder] ?? null;
            $part = $file->work()->verification()->parts()[$subject] ?? null;
            self::checkItIsOut($bore->state ?? ($part->state ?? null), $part?->subject() ?? Subject::bore($cylinder ?? 0));
            $row = [
                'plan_choice_id' => $file->work()->choice()?->id,
                'cylinder' => $cylinder,
                'subject' => $cylinder === null ? $subject : null,
                'kind' => $kind,
                'reason' => $reason,
                'last_reading_id' => VerificationOfJob::lastReading($file),
            ];
            Disposition::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);
            foreach ($kind === DispositionKind::Rework ? self::operations($cylinder, $part) : [] as $operation) {
                self::reopen($file, $by, $operation, $reason);
            }

            return $row;
        });
    }

    private static function cylinder(string $subject): ?int
    {
        $number = (int) (explode('.', $subject)[1] ?? 0);

        return $subject === Subject::bore($number)->code ? $number : null;
    }

    private static function checkItIsOut(?VerificationState $state, Subject $about): void
    {
        if ($state === null) {
            throw Refused::because('subject', Line::of('verify.no_such'));
        }
        if (! $state->needsDecision()) {
            throw Refused::because('subject', Line::of('verify.not_out', ['what' => SubjectName::of($about)]));
        }
    }

    /** @return list<string> Keys of what is done again: of a bore its hone, of a part what should have held what fails */
    private static function operations(?int $cylinder, ?VerifiedFeature $part): array
    {
        if ($part === null) {
            return [(new OperationKey(OperationKind::Hone, (string) $cylinder))->written()];
        }
        $failing = array_filter(
            $part->findings,
            static fn (Finding $finding): bool => in_array($finding->outcome, [Outcome::Fail, Outcome::NoLimit], true),
        );

        return array_values(
            array_unique(array_map(static fn (Finding $finding): string => $part->proof->operationOf($finding->criterion), $failing)),
        );
    }

    /** Of what is done once to a whole part, the readings of its other places stand. */
    private static function reopen(JobFile $file, User $by, string $operation, string $reason): void
    {
        OperationTick::query()->create([
            'ulid' => (string) Str::ulid(),
            'job_id' => $file->job->id,
            'plan_choice_id' => $file->work()->choice()?->id,
            'order_number' => $file->work()->storedOrder()->number ?? 0,
            'operation' => $operation,
            'state' => TickState::Open,
            'remark' => mb_strimwidth(Line::of('verify.rework', ['reason' => $reason]), 0, 200, '…'),
            'last_reading_id' => OperationKey::parse($operation)->place === '' ? 0 : VerificationOfJob::lastReading($file),
            'user_id' => $by->id,
            'created_at' => now(),
        ]);
    }
}

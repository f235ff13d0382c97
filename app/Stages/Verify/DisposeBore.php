<?php

declare(strict_types=1);

namespace App\Stages\Verify;

use App\Ledger\Ledger;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\Disposition;
use App\Storage\DispositionKind;
use App\Storage\EntryKind;
use App\Storage\Job;
use App\Storage\OperationTick;
use App\Storage\SheetName;
use App\Storage\User;
use Illuminate\Support\Str;
use NorthLedger\Core\Inspection\Occasion;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Work\TickState;

/** Decides what is done about a finished bore that is out of tolerance: rework it, or accept it by a concession. */
final readonly class DisposeBore
{
    public function __construct(private Ledger $ledger)
    {
    }

    public function handle(Job $job, User $by, string $ulid, int $cylinder, DispositionKind $kind, string $reason): Written
    {
        return $this->ledger->write($job->id, $ulid, EntryKind::Disposition, $by, function (JobFile $file) use (
            $by,
            $ulid,
            $cylinder,
            $kind,
            $reason,
        ): array {
            $bore = $file->work()->verified()[$cylinder] ?? throw Refused::because('cylinder', 'This job has no such finished bore.');
            if (! in_array($bore->state, [VerificationState::Out, VerificationState::Undersize, VerificationState::NoLimit], true)) {
                throw Refused::because('cylinder', "Cylinder {$cylinder} is not out of tolerance; there is nothing to decide.");
            }
            $row = [
                'plan_choice_id' => $file->work()->choice()?->id,
                'cylinder' => $cylinder,
                'kind' => $kind,
                'reason' => $reason,
                'last_reading_id' => $file->record->entries(SheetName::bores(Occasion::Final))->lastId(),
            ];
            Disposition::query()->create($row + ['ulid' => $ulid, 'job_id' => $file->job->id, 'user_id' => $by->id, 'created_at' => now()]);
            if ($kind === DispositionKind::Rework) {
                $this->reopen($file, $by, $cylinder, $reason);
            }

            return $row;
        });
    }

    private function reopen(JobFile $file, User $by, int $cylinder, string $reason): void
    {
        OperationTick::query()->create([
            'ulid' => (string) Str::ulid(),
            'job_id' => $file->job->id,
            'plan_choice_id' => $file->work()->choice()?->id,
            'order_number' => $file->work()->storedOrder()->number ?? 0,
            'operation' => "hone.{$cylinder}",
            'state' => TickState::Open,
            'remark' => 'rework: '.$reason,
            'last_reading_id' => $file->record->entries(SheetName::bores(Occasion::Final))->lastId(),
            'user_id' => $by->id,
            'created_at' => now(),
        ]);
    }
}

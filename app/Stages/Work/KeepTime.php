<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\JobNumber;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Work\Logs\ClockState;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\WorkException;

/** Begun, paused, ended: the time that a kind of operation takes at its machine (WORK-2). */
final readonly class KeepTime
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(JobNumber $job, User $by, string $ulid, string $operation, ClockState $state): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::WorkTime, static function (JobFile $file) use (
            $operation,
            $state,
        ): array {
            try {
                $kind = OperationKey::parse($operation)->kind;
            } catch (WorkException $exception) {
                throw Refused::because('operation', Messages::refusal($exception));
            }
            if ($file->work()->order()?->ofKind($kind) === []) {
                throw Refused::because('operation', Line::of('work.log.no_such'));
            }
            $clock = $file->record->workLogs()->clocks()[$kind->value] ?? null;
            if (($clock?->isRunning() ?? false) === ($state === ClockState::Begun)) {
                throw Refused::because('operation', Line::of($state === ClockState::Begun ? 'work.time.runs' : 'work.time.stands'));
            }

            return [$kind->value, ['state' => $state->value]];
        });
    }
}

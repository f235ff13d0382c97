<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Observe;
use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\EntryKind;
use App\Storage\JobNumber;
use App\Storage\User;
use App\Words\Line;
use App\Words\Messages;
use App\Words\OperationWords;
use App\Words\OrderWords;
use NorthLedger\Core\Finding\PlanningException;

/** Writes what happened at a machine; what was found since stops it, as it stops the operation itself (WORK-2, VER-6). */
final readonly class WriteLog
{
    public function __construct(private Observe $observe)
    {
    }

    public function handle(JobNumber $job, User $by, string $ulid, MachineLog $log, LogRequest $request): Written
    {
        return $this->observe->handle($job, $by, $ulid, EntryKind::WorkLog, static function (JobFile $file) use ($log, $request): array {
            $operation = $request->operation();
            $order = $file->work()->order();
            if ($order === null || ! $order->has($operation) || ! $log->isAt($order->operation($operation)->kind)) {
                throw Refused::because('operation', Line::of('work.log.no_such'));
            }
            $one = $order->operation($operation);
            $stops = $file->work()->stopsOf($one);
            if ($stops !== []) {
                throw Refused::because(
                    'operation',
                    Line::of('work.stopped', ['stops' => implode(' ', array_map(OrderWords::stop(...), $stops))]),
                );
            }
            $waiting = $order->stillWaitingFor($operation, $file->work()->closedOperations());
            if ($waiting !== []) {
                $names = array_map(static fn (string $key): string => OperationWords::name($order->operation($key)), $waiting);
                throw Refused::because('operation', Line::of('work.first', ['operations' => implode(', ', $names)]));
            }
            try {
                return [$operation, ['log' => $log->kind($request)->value] + $log->said($file, $one, $request)];
            } catch (PlanningException $exception) {
                throw Refused::because('operation', Messages::refusal($exception));
            }
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Record\JobFile;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** One way of logging what happened at a machine: at which operations, and what is kept of what was typed. */
interface MachineLog
{
    public function isAt(OperationKind $kind): bool;

    public function kind(LogRequest $request): LogKind;

    /**
     * @return array<string, mixed> What is kept
     *
     * @throws \Illuminate\Validation\ValidationException If it cannot be
     * @throws \NorthLedger\Core\Finding\PlanningException If its figures cannot be
     */
    public function said(JobFile $file, Operation $operation, LogRequest $request): array;
}

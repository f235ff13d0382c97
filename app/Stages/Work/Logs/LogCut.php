<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Logs one cut of a bore, rough or finish, with the size that it left (WORK-2). */
final readonly class LogCut implements MachineLog
{
    public function isAt(OperationKind $kind): bool
    {
        return $kind === OperationKind::Bore;
    }

    public function kind(LogRequest $request): LogKind
    {
        return LogKind::Cut;
    }

    public function said(JobFile $file, Operation $operation, LogRequest $request): array
    {
        $size = $request->length($file, 'size') ?? throw Refused::because('size', Line::of('work.log.size'));
        if ($operation->target !== null && $size->isLargerThan($operation->target->most) && $request->typed('remark') === '') {
            throw Refused::because(
                'size',
                Line::of('work.outside', [
                    'size' => $file->display->size($size),
                    'least' => $file->display->size($operation->target->least),
                    'most' => $file->display->size($operation->target->most),
                ]),
            );
        }

        return ['size_nm' => $size->nanometres, 'typed' => $request->typed('size'), 'remark' => $request->typed('remark')];
    }
}

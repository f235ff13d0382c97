<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Words\Line;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Logs\StrokeGap;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Logs one gap at the turned crankshaft; measured again at the same place, the later counts. */
final readonly class LogGap implements MachineLog
{
    public function isAt(OperationKind $kind): bool
    {
        return $kind === OperationKind::StrokeClearance;
    }

    public function kind(LogRequest $request): LogKind
    {
        return LogKind::StrokeGap;
    }

    public function said(JobFile $file, Operation $operation, LogRequest $request): array
    {
        $place = $request->typed('place');
        if ($place === '') {
            throw Refused::because('place', Line::of('work.log.place'));
        }
        $gap = StrokeGap::of(
            $place,
            TypedLength::orNothing($file, 'gap', $request->typed('gap'), Line::of('work.log.gap')),
            $request->length($file, 'wanted') ?? throw Refused::because('wanted', Line::of('work.log.wanted')),
            $request->length($file, 'wall'),
        );

        return [
            'place' => $gap->place,
            'gap_nm' => $gap->gap->nanometres,
            'wanted_nm' => $gap->wanted->nanometres,
            'wall_nm' => $gap->wall?->nanometres,
        ];
    }
}

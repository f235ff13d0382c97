<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Storage\Job;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Logs one cut of a bore, rough or finish, with the size that it left (WORK-2). */
final readonly class LogCut
{
    public function __construct(private WriteLog $write)
    {
    }

    public function handle(Job $job, User $by, string $ulid, LogRequest $request): Written
    {
        return $this->write->handle(
            $job,
            $by,
            $ulid,
            $request->operation(),
            OperationKind::Bore,
            LogKind::Cut,
            static function (JobFile $file, Operation $operation) use ($request): array {
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
            },
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Sheet\TypedLength;
use App\Words\Line;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\BoreLook;
use NorthLedger\Core\Work\Logs\HoneTool;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Logs\SixSizes;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Logs a stint at the hone bench (HONE-2, HONE-3). */
final readonly class LogStint implements MachineLog
{
    private const SIZES = 6;

    public function isAt(OperationKind $kind): bool
    {
        return $kind === OperationKind::Hone;
    }

    public function kind(LogRequest $request): LogKind
    {
        return LogKind::Stint;
    }

    public function said(JobFile $file, Operation $operation, LogRequest $request): array
    {
        $tool = $request->code('tool', HoneTool::class);
        if (! $operation->onlyDeglazes() && ! $tool->correctsGeometry() && $tool === HoneTool::BallHone) {
            throw Refused::because('tool', Line::of('work.log.ball_hone'));
        }
        $after = self::checked($request->sizes($file, 'after', self::SIZES, self::SIZES));
        $typedBefore = self::checked($request->sizes($file, 'before', self::SIZES, self::SIZES));
        $now = $file->record->workLogs()->honing()->lastRead($operation->key());

        return [
            'seconds' => $request->number('seconds') ?? throw Refused::because('seconds', Line::of('work.log.seconds')),
            'set' => $request->typed('set') === '' ? '1' : $request->typed('set'),
            'tool' => $tool->value,
            'before_nm' => $typedBefore !== [] ? $typedBefore : self::nanometres(array_values($now->sizes ?? [])),
            'after_nm' => $after,
            'rpm' => $request->number('rpm'),
            'cycles' => $request->number('cycles'),
            'stroke_nm' => $request->length($file, 'stroke')?->nanometres,
            'stones_nm' => $request->length($file, 'stones')?->nanometres,
            'room_nm' =>
                $request->typed('room') === ''
                    ? null
                    : TypedLength::orNothing($file, 'room', $request->typed('room'), Line::of('work.log.room'))->nanometres,
            'lubricant' => $request->typed('lubricant'),
            'look' => $request->code('look', BoreLook::class)->value,
            'finished' => $request->flag('finished'),
            'warm' => $request->flag('warm'),
        ];
    }

    /**
     * @param  list<Length>  $sizes
     * @return list<int>
     */
    private static function checked(array $sizes): array
    {
        return $sizes === [] ? [] : self::nanometres(array_values(SixSizes::of($sizes)->sizes));
    }

    /**
     * @param  list<Length>  $sizes
     * @return list<int>
     */
    private static function nanometres(array $sizes): array
    {
        return array_map(static fn (Length $size): int => $size->nanometres, $sizes);
    }
}

<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Planning\SleeveFit;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\LogKind;
use NorthLedger\Core\Work\Logs\SleeveCard;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Logs the way of a sleeve: measured, its parent bore read, fitted (SLV-1 to SLV-6). */
final readonly class LogSleeve implements MachineLog
{
    private const LEAST_PLACES = 4;

    private const MOST_PLACES = 12;

    public function isAt(OperationKind $kind): bool
    {
        return $kind === OperationKind::Sleeve;
    }

    public function kind(LogRequest $request): LogKind
    {
        return $request->code('log', LogKind::class);
    }

    public function said(JobFile $file, Operation $operation, LogRequest $request): array
    {
        return match ($this->kind($request)) {
            LogKind::SleeveMeasured => self::measured($file, $request),
            LogKind::ParentRead => self::parent($file, $request),
            LogKind::SleeveFitted => self::fitted($file, $request),
            default => throw Refused::because('log', Line::of('work.log.no_such')),
        };
    }

    /** @return array<string, mixed> */
    private static function measured(JobFile $file, LogRequest $request): array
    {
        $outside = $request->sizes($file, 'outside', self::LEAST_PLACES, self::MOST_PLACES);
        [$least, $most] = [$request->length($file, 'least'), $request->length($file, 'most')];
        // What no fit can be made of is refused before it is kept.
        SleeveFit::of($outside, $least, $most, null, $file->sheet->bore->nominal);

        return [
            'outside_nm' => self::nanometres($outside),
            'least_nm' => $least?->nanometres,
            'most_nm' => $most?->nanometres,
            'inside_nm' => $request->length($file, 'inside')?->nanometres,
            'length_nm' => $request->length($file, 'length')?->nanometres,
            'pieces' => (int) ($request->number('pieces') ?? 1),
        ];
    }

    /** @return array<string, mixed> */
    private static function parent(JobFile $file, LogRequest $request): array
    {
        self::card($file, $request);
        $places = count(SleeveFit::placesToCheck());
        $sizes = $request->sizes($file, 'parent', $places, $places);

        return ['sizes_nm' => $sizes === [] ? throw Refused::because('parent', Line::of('work.log.parent')) : self::nanometres($sizes)];
    }

    /** @return array<string, mixed> */
    private static function fitted(JobFile $file, LogRequest $request): array
    {
        $card = self::card($file, $request);
        if ($card->fittedAt !== null) {
            throw Refused::because('log', Line::of('work.log.is_in'));
        }
        if ($card->isShort() || $card->pieces > 1) {
            throw Refused::because('log', Line::of('work.log.short'));
        }
        if (! $card->mayBeFitted()) {
            throw Refused::because('log', SleeveWords::refusal($file, $card));
        }

        return ['compound_low' => $request->flag('compound_low'), 'compound_top' => $request->flag('compound_top')];
    }

    private static function card(JobFile $file, LogRequest $request): SleeveCard
    {
        return $file->record->workLogs()->sleeve($request->operation(), $file->sheet, $file->policy) ??
            throw Refused::because('log', Line::of('work.log.measure_sleeve'));
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

<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Ledger\Refused;
use App\Ledger\Written;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Storage\Job;
use App\Storage\SheetName;
use App\Storage\User;
use App\Words\Line;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Logs\LogKind;

/**
 * A bore that was cut and did not clean up: it needs at least the bored size and twice what remains. Kept as the depth of a pit below the
 * incoming reading, so that verdict, plan and order follow at once (BORE-7, PLAN-5).
 */
final readonly class LogNotClean
{
    public function __construct(private RecordReading $record, private JobFiles $files)
    {
    }

    public function handle(Job $job, User $by, string $ulid, LogRequest $request): Written
    {
        $file = $this->files->open($job);
        $cylinder = (int) (explode('.', $request->operation())[1] ?? 0);
        $depth = self::below($file, $cylinder, $request);

        return $this->record->handle(
            $job,
            $by,
            new ReadingEntry(
                $ulid,
                SheetName::bores(),
                BorePlace::look(BoreFeature::PitDepth, $cylinder),
                self::typed($file, $depth),
                null,
                false,
                true,
                trim(Line::of('work.log.not_clean', ['where' => $request->typed('where')])),
            ),
        );
    }

    /** How deep it is below the largest incoming reading, on one side. */
    private static function below(JobFile $file, int $cylinder, LogRequest $request): Length
    {
        $operation = $request->operation();
        $order = $file->work()->order();
        if ($order === null || ! $order->has($operation)) {
            throw Refused::because('operation', Line::of('work.log.no_such'));
        }
        $cuts = $file->record->workLogs()->rows($operation, LogKind::Cut);
        $bored = $cuts === [] ? null : $cuts[count($cuts) - 1]->whole('size_nm');
        $remaining = $request->length($file, 'remaining') ?? throw Refused::because('remaining', Line::of('work.log.remaining'));
        $incoming = null;
        foreach ($file->assessment()->bores as $bore) {
            $incoming = $bore->cylinder() === $cylinder ? $bore->measures->size() : $incoming;
        }
        if ($bored === null || $incoming === null) {
            throw Refused::because('remaining', Line::of('work.log.cut_first'));
        }

        return Length::ofNanometres($bored)->minus($incoming)->half()->plus($remaining);
    }

    /** Rounded up to what a gauge shows: never less than what is needed. */
    private static function typed(JobFile $file, Length $depth): string
    {
        return $file->display->sizeWithUnit($file->display->notBelow($depth));
    }
}

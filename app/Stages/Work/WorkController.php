<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Stages\MakeOrder;
use App\Stages\StagePage;
use App\Storage\Job;
use App\Storage\JobNumber;
use App\Storage\SheetName;
use App\Storage\Stage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Inspection\Occasion;

final readonly class WorkController
{
    public function __construct(private StagePage $page)
    {
    }

    public function show(Request $request, Job $job, JobFiles $files): View
    {
        return view('work.show', $this->page->data($request, $files->open($job), Stage::Work));
    }

    public function store(
        TickOperationRequest $request,
        Job $job,
        TickOperation $tick,
        RecordReading $record,
    ): JsonResponse|RedirectResponse {
        $written = $request->measuresAPiston()
            ? $record->handle($job, $request->user(), self::piston($request))
            : $tick->handle(
                $job,
                $request->user(),
                RequestId::of($request),
                $request->operation(),
                $request->state(),
                $request->typed('actual'),
                $request->typed('remark') ?: null,
            );

        return $this->page->after($request, $written, Stage::Work);
    }

    public function time(TimeRequest $request, JobNumber $job, KeepTime $keep): JsonResponse|RedirectResponse
    {
        $written = $keep->handle($job, $request->user(), RequestId::of($request), $request->operation(), $request->state());

        return $this->page->after($request, $written, Stage::Work);
    }

    /** Somebody at a machine saw a crack, or a patch that will not clean up. */
    public function report(ReportFlawRequest $request, Job $job, ReportFlaw $report): JsonResponse|RedirectResponse
    {
        /** @var array{cylinder: int, look: string, remark?: ?string} $data */
        $data = $request->validated();
        $written = $report->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            (int) $data['cylinder'],
            Look::from($data['look']),
            $data['remark'] ?? '',
        );

        return $this->page->after($request, $written, Stage::Work);
    }

    /** A new revision of the order, after its differences were shown. */
    public function revise(Request $request, Job $job, MakeOrder $make): RedirectResponse
    {
        $make->handle($job, $request->user(), RequestId::of($request));

        return redirect()->route('stage.work', $job);
    }

    /** A piston that is measured at the machine is a reading of the finished sheet: its bore follows from it. */
    private static function piston(TickOperationRequest $request): ReadingEntry
    {
        return new ReadingEntry(
            RequestId::of($request),
            SheetName::bores(Occasion::Final),
            BorePlace::piston((int) $request->place()),
            $request->typed('actual'),
            null,
            false,
            $request->boolean('confirmed'),
            $request->typed('remark') ?: null,
        );
    }
}

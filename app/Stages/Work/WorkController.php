<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Stages\MakeOrder;
use App\Storage\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Work\TickState;

final class WorkController
{
    public function show(Job $job, JobFiles $files): View
    {
        $file = $files->open($job);

        return view('work.show', ['file' => $file, 'work' => WorkView::of($file)]);
    }

    public function store(TickOperationRequest $request, Job $job, TickOperation $tick): RedirectResponse
    {
        /** @var array{operation: string, state: string, actual?: ?string, remark?: ?string} $data */
        $data = $request->validated();
        $tick->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            $data['operation'],
            TickState::from($data['state']),
            $data['actual'] ?? '',
            $data['remark'] ?? null,
        );

        return redirect()->route('stage.work', $job);
    }

    /** Somebody at a machine saw a crack, or a patch that will not clean up. */
    public function report(ReportFlawRequest $request, Job $job, ReportFlaw $report): RedirectResponse
    {
        /** @var array{cylinder: int, look: string, remark?: ?string} $data */
        $data = $request->validated();
        $report->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            (int) $data['cylinder'],
            Look::from($data['look']),
            $data['remark'] ?? '',
        );

        return redirect()->route('stage.work', $job);
    }

    /** A new revision of the order, after its differences were shown. */
    public function revise(Request $request, Job $job, MakeOrder $make): RedirectResponse
    {
        $make->handle($job, $request->user(), RequestId::of($request));

        return redirect()->route('stage.work', $job);
    }
}

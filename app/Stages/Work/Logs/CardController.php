<?php

declare(strict_types=1);

namespace App\Stages\Work\Logs;

use App\Http\RequestId;
use App\Ledger\Written;
use App\Record\JobFiles;
use App\Stages\StagePage;
use App\Storage\Job;
use App\Storage\JobNumber;
use App\Storage\Stage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The cards at the machines: hone bench, sleeve card, deck log, boring log, and what is written down at the others. */
final readonly class CardController
{
    public function __construct(private StagePage $page, private WriteLog $write)
    {
    }

    public function show(Request $request, Job $job, string $operation, JobFiles $files): View
    {
        $file = $files->open($job);
        $order = $file->work()->order();
        abort_unless($order?->has($operation) === true && Card::isOffered($order->operation($operation)), 404);
        $request->query->set('at', $operation);
        $request->query->set('card', '1');

        return view('work.card', $this->page->data($request, $file, Stage::Work) + ['operation' => $operation]);
    }

    public function stint(LogRequest $request, JobNumber $job, LogStint $log): JsonResponse|RedirectResponse
    {
        return $this->log($request, $job, $log);
    }

    public function pass(LogRequest $request, JobNumber $job, LogPass $log): JsonResponse|RedirectResponse
    {
        return $this->log($request, $job, $log);
    }

    public function cut(LogRequest $request, JobNumber $job, LogCut $log): JsonResponse|RedirectResponse
    {
        return $this->log($request, $job, $log);
    }

    public function gap(LogRequest $request, JobNumber $job, LogGap $log): JsonResponse|RedirectResponse
    {
        return $this->log($request, $job, $log);
    }

    public function values(LogRequest $request, JobNumber $job, LogValues $log): JsonResponse|RedirectResponse
    {
        return $this->log($request, $job, $log);
    }

    public function sleeve(LogRequest $request, JobNumber $job, LogSleeve $log): JsonResponse|RedirectResponse
    {
        return $this->log($request, $job, $log);
    }

    public function notClean(LogRequest $request, Job $job, LogNotClean $log): JsonResponse|RedirectResponse
    {
        return $this->after($request, $log->handle($job, $request->user(), RequestId::of($request), $request));
    }

    private function log(LogRequest $request, JobNumber $job, MachineLog $log): JsonResponse|RedirectResponse
    {
        return $this->after($request, $this->write->handle($job, $request->user(), RequestId::of($request), $log, $request));
    }

    /** The card again: its fragments where a script asked. */
    private function after(Request $request, Written $written): JsonResponse|RedirectResponse
    {
        return $request->expectsJson() ? $this->page->answer($request, $written->file, Stage::Work) : redirect()->back();
    }
}

<?php

declare(strict_types=1);

namespace App\Running;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Record\RunningBook;
use App\Storage\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthLedger\Core\Features\Running\RunningPart;

/** The running parts of a job: looked at, not measured. */
final class RunningController
{
    public function show(Job $job, JobFiles $files): View
    {
        $file = $files->open($job);
        $report = RunningBook::of($file->record->observations());

        return view('running.show', [
            'file' => $file,
            'lines' => array_map(
                static fn (RunningPart $part): RunningLine => RunningLine::of($part, $report->seen($part)),
                RunningPart::of($file->sheet),
            ),
            'mixesOldAndNew' => $report->mixesOldAndNew(),
        ]);
    }

    public function store(RunningRequest $request, Job $job, SeeRunningPart $see): RedirectResponse
    {
        $see->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            $request->part(),
            $request->look(),
            $request->boolean('replaced'),
            $request->remark(),
        );

        return redirect()->to(route('running', $job).'#'.$request->part()->value);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Sheets\JobFiles;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The job's own address, and the stages that hold no more than a note yet. */
final class StageController
{
    public function current(Job $job): RedirectResponse
    {
        return redirect()->route('stage.'.$job->stage->value, $job);
    }

    public function clean(Job $job, JobFiles $files): View
    {
        return view('stages.clean', ['file' => $files->open($job)]);
    }

    public function cracks(Job $job, JobFiles $files): View
    {
        return view('stages.cracks', ['file' => $files->open($job)]);
    }
}

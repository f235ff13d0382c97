<?php

declare(strict_types=1);

namespace App\Stages;

use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\Stage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The job's own address, and what others have written on an early stage's page. */
final class StageController
{
    public function current(Job $job): RedirectResponse
    {
        return redirect()->route('stage.'.$job->stage->value, $job);
    }

    /** Nothing but the clock where nothing was written since the page's last known entry. */
    public function changes(Request $request, Job $job, Stage $stage, JobFiles $files, StagePage $page): JsonResponse
    {
        abort_unless($page->has($stage), 404);

        return $request->integer('since') === $job->entries
            ? new JsonResponse(['head' => $job->entries, 'now' => StagePage::now(), 'fragments' => []])
            : $page->answer($request, $files->open($job), $stage);
    }
}

<?php

declare(strict_types=1);

namespace App\Stages;

use App\People\Ability;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\Stage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The job's own address, and what others have written on an early stage's page. */
final class StageController
{
    /** The plan is about prices: who does not see them finds the judgement that it rests on. */
    public function current(Request $request, Job $job): RedirectResponse
    {
        $isForOthers = $job->stage === Stage::Plan && $request->user()?->can(Ability::SeePrices->value) !== true;

        return redirect()->route('stage.'.($isForOthers ? Stage::Judge : $job->stage)->value, $job);
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

<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Record\JobFiles;
use App\Storage\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class PlanController
{
    public function show(Request $request, Job $job, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));

        return view('plan.show', ['file' => $file, 'plan' => PlanView::of($file)]);
    }

    public function store(ChooseOptionRequest $request, Job $job, ChoosePlan $choose): RedirectResponse
    {
        /** @var array{option: string, reason?: ?string} $data */
        $data = $request->validated();
        $choose->handle($job, $request->user(), RequestId::of($request), $data['option'], $data['reason'] ?? null);

        return redirect()->route('stage.work', $job);
    }
}

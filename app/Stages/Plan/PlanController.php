<?php

declare(strict_types=1);

namespace App\Stages\Plan;

use App\Http\RequestId;
use App\Http\ShownUnit;
use App\Pages\KeptPages;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\ShelfBook;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthLedger\Core\Planning\Choices\BoreChoices;

final class PlanController
{
    public function show(Request $request, Job $job, JobFiles $files, KeptPages $kept): View
    {
        $file = ShownUnit::of($request, $files->open($job));
        $page = $kept->of($file, PlanPage::class, PlanPage::of(...), ShelfBook::mark());
        $picked = ChooseOptionRequest::parts($request->old('parts') ?? $request->query('parts'));
        $option = $request->old('option') ?? $request->query('option');
        $picked = is_string($option) ? [BoreChoices::CODE => $option] + $picked : $picked;

        return view('plan.show', [
            'file' => $file,
            'plan' => $page->plan,
            'engine' => $picked === [] ? $page->engine : EnginePlanView::of($file, $picked),
            'tabs' => $page->tabs,
        ]);
    }

    public function store(ChooseOptionRequest $request, Job $job, ChoosePlan $choose): RedirectResponse
    {
        /** @var array{option?: ?string, parts?: array<string, string>, reason?: ?string} $data */
        $data = $request->validated();
        $ulid = RequestId::of($request);
        $choose->handle($job, $request->user(), $ulid, $data['option'] ?? '', $data['parts'] ?? [], $data['reason'] ?? null);

        return redirect()->route('stage.work', $job);
    }

    public function target(BuildTargetRequest $request, Job $job, SetBuildTarget $set): RedirectResponse
    {
        $set->handle($job, $request->user(), RequestId::of($request), $request->subject(), $request->typed(), $request->reason());

        return redirect()->route('stage.plan', $job)->with('note', Line::of('plan.told.kept_plan_worked_out'));
    }
}

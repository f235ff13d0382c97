<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AssignPistons;
use App\Http\NextPage;
use App\Http\Requests\RequestId;
use App\Models\Job;
use App\Sheets\JobFiles;
use App\Sheets\JudgeView;
use App\Sheets\PistonTable;
use App\Sheets\ShownUnit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class JudgeController
{
    public function show(Request $request, Job $job, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));

        return view('judge.show', ['file' => $file, 'judged' => JudgeView::of($file), 'pistons' => PistonTable::of($file)]);
    }

    /** Which piston goes into which cylinder. */
    public function assign(Request $request, Job $job, AssignPistons $assign): JsonResponse|RedirectResponse
    {
        /** @var array{piston: array<int, int>} $data */
        $data = $request->validate(['piston' => ['required', 'array', 'max:16'], 'piston.*' => ['required', 'integer', 'between:1,99']]);
        $assign->handle($job, $request->user(), RequestId::of($request), array_map(intval(...), $data['piston']));

        return NextPage::of($request, route('stage.judge', $job), 'The pistons are assigned; clearances are judged so.');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Sheets\JobFiles;
use App\Sheets\JudgeView;
use App\Sheets\ShownUnit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class JudgeController
{
    public function show(Request $request, Job $job, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));

        return view('judge.show', ['file' => $file, 'judged' => JudgeView::of($file)]);
    }
}

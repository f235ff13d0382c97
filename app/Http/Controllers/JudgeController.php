<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Sheets\JobFiles;
use App\Sheets\JudgeView;
use Illuminate\Contracts\View\View;

final class JudgeController
{
    public function show(Job $job, JobFiles $files): View
    {
        $file = $files->open($job);

        return view('judge.show', ['file' => $file, 'judged' => JudgeView::of($file)]);
    }
}

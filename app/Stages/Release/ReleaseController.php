<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Storage\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ReleaseController
{
    public function show(Request $request, Job $job, JobFiles $files): View
    {
        $file = $files->open($job);

        return view('release.show', ['file' => $file, 'check' => ReleaseCheck::of($file, $request->user())]);
    }

    public function store(ReleaseRequest $request, Job $job, SignRelease $sign): RedirectResponse
    {
        $sign->handle($job, $request->user(), RequestId::of($request));

        return redirect()->route('stage.release', $job);
    }
}

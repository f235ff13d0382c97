<?php

declare(strict_types=1);

namespace App\Stages\Release;

use App\Http\RequestId;
use App\Record\JobFiles;
use App\Storage\CertificateStanding;
use App\Storage\Job;
use App\Storage\RecallCause;
use App\Storage\Releases;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class ReleaseController
{
    public function show(Request $request, Job $job, JobFiles $files): View
    {
        $file = $files->open($job);

        return view('release.show', [
            'file' => $file,
            'check' => ReleaseCheck::of($file, $request->user()),
            'releases' => Releases::of($job),
        ]);
    }

    public function recall(RecallRequest $request, Job $job, RecallJob $recall): RedirectResponse
    {
        /** @var array{standing: string, cause: string, reason: string} $data */
        $data = $request->validated();
        $recall->handle(
            $job,
            $request->user(),
            RequestId::of($request),
            CertificateStanding::from($data['standing']),
            RecallCause::from($data['cause']),
            $data['reason'],
        );

        return redirect()->route('stage.release', $job);
    }

    public function store(ReleaseRequest $request, Job $job, SignRelease $sign): RedirectResponse
    {
        $sign->handle($job, $request->user(), RequestId::of($request));

        return redirect()->route('stage.release', $job);
    }
}

<?php

declare(strict_types=1);

namespace App\Documents;

use App\Storage\Job;
use App\Storage\Release;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class CertificateController
{
    public function show(Job $job): View
    {
        return view('certificate', CertificatePage::of($job, $this->release($job), false));
    }

    /** The PDF, or the note that it is still being made. */
    public function pdf(Job $job): BinaryFileResponse|RedirectResponse
    {
        $path = RenderCertificate::path($this->release($job));
        if (is_file($path)) {
            return response()->download($path, "{$job->tag()}-certificate.pdf", ['Content-Type' => 'application/pdf']);
        }
        RenderCertificate::dispatch($job->id);

        return redirect()
            ->route('stage.release', $job)
            ->with('note', 'The PDF is being made; that takes a few seconds. The page prints from the browser meanwhile.');
    }

    private function release(Job $job): Release
    {
        return Release::query()->where('job_id', $job->id)->firstOrFail();
    }
}

<?php

declare(strict_types=1);

namespace App\Documents;

use App\Files\HouseFiles;
use App\Http\Download;
use App\Http\ShownUnit;
use App\Record\JobFiles;
use App\Signing\ShopKey;
use App\Signing\SignedCertificate;
use App\Storage\CertificateStanding;
use App\Storage\Job;
use App\Storage\Release;
use App\Storage\Releases;
use App\Words\Line;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class CertificateController
{
    public function show(Job $job): View
    {
        return view('certificate', CertificatePage::of($job, $this->release($job), false));
    }

    /** For the assembler: sizes and clearances as they are now, and what is filled in at the bench. */
    public function buildSheet(Request $request, Job $job, JobFiles $files): View
    {
        $file = ShownUnit::of($request, $files->open($job));
        abort_if($file->work()->order() === null, 404);

        return view('build-sheet', ['file' => $file, 'build' => BuildSheet::of($file)]);
    }

    /** What every certificate's text follows, for whoever reads one by a program. */
    public function schema(): BinaryFileResponse
    {
        return response()->file(resource_path('documents/certificate.schema.json'), ['Content-Type' => 'application/schema+json']);
    }

    /** The PDF, or the note that it is still being made; what is withdrawn is not given out on clean paper. */
    public function pdf(Job $job, HouseFiles $files): StreamedResponse|RedirectResponse
    {
        $release = $this->release($job);
        $standing = Releases::of($job)->standing($release);
        if ($standing === CertificateStanding::Withdrawn || $standing === CertificateStanding::Reopened) {
            return redirect()->route('stage.release', $job)->with('note', __("release.standing_says.{$standing->value}"));
        }
        $name = RenderCertificate::name($release);
        if ($files->has($name)) {
            $headers = ['Content-Type' => 'application/pdf', 'Cache-Control' => Download::PRIVATE];

            return $files->answer($name, $headers, "{$job->tag()}-certificate.pdf");
        }
        RenderCertificate::dispatch($job->id);

        return redirect()
            ->route('stage.release', $job)
            ->with('note', Line::of('documents.told.pdf_being_made_takes'));
    }

    /** The signed text with its signature and key, for whoever wants to check it. */
    public function signed(Job $job): Response
    {
        $release = $this->release($job);
        $signed = SignedCertificate::of($release, route('certificate.standing', $release->ulid)) ?? abort(404);

        return Download::file("{$job->tag()}-certificate.json", $signed->toJson()."\n", 'application/json');
    }

    /** For anyone who has the paper in hand: whether it stands. */
    public function standing(string $code): View
    {
        $release = Release::query()->where('ulid', strtoupper($code))->firstOrFail();
        $job = Job::query()->findOrFail($release->job_id);
        $releases = Releases::of($job);

        return view('certificate-standing', [
            'job' => $job,
            'release' => $release,
            'standing' => $releases->standing($release),
            'replacement' => $releases->replacementOf($release),
            'fingerprint' => $release->public_key === null ? '' : ShopKey::fingerprint($release->public_key),
        ]);
    }

    private function release(Job $job): Release
    {
        return Releases::of($job)->newest() ?? abort(404);
    }
}

<?php

declare(strict_types=1);

namespace App\Documents;

use App\Storage\Job;
use App\Storage\Release;
use App\Storage\Releases;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Bus\Dispatchable;

/** Makes the PDF of a signed certificate, once. */
final class RenderCertificate implements ShouldQueue
{
    use Dispatchable;
    use Queueable;

    public int $timeout = 60;

    public function __construct(private readonly int $jobId)
    {
    }

    public function handle(PdfPrinter $printer): void
    {
        $job = Job::query()->findOrFail($this->jobId);
        $release = Releases::of($job)->newest() ?? throw (new ModelNotFoundException())->setModel(Release::class);
        $path = self::path($release);
        if (! is_file($path)) {
            $printer->print(view('certificate', CertificatePage::of($job, $release, true))->render(), $path);
        }
    }

    public static function path(Release $release): string
    {
        return storage_path("app/certificates/{$release->certificate_hash}.pdf");
    }
}

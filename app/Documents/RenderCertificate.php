<?php

declare(strict_types=1);

namespace App\Documents;

use App\Files\HouseFiles;
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

    public function handle(PdfPrinter $printer, HouseFiles $files): void
    {
        $job = Job::query()->findOrFail($this->jobId);
        $release = Releases::of($job)->newest() ?? throw (new ModelNotFoundException())->setModel(Release::class);
        if ($files->has(self::name($release))) {
            return;
        }
        $printed = sys_get_temp_dir().'/'.bin2hex(random_bytes(8)).'.pdf';
        try {
            $printer->print(view('certificate', CertificatePage::of($job, $release, true))->render(), $printed);
            $files->keep(self::name($release), $printed);
        } finally {
            @unlink($printed);
        }
    }

    /** Where the files of the house have it. */
    public static function name(Release $release): string
    {
        return "certificates/{$release->certificate_hash}.pdf";
    }
}

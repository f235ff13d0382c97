<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Ledger\Refused;
use App\Words\Line;
use Illuminate\Http\UploadedFile;

/** Keeps calibration certificates as they came; only PDF, PNG and JPEG, told by their first bytes, are taken. */
final readonly class CertificateStore
{
    public const MOST_MEGABYTES = 8;

    private const KINDS = ['%PDF-' => 'application/pdf', "\x89PNG\r\n\x1a\n" => 'image/png', "\xFF\xD8\xFF" => 'image/jpeg'];

    public function __construct(private string $folder)
    {
    }

    /** @throws \Illuminate\Validation\ValidationException If it is neither a PDF nor a picture */
    public function keep(UploadedFile $file): StoredCertificate
    {
        $bytes = (string) $file->getContent();
        self::kind($bytes) ??
            throw Refused::because('certificate', Line::of('gauges.told.certificate_pdf_png_jpeg'));
        $hash = hash('sha256', $bytes);
        if (! is_file($this->path($hash))) {
            @mkdir($this->folder, 0o770, true);
            $partial = tempnam($this->folder, 'part');
            (file_put_contents((string) $partial, $bytes) === strlen($bytes) && rename((string) $partial, $this->path($hash))) ||
                throw Refused::because('certificate', Line::of('gauges.told.disk_would_not_take'));
        }

        return new StoredCertificate($hash, mb_strimwidth(mb_scrub(basename($file->getClientOriginalName())), 0, 120));
    }

    public function path(string $hash): string
    {
        return "{$this->folder}/{$hash}";
    }

    /** The media type of what is kept under a hash; null where nothing is. */
    public function kindOf(string $hash): ?string
    {
        $start = is_file($this->path($hash)) ? file_get_contents($this->path($hash), length: 16) : false;

        return $start === false ? null : self::kind($start);
    }

    private static function kind(string $bytes): ?string
    {
        foreach (self::KINDS as $start => $kind) {
            if (str_starts_with($bytes, $start)) {
                return $kind;
            }
        }

        return null;
    }
}

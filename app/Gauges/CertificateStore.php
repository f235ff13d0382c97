<?php

declare(strict_types=1);

namespace App\Gauges;

use App\Files\FilesUnreachable;
use App\Files\HouseFiles;
use App\Ledger\Refused;
use App\Words\Line;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Keeps calibration certificates as they came; only PDF, PNG and JPEG, told by their first bytes, are taken. */
final readonly class CertificateStore
{
    public const MOST_MEGABYTES = 8;

    private const KINDS = ['%PDF-' => 'application/pdf', "\x89PNG\r\n\x1a\n" => 'image/png', "\xFF\xD8\xFF" => 'image/jpeg'];

    public function __construct(private HouseFiles $files)
    {
    }

    /** @throws \Illuminate\Validation\ValidationException If it is neither a PDF nor a picture */
    public function keep(UploadedFile $file): StoredCertificate
    {
        $bytes = (string) $file->getContent();
        self::kind($bytes) ??
            throw Refused::because('certificate', Line::of('gauges.told.certificate_pdf_png_jpeg'));
        $hash = hash('sha256', $bytes);
        try {
            $this->files->keep(self::name($hash), $file->getPathname());
        } catch (FilesUnreachable) {
            throw Refused::because('certificate', Line::of('gauges.told.disk_would_not_take'));
        }

        return new StoredCertificate($hash, mb_strimwidth(mb_scrub(basename($file->getClientOriginalName())), 0, 120));
    }

    /** As it came, to be saved under a name; 404 where it is gone. */
    public function answer(string $hash, string $as): StreamedResponse
    {
        $kind = self::kind($this->files->bytes(self::name($hash)) ?? '') ?? abort(404);

        return $this->files->answer(
            self::name($hash),
            ['Content-Type' => $kind, 'Content-Security-Policy' => "default-src 'none'; sandbox"],
            $as,
        );
    }

    /** Where the files of the house have it. */
    private static function name(string $hash): string
    {
        return "certificates/{$hash}";
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

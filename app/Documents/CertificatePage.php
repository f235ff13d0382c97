<?php

declare(strict_types=1);

namespace App\Documents;

use App\Signing\ShopKey;
use App\Storage\Job;
use App\Storage\Release;
use App\Storage\Releases;
use Illuminate\Support\Facades\Vite;

/** What the certificate's page needs, on the screen or for the printer. */
final class CertificatePage
{
    /** @return array<string, mixed> */
    public static function of(Job $job, Release $release, bool $isForPrinter): array
    {
        return [
            'job' => $job,
            'certificate' => json_decode($release->certificate, true, 32, JSON_THROW_ON_ERROR),
            'hash' => $release->certificate_hash,
            'fingerprint' => $release->public_key === null ? '' : ShopKey::fingerprint($release->public_key),
            'address' => route('certificate.standing', $release->ulid),
            'standing' => Releases::of($job)->standing($release),
            'qr' => $isForPrinter ? QrCode::picture(route('certificate.standing', $release->ulid)) : '',
            'css' => $isForPrinter
                ? 'file://'.public_path((string) parse_url(Vite::asset('resources/css/app.css'), PHP_URL_PATH))
                : Vite::asset('resources/css/app.css'),
            'isForPrinter' => $isForPrinter,
        ];
    }
}

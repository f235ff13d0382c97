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
    /** @param  array{rings?: array<string, string>, finish?: string}  $bore  An older certificate has neither */
    private static function isLookedAt(array $bore): bool
    {
        $told = [...array_values($bore['rings'] ?? []), $bore['finish'] ?? Certificate::NOT_CHECKED];

        return array_diff($told, [Certificate::NOT_CHECKED]) !== [];
    }

    /** @return array<string, mixed> */
    public static function of(Job $job, Release $release, bool $isForPrinter): array
    {
        /** @var array{bores: list<array{rings?: array<string, string>, finish?: string}>} $certificate */
        $certificate = json_decode($release->certificate, true, 32, JSON_THROW_ON_ERROR);

        return [
            'job' => $job,
            'certificate' => $certificate,
            'showsRings' => array_filter($certificate['bores'], self::isLookedAt(...)) !== [],
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

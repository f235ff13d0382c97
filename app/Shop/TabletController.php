<?php

declare(strict_types=1);

namespace App\Shop;

use App\Documents\QrCode;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Carbon;

/** How a tablet comes to know the shop's own authority, so that it can reach the house over TLS. */
final class TabletController
{
    public function show(): View
    {
        $address = (string) config('app.tablet_url');
        $root = self::root();

        return view('shop.tablets', [
            'address' => $address,
            'home' => (string) config('app.url'),
            'root' => $root,
            'picture' => $root === null ? '' : QrCode::picture("{$address}/authority.crt"),
        ]);
    }

    /** @return ?array{fingerprint: string, until: string} Null where the shop has no authority of its own, or its file cannot be read */
    private static function root(): ?array
    {
        $file = (string) config('app.tls_authority');
        $pem = is_file($file) && is_readable($file) ? (string) file_get_contents($file) : '';
        $fingerprint = $pem === '' ? false : openssl_x509_fingerprint($pem, 'sha256');
        $fields = $pem === '' ? false : openssl_x509_parse($pem);

        return $fingerprint === false || $fields === false
            ? null
            : [
                'fingerprint' => implode(' ', str_split(strtoupper($fingerprint), 4)),
                'until' => Carbon::createFromTimestampUTC((int) $fields['validTo_time_t'])->format('j M Y'),
            ];
    }
}

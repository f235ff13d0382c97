<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Only our own scripts, styles, fonts and pictures; nothing inline; nobody frames us. */
final class SecurityHeaders
{
    private const HEADERS = [
        'Content-Security-Policy' =>
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; connect-src 'self'; ".
            "manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
        'X-Content-Type-Options' => 'nosniff',
        'Referrer-Policy' => 'same-origin',
        'X-Frame-Options' => 'DENY',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Permissions-Policy' => 'camera=(self), geolocation=(), microphone=()',
    ];

    /** A browser that came over TLS comes over nothing else for a year. */
    private const OVER_TLS_ONLY = 'max-age=31536000';

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        foreach (self::HEADERS as $name => $value) {
            // A download may be stricter than our pages.
            $response->headers->set($name, $response->headers->get($name) ?? $value);
        }
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', self::OVER_TLS_ONLY);
        }

        return $response;
    }
}

<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'calm'),
    // The longest that any rule of access lets a session rest; the rules in force are the owner's.
    'lifetime' => 60 * 24,
    'expire_on_close' => false,
    // Sessions hold an id and what was typed into a refused form, in our own database; the cookie itself is encrypted.
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'north_ledger_session',
    'path' => '/',
    'domain' => null,
    // Null: what came over TLS goes back over TLS only; on loopback the start script serves plain http.
    'secure' => null,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];

<?php

declare(strict_types=1);

return [
    'name' => 'North Ledger',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8410'),

    // Where the practice house answers, plain and over TLS; 0: there is none.
    'practice_ports' => ['http' => (int) env('PRACTICE_PORT', 0), 'https' => (int) env('PRACTICE_HTTPS_PORT', 0)],
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => [],
    // Which code this is: what was made by other code is not shown; null where nobody says.
    'build' => env('APP_BUILD'),
    'shop' => env('SHOP_NAME', 'Hollin Fell Engine Works'),
    // Adds the bare route that bin/bench measures against.
    'bench_floor' => (bool) env('BENCH_FLOOR', false),
    // Where a test writes by how many seconds its clock runs ahead; empty everywhere else.
    'clock_file' => env('APP_ENV') === 'testing' ? (string) env('CLOCK_FILE', '') : '',
    // Where the shop's supplier answers; bin/supplier-sim stands in for it.
    'supplier' => env('SUPPLIER_URL', 'http://127.0.0.1:8431'),
    // Where the shop's signing key is kept, apart from the database.
    'key_folder' => env('KEY_FOLDER', storage_path('keys')),
    // Where the seals of the ledgers are kept, apart from the database.
    'backup_folder' => env('BACKUP_FOLDER', ''),
    'seal_folder' => env('SEAL_FOLDER', storage_path('seals')),
    // Where tablets fetch the root of the shop's own authority, and the file that it is; empty where the house is on loopback only.
    'tablet_url' => env('TABLET_URL', ''),
    'tls_authority' => env('TLS_AUTHORITY', ''),
    // Where Chromium is; without it documents still print from the browser.
    'chromium' => env('CHROMIUM', '/usr/bin/chromium'),
];

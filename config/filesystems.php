<?php

declare(strict_types=1);

// Nothing of any disk is served by the framework's own addresses: what people may see goes through the house's controllers.
return [
    // Where pictures and certificates lie: in the house's own folder, or in a store that speaks S3, which many machines share.
    'default' => env('FILES_DISK', 'local'),
    'disks' => [
        'local' => [
            'driver' => 'local',
            'root' => storage_path('app'),
            'serve' => false,
            'throw' => true,
            'visibility' => 'private',
            'directory_visibility' => 'private',
            'permissions' => ['file' => ['private' => 0o640], 'dir' => ['private' => 0o750]],
        ],
        's3' => [
            'driver' => 's3',
            'key' => env('FILES_KEY', ''),
            'secret' => env('FILES_SECRET', ''),
            'region' => env('FILES_REGION', 'none'),
            'bucket' => env('FILES_BUCKET', ''),
            'endpoint' => env('FILES_ENDPOINT', ''),
            'use_path_style_endpoint' => true,
            'throw' => true,
            // A store that does not answer is said to be away before whoever waits goes away himself.
            'http' => ['connect_timeout' => 3, 'timeout' => 20],
            'retries' => 1,
        ],
    ],
];

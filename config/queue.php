<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            // Our own table `jobs` holds the engines on the bench.
            'table' => 'queued_tasks',
            'queue' => 'default',
            'retry_after' => 120,
            'after_commit' => true,
        ],
    ],
    'batching' => ['database' => 'mariadb', 'table' => 'queued_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_tasks'],
];

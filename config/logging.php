<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

return [
    'channels' => [
        // One line of JSON each, apart from what the application says of itself; read by nobody else.
        'security' => [
            'driver' => 'single',
            'path' => env('SECURITY_LOG', storage_path('logs/security.log')),
            'level' => 'info',
            'permission' => 0640,
            'formatter' => JsonFormatter::class,
        ],
    ],
];

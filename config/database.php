<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3411'),
            'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'north_ledger'),
            'username' => env('DB_USERNAME', 'north_ledger'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            'engine' => 'InnoDB',
            'timezone' => '+00:00',
            // A process keeps its connection from one request to the next; PDO rolls back what a request left open, and asks a kept one whether it lives.
            'use_db_after_connecting' => false,
            'options' => [PDO::ATTR_TIMEOUT => 5, PDO::ATTR_EMULATE_PREPARES => true, PDO::ATTR_PERSISTENT => true],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];

<?php

declare(strict_types=1);

$mariadb = [
    'driver' => 'mariadb',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '3411'),
    'unix_socket' => env('DB_SOCKET', ''),
    // Of a cluster: HOST:PORT,HOST:PORT in the order in which this web node asks them; empty where there is one database.
    'nodes' => env('DB_NODES', ''),
    'database' => env('DB_DATABASE', 'north_ledger'),
    'username' => env('DB_USERNAME', 'north_ledger'),
    'password' => env('DB_PASSWORD', ''),
    'prefix' => '',
    'engine' => 'InnoDB',
    // A process keeps its connection from one request to the next; PDO rolls back what a request left open, and asks a kept one
    // whether it lives. What a session needs is therefore said once, as it begins, and not by the framework at every request.
    'use_db_after_connecting' => false,
    'options' => [
        PDO::ATTR_TIMEOUT => 5,
        PDO::ATTR_EMULATE_PREPARES => true,
        PDO::ATTR_PERSISTENT => true,
        PDO::MYSQL_ATTR_INIT_COMMAND =>
            "SET NAMES utf8mb4 COLLATE utf8mb4_unicode_ci, time_zone = '+00:00', SESSION sql_mode = '".
            implode(',', [
                'ONLY_FULL_GROUP_BY',
                'STRICT_TRANS_TABLES',
                'NO_ZERO_IN_DATE',
                'NO_ZERO_DATE',
                'ERROR_FOR_DIVISION_BY_ZERO',
                'NO_ENGINE_SUBSTITUTION',
            ]).
            "'",
    ],
];

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => $mariadb,
        // Whole engines to practise on, with tables, ledgers and numbers of their own (PRAC-3).
        'practice' => ['database' => "{$mariadb['database']}_practice"] + $mariadb,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];

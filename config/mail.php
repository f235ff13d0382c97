<?php

declare(strict_types=1);

// Messages are kept as files unless a real mail server is named: MAIL_MAILER=smtp with MAIL_HOST, MAIL_PORT, MAIL_USERNAME, MAIL_PASSWORD.
return [
    'default' => env('MAIL_MAILER', 'eml'),
    'mailers' => [
        'eml' => ['transport' => 'eml'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 5,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM', 'office@hollin-fell.example'), 'name' => env('SHOP_NAME', 'Hollin Fell Engine Works')],
    // Where the stand-in keeps them.
    'folder' => env('MAIL_FOLDER', storage_path('app/mail')),
];

<?php

declare(strict_types=1);

return [
    /** `mailbox` keeps mail as files in storage/mail, to be read with ./incastro mail; `smtp` sends it. */
    'default' => env('MAIL_MAILER', 'mailbox'),

    'mailers' => [
        'mailbox' => ['transport' => 'mailbox'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
    ],

    'from' => ['address' => env('MAIL_FROM', 'incastro@localhost'), 'name' => 'Incastro'],
];

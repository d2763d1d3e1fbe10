<?php

declare(strict_types=1);

return [
    'name' => 'Incastro',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'hosts' => trim(env('INCASTRO_HOSTS', '').','.env('INCASTRO_LAN_HOSTS', ''), ','),
    'key' => env('APP_KEY'),
];

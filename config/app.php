<?php

declare(strict_types=1);

return [
    'name' => 'Incastro',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    // Addresses of what stands in front of this server and says whom it speaks for, commas between; nobody is believed where nothing is set.
    'proxies' => env('INCASTRO_PROXIES', ''),

    'hosts' => trim(env('INCASTRO_HOSTS', '').','.env('INCASTRO_LAN_HOSTS', ''), ','),
    'key' => env('APP_KEY'),
];

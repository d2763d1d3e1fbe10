<?php

declare(strict_types=1);

$redis = ['host' => env('REDIS_HOST', '127.0.0.1'), 'port' => env('REDIS_PORT', '6379'), 'password' => env('REDIS_PASSWORD')];

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'incastro'),
            'username' => env('DB_USERNAME', 'incastro'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'sslmode' => 'prefer',
            // Opening a connection costs more than most queries here: php-fpm keeps one for each worker. A query and its values
            // go in one message: a statement prepared by name would be one to prepare, one to run and one to forget.
            'options' => [PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', true), PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
    // For many machines (docs/operating.md): sessions and the queue in one, what may be forgotten in the other.
    'redis' => [
        'client' => env('REDIS_CLIENT', 'predis'),
        'options' => ['prefix' => 'incastro:'],
        'default' => $redis + ['database' => 0],
        'cache' => $redis + ['database' => 1],
    ],
];

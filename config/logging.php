<?php

declare(strict_types=1);

return [
    'default' => 'file',
    'channels' => [
        'file' => ['driver' => 'single', 'path' => env('APP_LOG', storage_path('logs/app.log')), 'level' => env('LOG_LEVEL', 'info')],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];

<?php

declare(strict_types=1);

return [
    'default' => 'local',

    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app')],

        /**
         * Photos: in the state folder, or on storage that several machines share. `PHOTOS_DRIVER=s3` wants the package
         * league/flysystem-aws-s3-v3 and the settings below (docs/operating.md).
         */
        'photos' => env('PHOTOS_DRIVER', 'local') === 'local'
            ? ['driver' => 'local', 'root' => storage_path('app/photos'), 'throw' => true]
            : [
                'driver' => env('PHOTOS_DRIVER'),
                'key' => env('AWS_ACCESS_KEY_ID'),
                'secret' => env('AWS_SECRET_ACCESS_KEY'),
                'region' => env('AWS_DEFAULT_REGION', 'us-east-1'),
                'bucket' => env('AWS_BUCKET'),
                'endpoint' => env('AWS_ENDPOINT'),
                'use_path_style_endpoint' => (bool) env('AWS_USE_PATH_STYLE_ENDPOINT', false),
                'throw' => true,
            ],
    ],
];

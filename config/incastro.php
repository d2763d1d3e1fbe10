<?php

declare(strict_types=1);

return [
    /** The demo house and its one-click sign-in; off for a household's own server. */
    'demo' => (bool) env('INCASTRO_DEMO', false),

    /** How many people may look round the demo house at the same time, each in a copy of about 300 kB. */
    'demo_guests' => (int) env('INCASTRO_DEMO_GUESTS', 500),

    /** Nothing more is written where less is left on the disk. */
    'least_free_mb' => (int) env('INCASTRO_LEAST_FREE_MB', 200),

    /** Who may begin an account: true all who reach this server, false nobody, `here` who is at this machine. */
    'sign_up' => env('INCASTRO_SIGN_UP', true),

    /** Names the built core where plans and stages of plans are kept; the start command sets it to a hash of core/src. Of a core without a name no stages are kept. */
    'core_hash' => env('INCASTRO_CORE_HASH', ''),

    /** A file of words a language; the texts of one that lacks some are English. */
    'languages' => resource_path('lang'),

    /** Limits on how often something may be asked; off for benchmarks alone. */
    'limits' => env('INCASTRO_LIMITS', 'on') !== 'off',

    /** How many plans are made at the same time; as many as the machine has processors where nothing is said. */
    'plans_at_once' => (int) env('INCASTRO_PLANS_AT_ONCE', App\Actions\Turn::processors()),

    /** A whole document is kept beside the changes every so many revisions. */
    'snapshot_every' => 25,
];

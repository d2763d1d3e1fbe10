<?php

declare(strict_types=1);

// Prints the list of services for supervise.php, from what support/run/services.sh found on this machine.

$env = static fn (string $name): string => getenv($name) ?: throw new RuntimeException("$name is not set.");
$state = $env('STATE');
$app = $env('APP');
$php = $env('PHP');
$data = "$state/postgres";

// What is shared by all workers is laid out before a pool is read: it cannot be set there.
$opcache = ['enable' => '1', 'memory_consumption' => '128', 'interned_strings_buffer' => '16', 'max_accelerated_files' => '20000', 'validate_timestamps' => '0', 'preload' => "$app/support/run/preload.php"];

echo json_encode([
    'postgres' => [
        'initdb' => [$env('PG_BIN').'/initdb', '-D', $data, '-U', 'incastro', '--pwfile', "$state/pw", '-A', 'scram-sha-256', '-E', 'UTF8', '--locale', 'C.UTF-8'],
        'data' => $data,
        'ready' => [$env('PG_BIN').'/pg_isready', '-q', '-h', '127.0.0.1', '-p', $env('DB_PORT')],
        'create' => [$env('PG_BIN').'/createdb', '-h', '127.0.0.1', '-p', $env('DB_PORT'), '-U', 'incastro', 'incastro'],
        'roles' => [$env('PG_BIN').'/psql', '-qX', '-v', 'ON_ERROR_STOP=1', '-h', '127.0.0.1', '-p', $env('DB_PORT'), '-U', 'incastro', '-d', 'incastro', '-f', "$app/support/run/roles.sql"],
        'command' => [$env('PG_BIN').'/postgres', '-D', $data, '-p', $env('DB_PORT'), '-h', '127.0.0.1',
            '-c', 'unix_socket_directories=', '-c', 'shared_buffers=64MB', '-c', 'max_connections=40', '-c', 'logging_collector=off'],
        // SIGINT is PostgreSQL's fast shutdown: it does not wait for idle connections.
        'signal' => 2,
    ],
    // By whom: the owner of the tables, or the application as it is served.
    'setup' => [
        ['by' => 'owner', 'command' => [$php, "$app/artisan", 'migrate', '--force']],
        ['by' => 'app', 'command' => [$php, "$app/artisan", 'config:cache']],
        ['by' => 'app', 'command' => [$php, "$app/artisan", 'route:cache']],
        ['by' => 'app', 'command' => [$php, "$app/artisan", 'incastro:demo']],
    ],
    'services' => [
        'fpm' => ['command' => [$env('FPM'), '-F', '-y', "$state/fpm.conf", ...array_merge(...array_map(fn (string $name, string $is): array => ['-d', "opcache.$name=$is"], array_keys($opcache), $opcache))], 'signal' => 3],
        'nginx' => ['command' => [$env('NGINX'), '-p', $state, '-e', "$state/log/nginx.log", '-c', "$state/nginx.conf"], 'signal' => 3],
        'worker' => ['command' => [$php, "$app/artisan", 'queue:work', '--sleep=0.5', '--tries=1', '--timeout=300', '--max-time=3600'], 'signal' => 15],
        'meter' => ['command' => [$php, "$app/support/meter/meter.php", $env('SOCKETS').'/meter.sock'], 'signal' => 15],
        'scheduler' => ['command' => [$php, "$app/artisan", 'schedule:work'], 'signal' => 15],
    ],
], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n";

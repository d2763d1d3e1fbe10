<?php

declare(strict_types=1);

namespace Tests\Running;

use Tests\Door;

/** A served Incastro of the tests' own: where its state lies, how it is asked, which of its processes are alive. */
trait Served
{
    private static function state(): string
    {
        return getenv('RUNNING_STATE') ?: self::fail('RUNNING_STATE is not set; ./incastro test running sets it.');
    }

    private static function door(): Door
    {
        return new Door(getenv('BASE_URL') ?: self::fail('BASE_URL is not set.'));
    }

    /** @return list<int> of a service, by a word of its command line that no other service here has */
    private static function processes(string $word): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $line = (string) @file_get_contents($file);
            if (str_contains($line, $word) && ! str_contains($line, 'phpunit')) {
                $found[] = (int) basename(dirname($file));
            }
        }

        return $found;
    }

    /** The first process of a service: the one the supervisor began. */
    private static function service(string $name): int
    {
        $supervisor = (int) file_get_contents(self::state().'/supervisor.pid');
        $word = ['postgres' => '/bin/postgres', 'fpm' => 'php-fpm', 'nginx' => 'nginx', 'worker' => 'queue:work'][$name];
        foreach (self::processes($word) as $pid) {
            if (preg_match('/\) \S (\d+) /', (string) @file_get_contents("/proc/$pid/stat"), $m) === 1 && (int) $m[1] === $supervisor) {
                return $pid;
            }
        }

        return 0;
    }

    /** Killed without warning; waits until it is back, and everything answers. */
    private static function kill(string $name): void
    {
        $pid = self::service($name);
        self::assertGreaterThan(0, $pid, "$name does not run.");
        posix_kill($pid, SIGKILL);
        self::until(fn (): bool => ! in_array(self::service($name), [0, $pid], true), "$name did not come back.");
        $door = self::door();
        self::until(function () use ($door): bool {
            $door->ask('GET', '/up');

            return $door->status === 200;
        }, "after $name was killed /up does not answer.");
    }

    private static function until(\Closure $is, string $otherwise, float $seconds = 45.0): void
    {
        for ($end = hrtime(true) / 1e9 + $seconds; hrtime(true) / 1e9 < $end; usleep(200_000)) {
            if ($is()) {
                return;
            }
        }
        self::fail($otherwise);
    }

    /** @return array{int, string} exit code, and what was said on both outputs */
    private static function incastro(string ...$arguments): array
    {
        $process = proc_open([dirname(__DIR__, 2).'/incastro', ...$arguments], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]], $pipes, null, ['INCASTRO_STATE' => self::state()] + getenv());
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $said];
    }

    private static function awaitUp(): void
    {
        $door = self::door();
        self::until(function () use ($door): bool {
            $door->ask('GET', '/up');

            return $door->status === 200;
        }, 'It did not come back.');
    }

    /** @return list<string> names like this */
    private static function databases(string $like): array
    {
        $said = self::postgres('psql', '-qXAt', '-d', 'postgres', '-c', "select datname from pg_database where datname like '$like'");

        return array_values(array_filter(explode("\n", $said)));
    }

    /** A program of PostgreSQL as the cluster's own superuser; what it says on both outputs. */
    private static function postgres(string $program, string ...$arguments): string
    {
        $secrets = parse_ini_file(self::state().'/secrets', false, INI_SCANNER_RAW) ?: [];

        return self::postgresAs('incastro', $secrets['DB_PASSWORD'], $program, ...$arguments);
    }

    private static function postgresAs(string $role, string $password, string $program, string ...$arguments): string
    {
        $services = json_decode((string) file_get_contents(self::state().'/services.json'), true);
        $bin = dirname($services['postgres']['command'][0]);
        $port = explode(' ', (string) file_get_contents(self::state().'/ports'))[1];
        $process = proc_open(["$bin/$program", '-h', '127.0.0.1', '-p', trim($port), '-U', $role, ...$arguments], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
            $pipes, null, ['PGPASSWORD' => $password, 'PATH' => (string) getenv('PATH')]);
        self::assertIsResource($process);
        $said = trim((string) stream_get_contents($pipes[1]));
        proc_close($process);

        return $said;
    }

    private static function ulid(): string
    {
        return strtoupper((string) \Illuminate\Support\Str::ulid());
    }
}

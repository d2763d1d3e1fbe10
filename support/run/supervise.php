<?php

declare(strict_types=1);

/**
 * Keeps the services of one state folder running: PostgreSQL first, then the set-up steps, then the rest.
 * A service that dies comes back, slower each time it dies soon. SIGTERM stops them all, last first.
 */
final class Supervisor
{
    /** @var array<string, array{process: resource, began: float}> */
    private array $running = [];

    /** @var array<string, array{at: float, wait: float}> services to be started again, and when */
    private array $due = [];

    private bool $stopping = false;

    /** The database has changed under the services: those that hold connections begin anew. */
    private bool $renew = false;

    /** @param  array<string, mixed>  $config */
    public function __construct(private readonly string $state, private readonly array $config)
    {
    }

    public function run(): int
    {
        file_put_contents("{$this->state}/supervisor.pid", (string) getmypid());
        pcntl_async_signals(true);
        pcntl_signal(SIGHUP, function (): void {
            $this->renew = true;
        });
        foreach ([SIGTERM, SIGINT] as $signal) {
            pcntl_signal($signal, function (): void {
                $this->stopping = true;
            });
        }
        try {
            $this->begin();
            while (! $this->stopping) {
                if ($this->renew) {
                    $this->renew = false;
                    $this->renewServices();
                }
                $this->revive();
                usleep(200_000);
            }
        } catch (Throwable $e) {
            $this->log($e->getMessage());
            file_put_contents("{$this->state}/failed", $e->getMessage());
        }
        $this->stop();
        @unlink("{$this->state}/supervisor.pid");

        return is_file("{$this->state}/failed") ? 1 : 0;
    }

    private function begin(): void
    {
        $db = $this->config['postgres'];
        if (! is_file("{$db['data']}/PG_VERSION")) {
            $this->makeCluster($db);
        }
        @unlink("{$db['data']}/postmaster.pid");
        $this->start('postgres');
        for ($try = 0; $try < 150 && ! $this->succeeds($db['ready']); $try++) {
            usleep(200_000);
        }
        $this->succeeds($db['create'], ['PGPASSWORD' => $this->password()]);
        foreach ($this->config['setup'] as $step) {
            if (! $this->succeeds($step)) {
                throw new RuntimeException('This step failed: '.implode(' ', $step));
            }
        }
        array_map($this->start(...), array_keys($this->config['services']));
    }

    /** @param  array<string, mixed>  $db */
    private function makeCluster(array $db): void
    {
        file_put_contents("{$this->state}/pw", $this->password());
        chmod("{$this->state}/pw", 0600);
        // A cluster that was interrupted half made is made again.
        if (is_dir($db['data'])) {
            exec('rm -rf '.escapeshellarg($db['data']));
        }
        $made = $this->succeeds($db['initdb']);
        unlink("{$this->state}/pw");
        if (! $made) {
            throw new RuntimeException('The database cluster could not be made.');
        }
    }

    private function password(): string
    {
        $secrets = parse_ini_file("{$this->state}/secrets", false, INI_SCANNER_RAW) ?: [];

        return (string) ($secrets['DB_PASSWORD'] ?? '');
    }

    /** @return array{command: list<string>, signal: int} */
    private function service(string $name): array
    {
        return $name === 'postgres' ? $this->config['postgres'] : $this->config['services'][$name];
    }

    private function start(string $name): void
    {
        $log = "{$this->state}/log/$name.log";
        $process = proc_open(['setsid', ...$this->service($name)['command']], [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']], $pipes);
        if (! is_resource($process)) {
            throw new RuntimeException("$name could not be started.");
        }
        $this->running[$name] = ['process' => $process, 'began' => self::now()];
        $this->log("$name started");
    }

    /** Brings back what has died: at once the first time, then after 1, 2, 4 … 30 seconds while it keeps dying soon. */
    private function revive(): void
    {
        foreach ($this->running as $name => ['process' => $process, 'began' => $began]) {
            if (proc_get_status($process)['running']) {
                continue;
            }
            $this->endLeftovers(proc_get_status($process)['pid']);
            proc_close($process);
            unset($this->running[$name]);
            $soon = self::now() - $began < 20;
            $wait = $soon ? min(30.0, max(1.0, 2 * ($this->due[$name]['wait'] ?? 0.0))) : 0.0;
            $this->due[$name] = ['at' => self::now() + $wait, 'wait' => $wait];
            $this->log("$name ended; it comes back in $wait s");
        }
        foreach ($this->due as $name => ['at' => $at]) {
            if (! isset($this->running[$name]) && self::now() >= $at) {
                $this->start($name);
            }
        }
    }

    /** Each service leads a group of its own: what a killed one leaves running would hold its sockets and its memory. */
    private function endLeftovers(int $group): void
    {
        if ($group > 1) {
            @posix_kill(-$group, SIGKILL);
        }
    }

    private function renewServices(): void
    {
        foreach (array_intersect(['fpm', 'worker', 'scheduler'], array_keys($this->running)) as $name) {
            $this->end($name);
            $this->start($name);
        }
    }

    private function stop(): void
    {
        foreach (array_reverse(array_keys($this->running)) as $name) {
            $this->end($name);
        }
    }

    private function end(string $name): void
    {
        $process = $this->running[$name]['process'];
        proc_terminate($process, $this->service($name)['signal']);
        for ($try = 0; $try < 60 && proc_get_status($process)['running']; $try++) {
            usleep(100_000);
        }
        if (proc_get_status($process)['running']) {
            proc_terminate($process, SIGKILL);
        }
        proc_close($process);
        unset($this->running[$name]);
        $this->log("$name stopped");
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $more
     */
    private function succeeds(array $command, array $more = []): bool
    {
        $log = "{$this->state}/log/setup.log";
        $process = proc_open($command, [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']], $pipes, null, $more + getenv());

        return is_resource($process) && proc_close($process) === 0;
    }

    /** Seconds that go on evenly, whatever the clock on the wall is set to. */
    private static function now(): float
    {
        return hrtime(true) / 1e9;
    }

    private function log(string $line): void
    {
        echo date('Y-m-d H:i:s')." $line\n";
    }
}

$state = $argv[1] ?? throw new RuntimeException('The state folder is missing.');
/** @var array<string, mixed> $config */
$config = json_decode((string) file_get_contents("$state/services.json"), true, 16, JSON_THROW_ON_ERROR);

exit((new Supervisor($state, $config))->run());

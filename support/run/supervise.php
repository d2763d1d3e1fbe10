<?php

declare(strict_types=1);

/**
 * Keeps the services of one state folder running: PostgreSQL first, then the set-up steps, then the rest.
 * A service that dies comes back, slower each time it dies soon. SIGTERM stops them all, last first.
 *
 * The folder has one owner: who holds its lock, for life. Each service ends when the owner does; what an owner that was killed has left running
 * all the same is found by its number and the time it began, and ended, before anything of it is touched.
 */
final class Supervisor
{
    /** @var array<string, array{process: resource, began: float}> */
    private array $running = [];

    /** @var array<string, array{at: float, wait: float}> services to be started again, and when */
    private array $due = [];

    private const BALLAST_MB = 32;

    private const FULL_MB = 24;

    private const ROOMY_MB = 300;

    private const DISK_EVERY_S = 2;

    private float $diskSeen = 0.0;

    private bool $stopping = false;

    /** The database has changed under the services: those that hold connections begin anew. */
    private bool $renew = false;

    /** @param  array<string, mixed>  $config */
    public function __construct(private readonly string $state, private readonly array $config)
    {
    }

    public function run(): int
    {
        // For whom it may concern: nobody here trusts it.
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
                $this->minDisk();
                usleep(200_000);
            }
        } catch (Throwable $e) {
            $this->log($e->getMessage());
            file_put_contents("{$this->state}/failed", $e->getMessage());
        }
        $this->stop();
        @unlink("{$this->state}/supervisor.pid");
        @unlink("{$this->state}/children.json");

        return is_file("{$this->state}/failed") ? 1 : 0;
    }

    private function begin(): void
    {
        $db = $this->config['postgres'];
        $this->endLeft();
        $this->endOldDatabase($db['data']);
        if (! is_file("{$db['data']}/PG_VERSION")) {
            $this->stage('making the database');
            $this->makeCluster($db);
        }
        $this->stage('starting the database');
        $this->start('postgres');
        for ($try = 0; $try < 150 && ! $this->succeeds($db['ready']); $try++) {
            usleep(200_000);
        }
        $this->succeeds($db['create'], ['PGPASSWORD' => $this->password()]);
        $this->succeeds($db['roles'], ['PGPASSWORD' => $this->password()] + $this->secrets()) || throw new RuntimeException('The roles of the database could not be set; log/setup.log says more.');
        $this->stage('bringing the database up to date');
        foreach ($this->config['setup'] as $step) {
            if (! $this->succeeds($step['command'], $step['by'] === 'owner' ? $this->asOwner() : [])) {
                throw new RuntimeException('This step failed: '.implode(' ', $step['command']));
            }
        }
        $this->stage('starting the services');
        array_map($this->start(...), array_keys($this->config['services']));
    }

    /** What start tells of while it waits. */
    private function stage(string $says): void
    {
        file_put_contents("{$this->state}/stage", $says);
    }

    /** Services of an owner before this one that are still there. */
    private function endLeft(): void
    {
        $left = json_decode((string) @file_get_contents("{$this->state}/children.json"), true);
        $alive = array_filter(is_array($left) ? $left : [], fn (array $child): bool => began((int) $child['pid']) === $child['began']);
        foreach ($alive as $name => $child) {
            $this->log("$name of an owner before is still there; ending it");
            @posix_kill(-$child['pid'], $name === 'postgres' ? SIGINT : SIGTERM);
        }
        foreach ($alive as $child) {
            $this->awaitEnd((int) $child['pid'], $child['began']) || @posix_kill(-$child['pid'], SIGKILL);
        }
    }

    /** A database that lives on these files is ended; only what is dead is taken away. */
    private function endOldDatabase(string $data): void
    {
        $pid = (int) strtok((string) @file_get_contents("$data/postmaster.pid"), "\n");
        if ($pid > 1 && str_contains((string) @file_get_contents("/proc/$pid/cmdline"), $data)) {
            $this->log("a database lives on these files ($pid); ending it");
            $began = began($pid);
            @posix_kill($pid, SIGINT);
            $this->awaitEnd($pid, $began) || @posix_kill($pid, SIGKILL);
            $this->awaitEnd($pid, $began) || throw new RuntimeException("Process $pid, the database of this folder, cannot be ended.");
        }
        @unlink("$data/postmaster.pid");
    }

    private function awaitEnd(int $pid, string $began): bool
    {
        for ($try = 0; $try < 100 && began($pid) === $began; $try++) {
            usleep(100_000);
        }

        return began($pid) !== $began;
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
        return $this->secrets()['DB_PASSWORD'] ?? '';
    }

    /** @return array<string, string> */
    private function secrets(): array
    {
        return array_map(strval(...), parse_ini_file("{$this->state}/secrets", false, INI_SCANNER_RAW) ?: []);
    }

    /**
     * Before any settings are cached, so that what is cached knows the application's own role alone. A database that a person has set elsewhere has one role.
     *
     * @return array<string, string>
     */
    private function asOwner(): array
    {
        $isElsewhere = preg_match('/^DB_(HOST|USERNAME)=/m', (string) @file_get_contents("{$this->state}/settings")) === 1;

        return ['APP_CONFIG_CACHE' => "{$this->state}/cache/none.php"]
            + ($isElsewhere ? [] : ['DB_USERNAME' => 'incastro_owner', 'DB_PASSWORD' => $this->secrets()['DB_OWNER_PASSWORD']]);
    }

    /** @return array{command: list<string>, signal: int} */
    private function service(string $name): array
    {
        return $name === 'postgres' ? $this->config['postgres'] : $this->config['services'][$name];
    }

    private function start(string $name): void
    {
        $log = "{$this->state}/log/$name.log";
        // Ended with its owner, however that ends: innermost, for a change of user would forget it.
        $with = ['setsid', 'setpriv', '--pdeathsig', $name === 'postgres' ? 'INT' : 'TERM', '--'];
        $process = proc_open([...$with, ...$this->service($name)['command']], [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']], $pipes);
        if (! is_resource($process)) {
            throw new RuntimeException("$name could not be started.");
        }
        $this->running[$name] = ['process' => $process, 'began' => self::now()];
        $this->remember();
        $this->log("$name started");
    }

    private function remember(): void
    {
        $children = array_map(function (array $service): array {
            $pid = proc_get_status($service['process'])['pid'];

            return ['pid' => $pid, 'began' => began($pid)];
        }, $this->running);
        file_put_contents("{$this->state}/children.json", json_encode($children));
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

    /** A reserve that is given up when the disk is full, so that the database can still write down what it has begun. */
    private function minDisk(): void
    {
        $file = "{$this->state}/ballast";
        if (self::now() < $this->diskSeen + self::DISK_EVERY_S) {
            return;
        }
        $this->diskSeen = self::now();
        $free = (float) disk_free_space($this->state) / 1e6;
        clearstatcache(true, $file);
        if ($free < self::FULL_MB && is_file($file)) {
            unlink($file);
            $this->log("the disk is full; $file is given up");
        } elseif ($free > self::ROOMY_MB && ! is_file($file)) {
            @file_put_contents("$file.part", str_repeat("\0", self::BALLAST_MB * 1_000_000)) && rename("$file.part", $file);
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

/** When a process began, in ticks since the machine did: a number used again belongs to another. Empty where there is none, or only its remains. */
function began(int $pid): string
{
    $stat = (string) @file_get_contents("/proc/$pid/stat");
    $fields = explode(' ', ltrim((string) strrchr($stat, ')'), ') '));

    return $stat === '' || $fields[0] === 'Z' ? '' : ($fields[19] ?? '');
}

$state = $argv[1] ?? throw new RuntimeException('The state folder is missing.');
// Closed on exec: no child keeps it. Who only asks for it holds it for a moment.
$lock = fopen("$state/lock", 'c+e') ?: throw new RuntimeException("$state/lock cannot be opened.");
for ($try = 0; ! flock($lock, LOCK_EX | LOCK_NB); $try++) {
    if ($try === 20) {
        fwrite(STDERR, "Another supervisor owns $state.\n");
        exit(3);
    }
    usleep(100_000);
}
ftruncate($lock, 0);
fwrite($lock, getmypid().' '.began((int) getmypid())."\n");
fflush($lock);
/** @var array<string, mixed> $config */
$config = json_decode((string) file_get_contents("$state/services.json"), true, 16, JSON_THROW_ON_ERROR);

exit((new Supervisor($state, $config))->run());

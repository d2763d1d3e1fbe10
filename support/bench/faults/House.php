<?php

declare(strict_types=1);

namespace Incastro\Bench\Faults;

/** An Incastro of the benchmark's own: its state folder, its commands, its processes. On a small disk in memory where this machine lets one be made. */
final class House
{
    private const DISK_MB = 1600;

    public readonly string $state;

    public readonly bool $hasSmallDisk;

    public function __construct(public readonly int $port)
    {
        $this->state = (string) tempnam('/tmp', 'incastro-faults.');
        unlink($this->state);
        mkdir($this->state, 0755);
        exec('mount -t tmpfs -o mode=755,size='.self::DISK_MB.'m none '.escapeshellarg($this->state).' 2>/dev/null', $said, $code);
        $this->hasSmallDisk = $code === 0;
    }

    public function base(): string
    {
        return "http://127.0.0.1:$this->port";
    }

    /** @param  array<string, string>  $more */
    public function incastro(string $command, array $more = []): string
    {
        return self::end(...$this->begin($command, $more));
    }

    /**
     * A command that goes on by itself, and where its words go.
     *
     * @param  array<string, string>  $more
     * @return array{resource, resource}
     */
    public function begin(string $command, array $more = []): array
    {
        $out = tmpfile() ?: throw new \RuntimeException('No file.');
        $env = $more + ['INCASTRO_STATE' => $this->state, 'PORT' => (string) $this->port, 'INCASTRO_LIMITS' => 'off'] + getenv();
        $process = proc_open([dirname(__DIR__, 3).'/incastro', ...explode(' ', $command)], [['file', '/dev/null', 'r'], $out, $out], $pipes, null, $env);

        return [$process ?: throw new \RuntimeException('./incastro does not run.'), $out];
    }

    /**
     * @param  resource  $process
     * @param  resource  $out
     */
    public static function end($process, $out): string
    {
        proc_close($process);
        rewind($out);

        return (string) stream_get_contents($out);
    }

    public function owner(): int
    {
        return (int) @file_get_contents("$this->state/lock");
    }

    /** The process that the supervisor began for a service; 0 where there is none. */
    public function service(string $name): int
    {
        $children = json_decode((string) @file_get_contents("$this->state/children.json"), true);
        $pid = (int) ($children[$name]['pid'] ?? 0);

        return $pid > 0 && is_dir("/proc/$pid") ? $pid : 0;
    }

    /** @return list<int> of a process, those it began */
    public static function children(int $pid): array
    {
        return array_map(intval(...), array_filter(explode(' ', trim((string) @file_get_contents("/proc/$pid/task/$pid/children")))));
    }

    public function isUp(): bool
    {
        $context = stream_context_create(['http' => ['timeout' => 3]]);

        return @file_get_contents($this->base().'/up', false, $context) !== false
            && array_filter(['postgres', 'fpm', 'nginx', 'worker', 'meter', 'scheduler'], fn (string $s): bool => $this->service($s) === 0) === [];
    }

    /** As the cluster's own superuser. */
    public function sql(string $statement): string
    {
        $secrets = parse_ini_file("$this->state/secrets", false, INI_SCANNER_RAW) ?: [];
        $services = json_decode((string) file_get_contents("$this->state/services.json"), true);
        $port = trim(explode(' ', (string) file_get_contents("$this->state/ports"))[1]);
        $process = proc_open([dirname($services['postgres']['command'][0]).'/psql', '-qXAt', '-h', '127.0.0.1', '-p', $port, '-U', 'incastro', '-d', 'incastro', '-c', $statement],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]], $pipes, null, ['PGPASSWORD' => $secrets['DB_PASSWORD'], 'PATH' => (string) getenv('PATH')]);
        $said = is_resource($process) ? trim((string) stream_get_contents($pipes[1])) : '';
        is_resource($process) && proc_close($process);

        return $said;
    }

    public function leave(): void
    {
        $this->incastro('stop');
        if ($this->hasSmallDisk) {
            exec('umount -l '.escapeshellarg($this->state).' 2>/dev/null');
        }
        $sockets = '/tmp/incastro-'.posix_getuid().'-'.substr(hash('sha256', $this->state), 0, 12);
        exec('rm -rf '.escapeshellarg($this->state).' '.escapeshellarg($sockets));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Running;

/** A state folder and a port of a test's own, on which it starts and stops as it likes. */
trait OwnState
{
    private string $state;

    private int $port;

    protected function setUp(): void
    {
        $this->state = (string) tempnam('/tmp', 'incastro-owner.');
        unlink($this->state);
        mkdir($this->state, 0755);
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('No port.');
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
    }

    protected function tearDown(): void
    {
        $this->incastro('stop');
        $sockets = '/tmp/incastro-'.posix_getuid().'-'.substr(hash('sha256', $this->state), 0, 12);
        exec('rm -rf '.escapeshellarg($this->state).' '.escapeshellarg($sockets));
    }

    /** @return array<int, string> processes that have this folder in their command line, and that */
    private function own(): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $line = (string) @file_get_contents($file);
            if (str_contains($line, $this->state)) {
                $found[(int) basename(dirname($file))] = strtr($line, "\0", ' ');
            }
        }

        return $found;
    }

    /** @param  array<string, string>  $more */
    private function incastro(string $command, array $more = []): string
    {
        return $this->end($this->begin($command, $more));
    }

    /**
     * @param  array<string, string>  $more
     * @return array{resource, resource}
     */
    private function begin(string $command, array $more = []): array
    {
        $env = $more + ['PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'), 'INCASTRO_STATE' => $this->state, 'PORT' => (string) $this->port];
        $out = tmpfile() ?: self::fail('No file.');
        $process = proc_open([dirname(__DIR__, 2).'/incastro', ...explode(' ', $command)], [['file', '/dev/null', 'r'], $out, $out], $pipes, null, $env);

        return [$process ?: self::fail('It does not run.'), $out];
    }

    /** @param  array{resource, resource}  $begun */
    private function end(array $begun): string
    {
        proc_close($begun[0]);
        rewind($begun[1]);

        return (string) stream_get_contents($begun[1]);
    }

    private function until(\Closure $is, string $else): void
    {
        for ($try = 0; $try < 100 && ! $is(); $try++) {
            usleep(100_000);
        }
        self::assertTrue($is(), "$else: ".implode('; ', $this->own()));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;
use Tests\Door;

/** One owner to a state folder, whoever is killed and however often it is started: on a folder of these tests' own. */
final class OwnerTest extends TestCase
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

    public function test_an_owner_killed_alone_takes_its_services_with_it_and_start_begins_anew(): void
    {
        self::assertStringContainsString('Incastro is running', $this->incastro('start'));
        $door = (new Door("http://127.0.0.1:$this->port"))->signUp('Ragna');
        $document = (string) file_get_contents(dirname(__DIR__, 2).'/database/demo/chart-room-left-niche.json');
        $id = $door->json('POST', '/api/projects', $document)['data']['id'] ?? self::fail("No project: $door->status");
        for ($round = 0; $round < 2; $round++) {
            posix_kill($this->owner(), SIGKILL);
            $this->until(fn (): bool => $this->own() === [], 'its services live on');
            self::assertStringContainsString('not running', $this->incastro('doctor'));
            self::assertStringContainsString('Incastro is running', $this->incastro('start'), 'on the same port');
            self::assertSame(1, $door->json('GET', "/api/projects/$id")['revision']);
        }
        self::assertStringContainsString('has stopped', $this->incastro('stop'));
        self::assertSame([], $this->own());
    }

    public function test_of_starts_at_once_one_serves_and_all_say_so(): void
    {
        $starts = array_map(fn (): array => $this->begin('start'), range(1, 3));
        $says = array_map($this->end(...), $starts);
        foreach ($says as $said) {
            self::assertStringContainsString("Incastro is running: http://127.0.0.1:$this->port/", $said);
        }
        self::assertCount(1, array_filter($this->own(), fn (string $line): bool => str_contains($line, 'supervise.php')));
        $owner = $this->owner();
        self::assertStringContainsString('already runs on port', $this->incastro('start', ['PORT' => (string) ($this->port + 1)]));
        self::assertSame($owner, $this->owner(), 'and was not touched');
    }

    /** A number that an owner before left is no process of ours. */
    public function test_a_number_left_behind_is_not_believed(): void
    {
        $innocent = proc_open(['sleep', '300'], [], $pipes) ?: self::fail('No process.');
        $pid = proc_get_status($innocent)['pid'];
        file_put_contents("$this->state/supervisor.pid", (string) $pid);
        file_put_contents("$this->state/lock", "$pid 1\n");
        file_put_contents("$this->state/children.json", json_encode(['fpm' => ['pid' => $pid, 'began' => '1']]));
        self::assertStringContainsString('was not running', $this->incastro('stop'));
        self::assertStringContainsString('not running', $this->incastro('doctor'));
        self::assertStringContainsString('Incastro is running', $this->incastro('start'));
        self::assertStringContainsString('has stopped', $this->incastro('stop'));
        self::assertTrue(proc_get_status($innocent)['running']);
        proc_terminate($innocent);
        proc_close($innocent);
    }

    /** What did not end with its owner is ended by the next one. */
    public function test_a_service_that_was_left_is_ended_first(): void
    {
        // As root the services run as a user of their own, who may end only its own.
        $user = posix_getuid() === 0 ? ['setpriv', '--reuid=incastro', '--regid=incastro', '--clear-groups'] : [];
        $left = proc_open([...$user, 'setsid', 'sleep', '300'], [], $pipes) ?: self::fail('No process.');
        usleep(300_000);
        $pid = proc_get_status($left)['pid'];
        $fields = explode(' ', substr((string) strrchr((string) file_get_contents("/proc/$pid/stat"), ')'), 2));
        file_put_contents("$this->state/children.json", json_encode(['fpm' => ['pid' => $pid, 'began' => $fields[19]]]));
        self::assertStringContainsString('Incastro is running', $this->incastro('start'));
        self::assertFalse(proc_get_status($left)['running']);
        proc_close($left);
    }

    private function owner(): int
    {
        return (int) file_get_contents("$this->state/lock");
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
        $process = proc_open([dirname(__DIR__, 2).'/incastro', $command], [['file', '/dev/null', 'r'], $out, $out], $pipes, null, $env);

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

<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;
use Tests\Door;

/** One owner to a state folder, whoever is killed and however often it is started: on a folder of these tests' own. */
final class OwnerTest extends TestCase
{
    use OwnState;

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
}

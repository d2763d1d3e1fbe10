<?php

declare(strict_types=1);

namespace Incastro\Bench\Faults;

use Tests\Door;

/**
 * What goes wrong, by name. Each does its harm and says by what it is to be mended: by itself (false) or by `./incastro start` (true);
 * one that this machine does not allow says why (a text).
 */
final class Faults
{
    private const FAKE_CLOCK = '/usr/lib/*/faketime/libfaketime.so.1';

    /** What was acknowledged while an older state was put back is rightly gone. @var list<array{float, float}> */
    public array $putBack = [];

    /** When the harm was done, where mending it is part of the fault. */
    public float $since = 0.0;

    private ?Door $searcher = null;

    private string $searched = '';

    private int $archives = 0;

    public function __construct(private readonly House $house)
    {
    }

    /** @return array<string, \Closure(): (bool|string)> */
    public function all(): array
    {
        $kill = fn (string $service): \Closure => fn (): bool|string => $this->kill($this->house->service($service), $service);

        return [
            'database killed' => $kill('postgres'), 'PHP killed' => $kill('fpm'), 'web server killed' => $kill('nginx'), 'queue worker killed' => $kill('worker'),
            'meter killed' => $kill('meter'), 'scheduler killed' => $kill('scheduler'), 'all children of PHP killed' => $this->children(...),
            'supervisor killed alone' => fn (): bool => $this->owner(), 'all of them killed' => $this->everything(...), 'two starts at once' => $this->twoStarts(...),
            'a number used again' => $this->usedAgain(...), 'connections to the database cut' => $this->cut(...), 'disk full' => $this->full(...), 'clock a day ahead and back' => $this->clock(...),
            'older state put back' => $this->restored(...), 'worker killed in a search' => $this->search(...),
        ];
    }

    private function kill(int $pid, string $what): bool|string
    {
        return $pid > 0 && posix_kill($pid, SIGKILL) ? false : "$what does not run, or may not be killed";
    }

    private function children(): bool|string
    {
        $children = House::children($this->house->service('fpm'));
        array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $children);

        return $children === [] ? 'PHP has no children' : false;
    }

    private function owner(): bool
    {
        posix_kill($this->house->owner(), SIGKILL);

        return true;
    }

    private function everything(): bool
    {
        $all = [$this->house->owner(), ...array_map($this->house->service(...), ['postgres', 'fpm', 'nginx', 'worker', 'meter', 'scheduler'])];
        foreach (array_filter($all) as $pid) {
            array_map(fn (int $child): bool => posix_kill($child, SIGKILL), House::children($pid));
            posix_kill($pid, SIGKILL);
        }

        return true;
    }

    private function twoStarts(): bool|string
    {
        $this->owner();
        $this->since = microtime(true);
        $says = array_map(fn (array $begun): string => House::end(...$begun), [$this->house->begin('start'), $this->house->begin('start')]);

        return count(array_filter($says, fn (string $s): bool => str_contains($s, 'Incastro is running'))) === 2 ? false : throw new \RuntimeException('Two starts: '.implode(' / ', $says));
    }

    /** What an owner before left names a process that is somebody else's now. */
    private function usedAgain(): bool
    {
        $innocent = proc_open(['sleep', '120'], [], $pipes) ?: throw new \RuntimeException('No process.');
        $pid = proc_get_status($innocent)['pid'];
        $this->owner();
        usleep(1_500_000);
        file_put_contents("{$this->house->state}/lock", "$pid 1\n");
        file_put_contents("{$this->house->state}/supervisor.pid", (string) $pid);
        file_put_contents("{$this->house->state}/children.json", json_encode(['fpm' => ['pid' => $pid, 'began' => '1'], 'postgres' => ['pid' => $pid, 'began' => '1']]));
        $this->since = microtime(true);
        $this->house->incastro('stop');
        $this->house->incastro('start');
        $lives = proc_get_status($innocent)['running'];
        proc_terminate($innocent, SIGKILL);
        proc_close($innocent);

        return $lives ? false : throw new \RuntimeException('An innocent process was ended.');
    }

    private function cut(): bool
    {
        for ($i = 0; $i < 5; $i++) {
            $this->house->sql('select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and datname is not null');
            usleep(300_000);
        }

        return false;
    }

    private function full(): bool|string
    {
        if (! $this->house->hasSmallDisk) {
            return 'this machine lets nobody make a small disk';
        }
        $filled = "{$this->house->state}/filled";
        $file = fopen($filled, 'ab') ?: throw new \RuntimeException('No file.');
        for ($end = microtime(true) + 6, $block = str_repeat('x', 1_000_000); microtime(true) < $end;) {
            // To the last block, and into what is given up meanwhile.
            @fwrite($file, $block) !== false || usleep(100_000);
        }
        fclose($file);
        unlink($filled);

        return false;
    }

    private function clock(): bool|string
    {
        $library = (glob(self::FAKE_CLOCK) ?: [])[0] ?? null;
        if ($library === null) {
            return 'libfaketime is not on this machine';
        }
        $this->house->incastro('stop');
        $said = $this->house->incastro('start', ['LD_PRELOAD' => $library, 'FAKETIME' => '+1d']);
        if (! str_contains($said, 'Incastro is running')) {
            $this->house->incastro('start');

            return 'it does not start under another clock here: '.trim($said);
        }
        sleep(4);
        $this->house->incastro('stop');

        return true;
    }

    private function restored(): bool
    {
        $archive = "{$this->house->state}/archive-".(++$this->archives).'.tar';
        $began = microtime(true);
        $this->house->incastro("backup $archive");
        sleep(2);
        $said = $this->house->incastro("restore $archive");
        $this->putBack[] = [$began, microtime(true)];
        @unlink($archive);

        return str_contains($said, 'Restored') ? false : throw new \RuntimeException("Restore: $said");
    }

    private function search(): bool|string
    {
        if ($this->searcher === null) {
            $this->searcher = (new Door($this->house->base()))->signUp('Searcher');
            $document = (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/galley-sink.json');
            $this->searched = $this->searcher->json('POST', '/api/projects', $document)['data']['id'] ?? '';
        }
        $this->searcher->ask('POST', "/api/projects/$this->searched/layout-searches");
        if ($this->searcher->status !== 202) {
            // An older state was put back, or the search before goes on.
            $this->searcher = $this->searcher->status === 404 ? null : $this->searcher;
        }
        usleep(1_200_000);

        return $this->kill($this->house->service('worker'), 'the worker');
    }
}

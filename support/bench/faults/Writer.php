<?php

declare(strict_types=1);

namespace Incastro\Bench\Faults;

use Tests\Door;

/**
 * One of those who write, a process of its own: a remark after another, each sent until it is acknowledged, under one id however often.
 * What was acknowledged, and when, is in its file, a line each: `ID SECONDS`.
 */
final class Writer
{
    private int $pid = 0;

    public string $project = '';

    private string $piece = '';

    private readonly Door $door;

    public function __construct(House $house, public readonly int $number, private readonly string $folder)
    {
        $this->door = (new Door($house->base()))->signUp("Writer$number");
        $document = (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/chart-room-left-niche.json');
        $this->project = $this->door->json('POST', '/api/projects', $document)['data']['id'] ?? throw new \RuntimeException("No project for writer $number: {$this->door->status}.");
        $this->piece = (string) array_key_first($this->door->json('GET', "/api/projects/$this->project")['document']['pieces']);
    }

    public function begin(): void
    {
        $this->pid = pcntl_fork();
        if ($this->pid !== 0) {
            return;
        }
        mt_srand(20261202 + $this->number);
        // What is cut off in the middle of a line would not be read: each is written at once.
        for ($n = 1; ! is_file("$this->folder/enough"); $n++) {
            $id = self::ulid();
            $change = ['change_id' => self::ulid(), 'base_revision' => 1, 'ops' => [['op' => 'append', 'path' => ['facts', $id], 'value' => ['kind' => 'remark', 'about' => $this->piece, 'text' => "$n", 'at' => '2026-12-02T10:00:00Z']]]];
            for ($tries = 0; $this->sent($change) !== 200; $tries++) {
                if (is_file("$this->folder/enough") && $tries > 300) {
                    $this->say("never $id ".microtime(true));
                    exit(1);
                }
                usleep(250_000);
            }
            $this->say("$id ".microtime(true));
            usleep(mt_rand(150_000, 500_000));
        }
        // Nothing of the parent's is ended with this process.
        posix_kill(getmypid(), SIGKILL);
    }

    /** @param  array<string, mixed>  $change */
    private function sent(array $change): int
    {
        $this->door->ask('POST', "/api/projects/$this->project/changes", $change);
        if (! in_array($this->door->status, [0, 200, 404, 429, 500, 502, 503, 504, 507], true)) {
            $this->say("refused {$this->door->status} ".microtime(true));
        }

        return $this->door->status;
    }

    private function say(string $line): void
    {
        file_put_contents($this->file(), "$line\n", FILE_APPEND);
    }

    private function file(): string
    {
        return "$this->folder/writer-$this->number";
    }

    public function end(): void
    {
        pcntl_waitpid($this->pid, $status);
    }

    /** @return array<string, float> when what was acknowledged, by its id */
    public function acknowledged(): array
    {
        $found = [];
        foreach (@file($this->file(), FILE_IGNORE_NEW_LINES) ?: [] as $line) {
            $words = explode(' ', $line);
            if (count($words) === 2) {
                $found[$words[0]] = (float) $words[1];
            }
        }

        return $found;
    }

    /** @return list<string> what it was told that it was not to be told */
    public function amiss(): array
    {
        return array_values(array_filter(@file($this->file(), FILE_IGNORE_NEW_LINES) ?: [], fn (string $l): bool => count(explode(' ', $l)) !== 2));
    }

    /** @return array{0: list<string>, 1: int} the remarks that are there, and how many changes the project has had */
    public function there(): array
    {
        $opened = $this->door->json('GET', "/api/projects/$this->project");
        $remarks = array_keys(array_filter($opened['document']['facts'] ?? [], fn (array $f): bool => $f['kind'] === 'remark' && ($f['at'] ?? '') === '2026-12-02T10:00:00Z'));

        return [array_map(strval(...), $remarks), (int) ($opened['revision'] ?? 0) - 1];
    }

    private static function ulid(): string
    {
        return strtoupper(\Symfony\Component\Uid\Ulid::generate());
    }
}

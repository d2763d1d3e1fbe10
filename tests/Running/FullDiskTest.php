<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;
use Tests\Door;

/** A disk that fills up: on a small one in memory, which only an administrator may make. */
final class FullDiskTest extends TestCase
{
    use OwnState {
        setUp as private ownSetUp;
        tearDown as private ownTearDown;
    }

    private const MB = 520;

    protected function setUp(): void
    {
        $this->ownSetUp();
        exec('mount -t tmpfs -o mode=755,size='.self::MB.'m none '.escapeshellarg($this->state).' 2>&1', $said, $code);
        if ($code !== 0) {
            self::markTestSkipped('Not run: this machine lets nobody make a small disk: '.implode(' ', $said));
        }
    }

    protected function tearDown(): void
    {
        $this->incastro('stop');
        exec('umount -l '.escapeshellarg($this->state).' 2>/dev/null');
        $this->ownTearDown();
    }

    public function test_reading_goes_on_saving_waits_and_both_go_on_once_there_is_room(): void
    {
        self::assertStringContainsString('Incastro is running', $this->incastro('start'));
        $door = (new Door("http://127.0.0.1:$this->port"))->signUp('Ragnhild');
        $document = (string) file_get_contents(dirname(__DIR__, 2).'/database/demo/chart-room-left-niche.json');
        $id = $door->json('POST', '/api/projects', $document)['data']['id'] ?? self::fail("No project: $door->status");
        $change = fn (int $base, string $name): array => ['change_id' => strtoupper((string) \Illuminate\Support\Str::ulid()), 'base_revision' => $base, 'ops' => [['op' => 'set', 'path' => ['name'], 'value' => $name]]];
        $this->until(fn (): bool => $this->hasReserve(), 'no reserve is kept');
        // Nearly full: what is written is refused in words, all else is served.
        $this->fill(120);
        $refused = $door->json('POST', "/api/projects/$id/changes", $kept = $change(1, 'Full'));
        self::assertSame([507, 'The server has no room left on its disk: nothing was changed. It takes more as soon as there is room.'], [$door->status, $refused['message'] ?? null]);
        $this->served($door, $id, 1);
        // To the last block: nothing can be written, the reserve is given up, and still it is served.
        $this->fill(0);
        $this->until(fn (): bool => ! $this->hasReserve(), 'the reserve is not given up');
        $this->fill(0);
        for ($i = 0; $i < 6; $i++) {
            $door->json('POST', "/api/projects/$id/changes", $kept);
            self::assertSame(507, $door->status);
            $this->served($door, $id, 1);
        }
        $door->ask('GET', '/up');
        self::assertSame(503, $door->status, 'whoever watches is told');
        // Room again: the same change goes through, once.
        unlink("$this->state/filled");
        $this->until(function () use ($door): bool {
            $door->ask('GET', '/up');

            return $door->status === 200;
        }, 'it does not come back');
        self::assertSame(2, $door->json('POST', "/api/projects/$id/changes", $kept)['revision'] ?? null);
        $this->served($door, $id, 2);
    }

    private function served(Door $door, string $id, int $revision): void
    {
        self::assertStringContainsString('<div id="app"', $door->ask('GET', '/'));
        self::assertSame('Ragnhild', $door->json('GET', '/api/session')['user']['name'] ?? null);
        self::assertSame($revision, $door->json('GET', "/api/projects/$id")['revision'] ?? null);
    }

    private function hasReserve(): bool
    {
        clearstatcache();

        return is_file("$this->state/ballast");
    }

    /** All but so many MB of what is free. */
    private function fill(int $leftMb): void
    {
        clearstatcache();
        $more = max(0, (int) disk_free_space($this->state) - $leftMb * 1_000_000);
        $file = fopen("$this->state/filled", 'ab') ?: self::fail('No file.');
        for ($block = str_repeat('x', 100_000); $more > 0; $more -= 100_000) {
            if (@fwrite($file, substr($block, 0, $more)) === false) {
                break;
            }
        }
        @fclose($file);
    }
}

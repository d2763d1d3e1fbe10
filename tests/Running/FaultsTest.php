<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;
use Tests\Door;

/** What is acknowledged is there, whatever dies meanwhile; nothing is half-written, and everything goes on. */
final class FaultsTest extends TestCase
{
    use Served;

    public function test_the_database_killed_during_saves_loses_nothing_that_was_acknowledged(): void
    {
        [$door, $project, $piece] = $this->project('Maren');
        $postgres = self::service('postgres');
        $revision = 1;
        $refusals = [];
        $acknowledged = [];
        for ($n = 0; $n < 40; $n++) {
            $change = ['change_id' => self::ulid(), 'base_revision' => $revision, 'ops' => [['op' => 'set', 'path' => ['pieces', $piece, 'depth'], 'value' => 300 + $n]]];
            for ($try = 0; ; $try++) {
                if ($n === 12 && $try === 0) {
                    posix_kill($postgres, SIGKILL);
                }
                $answer = $door->json('POST', "/api/projects/$project/changes", $change);
                if ($door->status === 200) {
                    $revision = (int) $answer['revision'];
                    $acknowledged[$revision] = 300 + $n;
                    break;
                }
                $refusals[] = [$door->status, $answer['message'] ?? ''];
                self::assertLessThan(200, $try, 'It never came back: '.json_encode(end($refusals)));
                usleep(200_000);
            }
        }
        self::assertNotSame([], $refusals, 'The database was not missed: nothing was tested.');
        foreach ($refusals as [$status, $says]) {
            self::assertContains($status, [503, 502, 504], "$status $says");
        }
        $opened = $door->json('GET', "/api/projects/$project");
        self::assertSame([41, 339], [$opened['revision'], $opened['document']['pieces'][$piece]['depth']]);
        self::assertSame(range(2, 41), array_keys($acknowledged));
        $told = $door->json('GET', "/api/projects/$project/revisions")['data'];
        self::assertSame(range(41, 2, -1), array_slice(array_column($told, 'number'), 0, 40));
    }

    public function test_a_worker_killed_in_a_search_comes_back_and_the_next_search_ends(): void
    {
        [$door, $project] = $this->project('Jorun');
        $first = $door->json('POST', "/api/projects/$project/layout-searches");
        self::assertSame(202, $door->status);
        self::kill('worker');
        $second = $door->json('POST', "/api/projects/$project/layout-searches");
        self::until(fn (): bool => $door->json('GET', "/api/projects/$project/layout-searches/{$second['id']}")['status'] === 'done', 'The next search did not end.', 90.0);
        self::assertContains($door->json('GET', "/api/projects/$project/layout-searches/{$first['id']}")['status'], ['cancelled', 'done']);
        self::assertSame(1, $door->json('GET', "/api/projects/$project")['revision']);
    }

    public function test_the_web_server_and_its_php_come_back(): void
    {
        [$door, $project] = $this->project('Sunniva');
        foreach (['fpm', 'nginx'] as $service) {
            self::kill($service);
            self::assertSame(1, $door->json('GET', "/api/projects/$project")['revision'], $service);
        }
    }

    /** @return array{Door, string, string} the door, a project, its piece */
    private function project(string $name): array
    {
        $door = self::door()->signUp($name);
        $document = (string) file_get_contents(dirname(__DIR__, 2).'/database/demo/chart-room-left-niche.json');
        $id = $door->json('POST', '/api/projects', $document)['data']['id'] ?? self::fail("No project: $door->status");

        return [$door, $id, (string) array_key_first($door->json('GET', "/api/projects/$id")['document']['pieces'])];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\TestCase;
use Tests\Door;

final class BackupTest extends TestCase
{
    use Served;

    public function test_what_was_backed_up_comes_back_and_what_came_after_is_kept_aside(): void
    {
        $door = self::door()->signUp('Halvard');
        $project = $this->begun($door, 'Before the storm');
        $photo = self::ulid();
        $door->ask('PUT', "/api/projects/$project/photos/$photo", self::jpeg(), 'image/jpeg');
        self::assertSame(200, $door->status);
        $archive = self::state().'/test-backup.tar';
        self::assertSame(0, self::incastro('backup', $archive)[0]);
        self::assertStringContainsString('is there already', self::incastro('backup', $archive)[1]);
        $later = $this->begun($door, 'After the storm');
        [$code, $said] = self::incastro('restore', $archive);
        self::assertSame(0, $code, $said);
        self::awaitUp();
        self::assertSame('Before the storm', $door->json('GET', "/api/projects/$project")['project']['name'] ?? null);
        $door->ask('GET', "/api/projects/$project/photos/$photo");
        self::assertSame(200, $door->status);
        $door->ask('GET', "/api/projects/$later");
        self::assertSame(404, $door->status);
        $this->begun($door, 'And it goes on');
        // Undone, what was there before is there again, to the last photo; and undone once more, what was restored.
        foreach ([[200, 'brings back what was restored'], [404, 'brings back what was restored']] as [$status, $says]) {
            [$code, $said] = self::incastro('restore', '--undo');
            self::assertSame([0, true], [$code, str_contains($said, $says)], $said);
            self::awaitUp();
            $door->ask('GET', "/api/projects/$later");
            self::assertSame($status, $door->status);
            $door->ask('GET', "/api/projects/$project/photos/$photo");
            self::assertSame(200, $door->status);
        }
    }

    public function test_a_damaged_or_foreign_archive_changes_nothing(): void
    {
        $door = self::door()->signUp('Ragna');
        $project = $this->begun($door, 'Still here');
        $archive = self::state().'/whole.tar';
        self::assertSame(0, self::incastro('backup', $archive)[0]);
        $bytes = (string) file_get_contents($archive);
        $middle = intdiv(strlen($bytes), 2);
        foreach (['cut' => substr($bytes, 0, $middle), 'flipped' => substr_replace($bytes, chr(ord($bytes[$middle]) ^ 1), $middle, 1), 'foreign' => 'Dear all, this is no archive.'] as $name => $damaged) {
            $path = self::state()."/$name.tar";
            file_put_contents($path, $damaged);
            [$code, $said] = self::incastro('restore', $path);
            self::assertSame(1, $code, $name);
            self::assertStringContainsString('nothing was changed', $said, $name);
            self::assertSame('Still here', $door->json('GET', "/api/projects/$project")['project']['name'] ?? null, $name);
        }
        self::assertStringContainsString('there is no file', self::incastro('restore', '/nowhere/at/all.tar')[1]);
        self::assertStringContainsString('name the archive', self::incastro('restore')[1]);
    }

    public function test_a_database_that_is_elsewhere_is_not_taken_for_the_one_here(): void
    {
        $settings = self::state().'/settings';
        $before = (string) file_get_contents($settings);
        file_put_contents($settings, "{$before}DB_HOST=db.korsvik.example\n");
        $archive = self::state().'/elsewhere.tar';
        foreach ([['backup', $archive], ['restore', $settings], ['restore', '--undo']] as $command) {
            [$code, $said] = self::incastro(...$command);
            self::assertSame([1, true], [$code, str_contains($said, 'the database is elsewhere')], $said);
        }
        self::assertFileDoesNotExist($archive);
        file_put_contents($settings, $before);
    }

    private function begun(Door $door, string $name): string
    {
        return $door->json('POST', '/api/projects/new', ['name' => $name, 'unit' => 'mm'])['data']['id'] ?? self::fail("$door->status for $name");
    }

    private static function jpeg(): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(300, 200) ?: throw new \LogicException);

        return (string) ob_get_clean();
    }
}

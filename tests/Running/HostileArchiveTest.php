<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Door;

/** Archives that somebody else made, or another version: none is believed, and none changes anything before it is known to be whole. */
final class HostileArchiveTest extends TestCase
{
    use Served;

    private static ?Door $who = null;

    private string $archive;

    protected function setUp(): void
    {
        $this->archive = self::state().'/theirs-'.bin2hex(random_bytes(4)).'.tar';
        self::assertSame(0, self::incastro('backup', $this->archive)[0]);
    }

    protected function tearDown(): void
    {
        array_map('unlink', glob(self::state().'/theirs-*.tar') ?: []);
    }

    /** @return array<string, array{\Closure(Archive): string, string}> what is made of an archive, and what is said of it */
    public static function archives(): array
    {
        $made = fn (string $part, string $from, string $to): \Closure => fn (Archive $a): string => $a->with($part, fn (string $is): string => str_replace($from, $to, $is))->packed();
        $tables = fn (\Closure $changed): \Closure => fn (Archive $a): string => $a->withTables($changed)->packed();

        return [
            'of a form to come' => [$made('about', 'backup 2', 'backup 3'), 'newer version'],
            'with documents to come' => [fn (Archive $a): string => $a->with('about', fn (string $is): string => (string) preg_replace('/documents \d+/', 'documents 999', $is))->packed(), 'newer version'],
            'with a migration to come' => [fn (Archive $a): string => $a->with('migrations', fn (string $is): string => $is."2099_01_01_000001_what_nobody_knows\n")->packed(), 'newer version'],
            'with another history' => [$made('migrations', '_people', '_peoples'), 'newer version'],
            'with a table nobody knows' => [$tables(fn (string $at) => file_put_contents("$at/pg_proc.csv", "a\n1\n")), 'tables that are not known here'],
            'with a link for a table' => [$tables(function (string $at): void {
                unlink("$at/users.csv");
                symlink('/etc/passwd', "$at/users.csv");
            }), 'tables that are not known here'],
            'with a table missing' => [$tables(fn (string $at) => unlink("$at/projects.csv")), 'its table projects could not be read'],
            'with other columns' => [$tables(fn (string $at) => file_put_contents("$at/households.csv", "id,name,is_admin\n")), 'its table households could not be read'],
            'with rows that point at nothing' => [$tables(fn (string $at) => file_put_contents("$at/household_user.csv", "household_id,user_id,role\nx,y,owner\n")), 'its table household_user could not be read'],
            'with a part nobody summed' => [fn (Archive $a): string => $a->packed(['about', 'migrations', 'files.tar']), 'a checksum does not fit'],
            'with a part more' => [fn (Archive $a): string => $a->with('run.sh', fn (): string => 'touch /tmp/ran')->packed(), 'no backup made by ./incastro backup'],
        ];
    }

    /** @param  \Closure(Archive): string  $made */
    #[DataProvider('archives')]
    public function test_it_is_refused_with_a_reason_and_changes_nothing(\Closure $made, string $says): void
    {
        $name = 'Unmoved '.bin2hex(random_bytes(3));
        $door = self::sunniva();
        $project = $door->json('POST', '/api/projects/new', ['name' => $name, 'unit' => 'mm'])['data']['id'];
        [$code, $said] = self::incastro('restore', $made(new Archive($this->archive)));
        self::assertSame(1, $code, $said);
        self::assertStringContainsString($says, $said);
        self::assertMatchesRegularExpression('/nothing was changed/i', $said);
        self::assertSame($name, $door->json('GET', "/api/projects/$project")['project']['name'] ?? null);
        self::assertSame([], self::databases('incastro_new_%'), 'nothing half made stays');
    }

    /** The archives of before were dumps: one of them ran a command of its maker's on this machine. */
    public function test_a_command_in_an_old_archive_is_not_run(): void
    {
        $ran = '/tmp/incastro-ran-'.bin2hex(random_bytes(4));
        $old = $this->oldArchive();
        [$code, $said] = self::incastro('restore', (new Archive($old))->with('database.dump', function (string $dump) use ($ran): string {
            self::assertSame(1, preg_match('/COPY public\.users \(.*?\) FROM stdin;\n/s', $dump, $copy));
            $command = "COPY (SELECT 1) TO PROGRAM 'touch $ran';";

            return str_replace($copy[0], str_pad($command, strlen($copy[0]) - 1)."\n", $dump);
        })->packed());
        self::assertSame(1, $code, $said);
        self::assertStringContainsString('its table users could not be read', $said);
        self::assertFileDoesNotExist($ran);
    }

    public function test_an_archive_of_the_version_before_is_read(): void
    {
        $door = self::sunniva();
        $project = $door->json('POST', '/api/projects/new', ['name' => 'From before', 'unit' => 'in'])['data']['id'];
        $old = $this->oldArchive();
        $door->ask('DELETE', "/api/projects/$project");
        [$code, $said] = self::incastro('restore', $old);
        self::assertSame(0, $code, $said);
        self::awaitUp();
        self::assertSame('From before', $door->json('GET', "/api/projects/$project")['project']['name'] ?? null);
        // Numbers go on after the last: an edit is a new revision.
        $door->json('POST', '/api/projects/new', ['name' => 'And on', 'unit' => 'in']);
        self::assertSame(201, $door->status);
    }

    /** Signed up once: there is a limit to it. */
    private static function sunniva(): Door
    {
        return self::$who ??= self::door()->signUp('Sunniva');
    }

    /** As the version before made it: a dump of the whole database by its owner. */
    private function oldArchive(): string
    {
        $dump = self::state().'/theirs.dump';
        self::postgres('pg_dump', '-Fc', '-f', $dump, 'incastro');
        $count = (int) self::postgres('psql', '-qXAt', '-d', 'incastro', '-c', 'select count(*) from migrations');
        $path = (new Archive($this->archive))->without('migrations')->without('tables.tar.gz')
            ->with('about', fn (): string => "incastro backup 1\nmade 2026-11-26T10:00:00Z\nmigrations $count\n")
            ->with('database.dump', fn (): string => (string) file_get_contents($dump))->packed();
        unlink($dump);

        return $path;
    }
}

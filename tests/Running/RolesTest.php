<?php

declare(strict_types=1);

namespace Tests\Running;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each role of the database may do, asked of the one that is served. */
final class RolesTest extends TestCase
{
    use Served;

    /** @return array<string, array{string, string}> */
    public static function commands(): array
    {
        return [
            'a shell' => ["copy (select 1) to program 'true'", 'must be superuser'],
            'a file' => ["select pg_read_file('/etc/passwd')", 'permission denied'],
            'a table' => ['create table mine (i int)', 'permission denied'],
            'away with a table' => ['drop table users', 'must be owner'],
            'another column' => ['alter table users add column admin bool', 'must be owner'],
            'a role' => ['create role mine superuser', 'must be superuser'],
            'a database' => ['create database mine', 'permission denied'],
        ];
    }

    #[DataProvider('commands')]
    public function test_the_application_reads_and_writes_rows_and_nothing_else(string $command, string $says): void
    {
        self::assertStringContainsString($says, self::asRole('APP', 'incastro', $command));
    }

    public function test_each_role_comes_in_where_it_belongs(): void
    {
        self::assertSame('1', self::asRole('APP', 'incastro', 'select 1'));
        self::assertStringContainsString('permission denied for database', self::asRole('APP', 'postgres', 'select 1'));
        self::assertStringContainsString('permission denied for database', self::asRole('RESTORE', 'incastro', 'select 1'));
        self::assertStringContainsString('permission denied for database', self::asRole('RESTORE', 'template1', 'select 1'));
    }

    public function test_what_is_served_knows_its_own_role_alone(): void
    {
        $cached = (string) file_get_contents(self::state().'/cache/config.php');
        $secrets = parse_ini_file(self::state().'/secrets', false, INI_SCANNER_RAW) ?: [];
        self::assertStringContainsString($secrets['DB_APP_PASSWORD'], $cached);
        foreach (['DB_PASSWORD', 'DB_OWNER_PASSWORD', 'DB_RESTORE_PASSWORD'] as $other) {
            self::assertStringNotContainsString($secrets[$other], $cached, $other);
        }
    }

    private static function asRole(string $role, string $database, string $command): string
    {
        $secrets = parse_ini_file(self::state().'/secrets', false, INI_SCANNER_RAW) ?: [];

        return self::postgresAs('incastro_'.strtolower($role), $secrets["DB_{$role}_PASSWORD"], 'psql', '-qXAt', '-d', $database, '-c', $command);
    }
}

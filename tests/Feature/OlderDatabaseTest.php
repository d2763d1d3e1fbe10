<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A database kept from the first days (tests/Feature/older), brought up to date: nothing in it is lost, and it can be worked with. */
final class OlderDatabaseTest extends TestCase
{
    private const PROJECT = '01j01der00000000000000pr0j';

    protected function setUp(): void
    {
        parent::setUp();
        $of = fn (string $key): string => config()->string("database.connections.pgsql.$key");
        $name = $of('database').'_older';
        $server = new \PDO("pgsql:host={$of('host')};port={$of('port')};dbname={$of('database')}", $of('username'), $of('password'), [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $server->exec("drop database if exists $name with (force)");
        $server->exec("create database $name");
        (new \PDO("pgsql:host={$of('host')};port={$of('port')};dbname=$name", $of('username'), $of('password'), [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]))
            ->exec((string) file_get_contents(__DIR__.'/older/first.sql'));
        config(['database.connections.older' => ['database' => $name] + (array) config('database.connections.pgsql')]);
        DB::setDefaultConnection('older');
        $this->artisan('migrate', ['--force' => true]);
    }

    protected function tearDown(): void
    {
        DB::purge('older');
        DB::setDefaultConnection('pgsql');
        parent::tearDown();
    }

    public function test_everything_is_there_and_opens_in_todays_form(): void
    {
        self::assertSame([1, 1, 1, 2], [DB::table('users')->count(), DB::table('households')->count(), DB::table('projects')->count(), DB::table('revisions')->count()]);
        $opened = $this->signedIn()->getJson('/api/projects/'.self::PROJECT)->assertOk();
        $opened->assertJsonPath('revision', 3)->assertJsonPath('project.name', 'Chart room, left niche')->assertJsonPath('project.household', 'Korsvik');
        self::assertNotSame([], $opened->json('plan.parts'));
        $this->getJson('/api/session')->assertJsonPath('user.profile.unit', 'in');
    }

    public function test_it_can_be_changed_and_its_history_is_told_across_the_upgrade(): void
    {
        $piece = '01J8R0000000000000P1ECE004';
        $this->signedIn()->postJson('/api/projects/'.self::PROJECT.'/changes', $this->change(3, [$this->set(340, 'pieces', $piece, 'depth')]))->assertOk()->assertJsonPath('document.version', 3);
        $told = $this->getJson('/api/projects/'.self::PROJECT.'/revisions')->assertOk()->json('data');
        self::assertSame([4, 3, 2, 1], array_column($told, 'number'));
        self::assertSame('Edda Korsvik', $told[1]['by']);
        $ops = $this->getJson('/api/projects/'.self::PROJECT.'/revisions/1')->assertOk()->json('ops');
        $back = $this->postJson('/api/projects/'.self::PROJECT.'/changes', $this->change(4, $ops))->assertOk();
        self::assertSame(['applied', 380], [$back->json('document.methods.back'), $back->json("document.pieces.$piece.depth")]);
        self::assertSame(1, collect($back->json('plan.parts'))->where('role', 'back')->count());
    }

    private function signedIn(): self
    {
        $this->postJson('/api/sign-in', ['email' => 'edda@lee-shore.example', 'password' => 'seven small harbours'])->assertOk();

        return $this;
    }
}

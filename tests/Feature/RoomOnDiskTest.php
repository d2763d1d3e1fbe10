<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\InPlaceFiles;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A disk that is nearly full, as far as a limit that no disk meets can make one. */
final class RoomOnDiskTest extends TestCase
{
    private const SAYS = 'The server has no room left on its disk: nothing was changed. It takes more as soon as there is room.';

    public function test_nothing_is_written_and_all_is_read(): void
    {
        $owner = $this->demoOwner();
        $owner->update(['password' => 'tide-tables-41']);
        $project = $this->demoProject();
        config(['incastro.least_free_mb' => 1_000_000_000, 'incastro.demo' => true]);
        $this->get('/')->assertOk();
        $this->postJson('/api/sign-in', ['email' => $owner->email, 'password' => 'tide-tables-41'])->assertOk();
        $this->getJson("/api/projects/$project->id")->assertOk()->assertJsonPath('revision', 1);
        self::assertSame(0, DB::table('plans')->count(), 'what can be made anew is not kept');
        foreach ([['POST', "/api/projects/$project->id/changes"], ['POST', '/api/projects'], ['POST', '/api/projects/new'], ['PATCH', '/api/profile'], ['POST', '/api/households'], ['PUT', "/api/projects/$project->id/photos/".self::ulid()]] as [$method, $path]) {
            $this->json($method, $path, ['name' => 'Den', 'unit' => 'mm'])->assertStatus(507)->assertJsonPath('message', self::SAYS);
        }
        $this->get('/up')->assertStatus(503)->assertJsonPath('disk', false);
        $this->deleteJson('/api/session')->assertNoContent();
        $this->get('/demo')->assertRedirect('/?demo=full');
        self::assertSame(1, User::query()->count());
    }

    public function test_a_session_that_cannot_be_written_stays_as_it_was(): void
    {
        $files = new InPlaceFiles;
        self::assertFalse($files->put('/nowhere/at/all/session', 'x', true));
        stream_wrapper_register('small-disk', SmallDisk::class);
        [SmallDisk::$holds, SmallDisk::$room] = ['who is signed in', 20];
        self::assertFalse($files->put('small-disk://it', 'who is signed in, and what they are told', true));
        self::assertSame('who is signed in', SmallDisk::$holds);
        SmallDisk::$room = 100;
        self::assertSame(40, $files->put('small-disk://it', 'who is signed in, and what they are told', true));
        self::assertSame('who is signed in, and what they are told', SmallDisk::$holds);
        stream_wrapper_unregister('small-disk');
    }
}

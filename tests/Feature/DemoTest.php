<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\DemoHouse;
use App\Models\Household;
use App\Models\Photo;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** The demo house: a copy for each who looks round it, gone after a day, and nobody's own work in it. */
final class DemoTest extends TestCase
{
    public function test_who_enters_has_a_copy_of_their_own(): void
    {
        [$first, $project] = $this->entered();
        $this->getJson('/api/session')->assertJsonPath('user.name', 'Wren Larkin')->assertJsonPath('user.has_password', false)->assertJsonPath('user.guest_until', $first->guest_until?->toIso8601String());
        $this->getJson('/api/projects')->assertOk()->assertJsonCount(19, 'data')->assertJsonPath('data.3.name', 'Chart room, left niche')->assertJsonPath('data.3.household', 'Gannet Point Lookout');
        // As it came, but for its own address; and it can be worked with.
        $document = $this->getJson("/api/projects/$project->id")->assertOk()->json('document');
        $came = DemoHouse::rooms()[DemoHouse::FIRST];
        self::assertSame(strtolower($document['id']), $project->id);
        self::assertEquals(json_decode($came['json'], true), ['id' => $came['id']] + $document);
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [['op' => 'set', 'path' => ['name'], 'value' => 'Mine']]))->assertOk();
        // Whoever comes next meets nothing of it, and cannot see it.
        $this->app?->make('auth')->forgetGuards();
        $this->deleteJson('/api/session');
        [$second, $other] = $this->entered();
        self::assertNotSame($first->id, $second->id);
        self::assertSame('Chart room, left niche', $other->name);
        $this->getJson("/api/projects/$project->id")->assertForbidden();
    }

    public function test_every_room_opens_by_its_name_and_who_comes_back_finds_their_copy(): void
    {
        [$guest] = $this->entered();
        foreach (array_keys(DemoHouse::rooms()) as $room) {
            $project = Project::query()->where('owner_id', $guest->id)->where('sample', $room)->firstOrFail();
            $this->get("/demo/$room/cut")->assertRedirect("/projects/$project->id/cut");
        }
        $this->get('/demo/no-such-room')->assertNotFound();
        self::assertSame(1, User::query()->whereNotNull('guest_until')->count());
    }

    public function test_copies_share_a_plan_until_they_differ(): void
    {
        [, $first] = $this->entered();
        $plan = $this->getJson("/api/projects/$first->id/plan")->assertOk()->getContent();
        $this->app?->make('auth')->forgetGuards();
        $this->deleteJson('/api/session');
        [, $second] = $this->entered();
        self::assertSame($plan, $this->getJson("/api/projects/$second->id/plan")->assertOk()->getContent());
        self::assertSame(1, DB::table('plans')->count());
        $this->postJson("/api/projects/$second->id/changes", $this->change(1, [['op' => 'set', 'path' => ['name'], 'value' => 'Mine']]))->assertOk();
        $this->getJson("/api/projects/$second->id/plan")->assertOk();
        self::assertSame(2, DB::table('plans')->count());
    }

    public function test_it_is_closed_where_the_demo_is_off_and_full_where_many_are_in(): void
    {
        config(['incastro.demo' => false]);
        $this->get('/demo')->assertNotFound();
        config(['incastro.demo' => true, 'incastro.demo_guests' => 1]);
        $this->entered();
        $this->app?->make('auth')->forgetGuards();
        $this->deleteJson('/api/session');
        $this->get('/demo')->assertRedirect('/?demo=full');
        $this->assertGuest();
    }

    public function test_a_copy_goes_after_a_day_with_its_photos_and_nothing_else_does(): void
    {
        $theirs = $this->stranger();
        [$guest, $project] = $this->entered();
        File::ensureDirectoryExists(Photo::folder($project->id));
        $this->artisan('incastro:demo');
        self::assertTrue(User::query()->whereKey($guest->id)->exists(), 'not before');
        $this->travel(25)->hours();
        $this->artisan('incastro:demo');
        self::assertFalse(User::query()->whereKey($guest->id)->exists());
        self::assertSame(0, Project::withTrashed()->where('owner_id', $guest->id)->count());
        self::assertDirectoryDoesNotExist(Photo::folder($project->id));
        self::assertSame(1, $theirs->households()->count());
    }

    public function test_an_account_takes_along_what_was_begun_or_changed(): void
    {
        [$guest, $project] = $this->entered();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [['op' => 'set', 'path' => ['name'], 'value' => 'Measured here']]))->assertOk();
        $begun = $this->postJson('/api/projects/new', ['name' => 'Den', 'unit' => 'mm'])->assertCreated()->json('data.id');
        $this->postJson('/api/account', ['name' => 'Sunniva Aal', 'email' => 'sunniva@lee-shore.example', 'password' => 'seven small harbours'])->assertSuccessful();
        $user = User::query()->where('email', 'sunniva@lee-shore.example')->firstOrFail();
        self::assertFalse($user->isGuest());
        $own = Project::query()->whereIn('household_id', $user->households()->pluck('households.id'))->orderBy('name')->get();
        self::assertSame([['Den', $begun], ['Measured here', $project->id]], $own->map(fn (Project $p): array => [$p->name, $p->id])->all());
        self::assertSame([[$user->id, null], [$user->id, null]], $own->map(fn (Project $p): array => [$p->owner_id, $p->sample])->all());
        $this->actingAs($user)->getJson("/api/projects/$project->id/revisions")->assertOk()->assertJsonPath('data.0.by', 'Sunniva Aal');
        self::assertFalse(User::query()->whereKey($guest->id)->exists());
    }

    public function test_a_reset_ends_the_copies_and_touches_no_account(): void
    {
        [$guest] = $this->entered();
        $this->app?->make('auth')->forgetGuards();
        $account = $this->stranger();
        $kept = $this->actingAs($account)->postJson('/api/projects/new', ['name' => 'Gannet Point Lookout', 'unit' => 'mm'])->assertCreated()->json('data.id');
        self::assertSame(0, $this->artisan('incastro:reset'));
        self::assertFalse(User::query()->whereKey($guest->id)->exists());
        self::assertSame('Gannet Point Lookout', Project::query()->findOrFail($kept)->name);
        self::assertSame([$kept], Project::withTrashed()->pluck('id')->all());
    }

    /** One house was everybody's before, and the first step of the instructions led into it: what people began there is not taken away. */
    public function test_what_was_begun_in_the_shared_house_of_before_outlives_a_reset_and_can_be_had(): void
    {
        config(['incastro.demo' => true]);
        $shared = $this->demoOwner();
        foreach (DemoHouse::rooms() as $sample => $room) {
            Project::query()->whereKey(strtolower($room['id']))->update(['sample' => $sample]);
        }
        $begun = $this->actingAs($shared)->postJson('/api/projects/new', ['name' => 'My own attic', 'unit' => 'mm'])->assertCreated()->json('data.id');
        $changed = $this->demoProject()->id;
        $this->postJson("/api/projects/$changed/changes", $this->change(1, [['op' => 'set', 'path' => ['name'], 'value' => 'My own niche']]))->assertOk();
        $this->artisan('incastro:demo');
        self::assertSame("2\n", (string) file_get_contents(storage_path('demo-left')));
        self::assertSame(0, $this->artisan('incastro:reset'));
        self::assertEqualsCanonicalizing([$begun, $changed], Project::withTrashed()->pluck('id')->all());
        self::assertSame(1, $this->artisan('incastro:adopt', ['email' => 'nobody@elsewhere.example']));
        $account = $this->stranger();
        self::assertSame(0, $this->artisan('incastro:adopt', ['email' => ' Ansel@elsewhere.example']));
        self::assertEqualsCanonicalizing(['My own attic', 'My own niche'], $this->actingAs($account)->getJson('/api/projects')->json('data.*.name'));
        $this->getJson("/api/projects/$changed/revisions")->assertOk()->assertJsonPath('data.0.by', 'Ansel Pike');
        self::assertFileDoesNotExist(storage_path('demo-left'));
        self::assertSame(0, $this->artisan('incastro:reset'));
        self::assertFalse(User::query()->whereKey($shared->id)->exists(), 'the shared house is gone when nothing of anybody’s is in it');
        self::assertSame(2, Project::query()->count());
        self::assertSame(1, Household::query()->count());
    }

    public function test_no_letter_goes_out_of_the_demo_house(): void
    {
        [$guest] = $this->entered();
        $house = Household::query()->whereHas('users', fn ($q) => $q->whereKey($guest->id))->firstOrFail();
        $letters = fn (): array => glob(storage_path('mail/*.eml')) ?: [];
        $before = $letters();
        $says = 'In the demo house no letters are sent and nothing is shared: begin an account for that.';
        $this->postJson("/api/households/$house->id/invitations", ['email' => 'stranger@elsewhere.example', 'role' => 'maker'])->assertForbidden()->assertJsonPath('message', $says);
        $this->postJson('/api/forgotten', ['email' => $guest->email]);
        self::assertSame($before, $letters());
    }

    /** @return array{User, Project} a new guest and the room they come in by */
    private function entered(): array
    {
        config(['incastro.demo' => config('incastro.demo') !== false]);
        $before = User::query()->pluck('id');
        $answer = $this->get('/demo')->assertRedirect();
        $guest = User::query()->whereNotIn('id', $before)->firstOrFail();
        self::assertSame(1, preg_match('#/projects/(\w+)/site$#', (string) $answer->headers->get('Location'), $found));

        return [$guest, Project::query()->findOrFail($found[1])];
    }
}

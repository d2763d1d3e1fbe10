<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Household;
use App\Models\Photo;
use App\Models\Project;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** Projects found, copied, put away, deleted with a way back. */
final class ShelfTest extends TestCase
{
    public function test_projects_are_found_by_a_part_of_their_name(): void
    {
        $this->actingAs($this->demoOwner());
        $names = fn (string $search): array => array_column($this->getJson('/api/projects?'.http_build_query(['search' => $search]))->assertOk()->json('data'), 'name');
        self::assertSame(['Chart room, chimney wall', 'Chart room, left niche', 'Chart room, right niche'], $names('chart ROOM'));
        self::assertSame([], $names('%'), 'a sign is a sign');
        $this->getJson('/api/projects?which=lost')->assertStatus(422);
    }

    public function test_put_away_it_is_found_there_alone_and_unchanged(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $listed = fn (string $which): bool => in_array($project->id, array_column($this->getJson("/api/projects?which=$which")->json('data'), 'id'), true);
        $this->patchJson("/api/projects/$project->id", ['archived' => true])->assertOk()->assertJsonPath('data.archived', true);
        self::assertSame([false, true], [$listed('open'), $listed('archived')]);
        $this->getJson("/api/projects/$project->id")->assertOk();
        self::assertTrue($project->updated_at->equalTo($project->refresh()->updated_at));
        $this->patchJson("/api/projects/$project->id", ['archived' => false]);
        self::assertSame([true, false], [$listed('open'), $listed('archived')]);
    }

    public function test_an_owner_gives_it_to_another_household_of_theirs_and_to_no_other(): void
    {
        $owner = $this->demoOwner();
        $project = $this->demoProject();
        $workshop = Household::query()->create(['name' => 'The workshop']);
        $elsewhere = Household::query()->create(['name' => 'Elsewhere']);
        $this->actingAs($owner)->putJson("/api/projects/$project->id/household", ['household' => $workshop->id])->assertForbidden();
        $owner->households()->attach($workshop, ['role' => 'viewer']);
        $this->putJson("/api/projects/$project->id/household", ['household' => $workshop->id])->assertForbidden();
        $owner->households()->updateExistingPivot($workshop->id, ['role' => 'maker']);
        $this->putJson("/api/projects/$project->id/household", ['household' => $elsewhere->id])->assertForbidden();
        $this->putJson("/api/projects/$project->id/household", ['household' => ['x']])->assertUnprocessable();
        $before = $project->updated_at;
        $this->putJson("/api/projects/$project->id/household", ['household' => $workshop->id])->assertOk()->assertJsonPath('data.household', 'The workshop')->assertJsonPath('data.may_move', false);
        self::assertEquals($before, $project->refresh()->updated_at);
        // A maker of the workshop may change it, and may not give it away again.
        $this->putJson("/api/projects/$project->id/household", ['household' => $workshop->id])->assertForbidden();
        $this->getJson("/api/projects/$project->id")->assertOk();
        $owner->households()->detach($workshop);
        $this->getJson("/api/projects/$project->id")->assertForbidden();
    }

    public function test_deleted_it_can_be_brought_back_for_thirty_days(): void
    {
        $owner = $this->demoOwner();
        $viewer = $this->viewer();
        $this->actingAs($owner);
        $project = $this->demoProject();
        $this->deleteJson("/api/projects/$project->id")->assertNoContent();
        $this->getJson("/api/projects/$project->id")->assertNotFound();
        self::assertSame([$project->id], array_column($this->getJson('/api/projects?which=deleted')->json('data'), 'id'));
        $this->actingAs($viewer)->postJson("/api/projects/$project->id/bring-back")->assertForbidden();
        $this->actingAs($this->stranger())->postJson("/api/projects/$project->id/bring-back")->assertForbidden();
        $this->actingAs($owner)->postJson("/api/projects/$project->id/bring-back")->assertOk();
        $this->getJson("/api/projects/$project->id")->assertOk()->assertJsonPath('document.name', $project->name);
    }

    public function test_after_thirty_days_it_is_gone_with_its_photos(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        File::ensureDirectoryExists(Photo::folder($project->id));
        $this->deleteJson("/api/projects/$project->id");
        $this->travel(Project::WAY_BACK - 1)->days();
        $this->artisan('incastro:purge');
        self::assertTrue(Project::withTrashed()->whereKey($project->id)->exists());
        $this->travel(2)->days();
        $this->artisan('incastro:purge');
        self::assertFalse(Project::withTrashed()->whereKey($project->id)->exists());
        self::assertFalse(is_dir(Photo::folder($project->id)));
    }

    public function test_sessions_that_ran_out_are_looked_for_once_a_day_and_never_in_a_request(): void
    {
        $folder = sys_get_temp_dir().'/sessions-'.bin2hex(random_bytes(6));
        File::ensureDirectoryExists($folder);
        config(['session.driver' => 'file', 'session.files' => $folder, 'session.lifetime' => 60]);
        app('session')->forgetDrivers();
        file_put_contents("$folder/old", '');
        touch("$folder/old", time() - 3700);
        file_put_contents("$folder/new", '');
        self::assertSame(0, config('session.lottery')[0]);
        $this->artisan('incastro:purge');
        self::assertSame(['new'], array_map(fn ($f): string => $f->getFilename(), File::files($folder)));
        File::deleteDirectory($folder);
    }

    public function test_a_copy_has_photos_of_its_own_and_no_history(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $photo = '01J0000000000000000000PH01';
        File::ensureDirectoryExists(Photo::folder($project->id));
        file_put_contents(Photo::path($project->id, $photo), 'a picture');
        Photo::query()->create(['id' => $photo, 'project_id' => $project->id, 'user_id' => $project->owner_id, 'width' => 4, 'height' => 3]);
        $this->postJson("/api/projects/$project->id/changes", $this->change($project->revision, [['op' => 'append', 'path' => ['facts', '01J0000000000000000000FACT'], 'value' => ['kind' => 'picture', 'about' => 'x', 'photo' => $photo, 'width' => 4, 'height' => 3]]]))->assertOk();
        $id = (string) $this->postJson("/api/projects/$project->id/copy")->assertCreated()->assertJsonPath('data.name', "$project->name, copy")->json('data.id');
        $own = $this->getJson("/api/projects/$id")->json('document.facts')['01J0000000000000000000FACT']['photo'];
        self::assertNotSame($photo, $own);
        self::assertSame('a picture', (string) file_get_contents(Photo::path($id, $own)));
        $this->getJson("/api/projects/$id/photos/$own")->assertOk();
        self::assertSame(1, Project::query()->findOrFail($id)->revision);
        File::deleteDirectory(Photo::folder($id));
        $this->actingAs($this->viewer())->postJson("/api/projects/$project->id/copy")->assertForbidden();
        foreach ([['PATCH', ['archived' => true]], ['DELETE', []]] as [$method, $body]) {
            $this->json($method, "/api/projects/$project->id", $body)->assertForbidden();
        }
    }
}

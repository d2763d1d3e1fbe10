<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\LayoutSearch;
use App\Models\Photo;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** Nobody's work stands in the way of somebody else's, and what a fault leaves behind is whole. */
final class FairnessTest extends TestCase
{
    public function test_a_person_has_one_search_in_the_queue_however_often_they_ask(): void
    {
        Queue::fake();
        $owner = $this->demoOwner();
        $url = '/api/projects/'.$this->demoProject()->id.'/layout-searches';
        $ids = array_map(fn (): string => $this->actingAs($owner)->postJson($url)->assertStatus(202)->json('id'), range(1, 5));
        $other = $this->stranger();
        $home = $this->actingAs($other)->postJson('/api/projects/new', ['name' => 'Porch', 'unit' => 'mm'])->json('data.id');
        $theirs = $this->actingAs($other)->postJson("/api/projects/$home/layout-searches")->assertStatus(202)->json('id');
        $statuses = LayoutSearch::query()->pluck('status', 'id');
        self::assertSame(['cancelled', 'cancelled', 'cancelled', 'cancelled', 'waiting', 'waiting'], array_map(fn (string $id): string => $statuses[$id], [...$ids, $theirs]));
    }

    public function test_a_search_whose_worker_died_is_over_after_a_minute(): void
    {
        Queue::fake();
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/layout-searches';
        $id = $this->postJson($url)->json('id');
        LayoutSearch::query()->whereKey($id)->update(['status' => 'running']);
        $this->travel(50)->seconds();
        $this->getJson("$url/$id")->assertJsonPath('status', 'running');
        $this->travel(20)->seconds();
        $this->getJson("$url/$id")->assertJsonPath('status', 'failed');
    }

    public function test_edits_beyond_any_hand_are_slowed_by_account_and_nobody_else_is(): void
    {
        $owner = $this->demoOwner();
        $url = '/api/projects/'.$this->demoProject()->id.'/changes';
        for ($n = 0; $n < 300; $n++) {
            $this->actingAs($owner)->postJson($url, [])->assertStatus(422);
        }
        $this->actingAs($owner)->postJson($url, [])->assertStatus(429)->assertJsonPath('message', 'Too many tries; wait a minute.');
        $other = $this->stranger();
        $home = $this->actingAs($other)->postJson('/api/projects/new', ['name' => 'Porch', 'unit' => 'mm'])->json('data.id');
        $this->actingAs($other)->postJson("/api/projects/$home/changes", [])->assertStatus(422);
    }

    public function test_a_full_disk_keeps_nothing_of_a_photo_and_says_so(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        foreach ([false, true] as $atThumb) {
            $id = self::ulid();
            $path = Photo::path($project->id, $id, $atThumb);
            @mkdir(dirname($path), 0770, true);
            // Every write to it fails as on a full disk.
            symlink('/dev/full', "$path.part");
            $this->call('PUT', "/api/projects/$project->id/photos/$id", server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: self::jpeg())
                ->assertStatus(507)->assertJsonPath('message', 'The server has no room left on its disk: nothing was changed. It takes more as soon as there is room.');
            self::assertSame([], array_values(array_filter(glob(dirname($path).'/*') ?: [], fn (string $f): bool => str_contains($f, $id))));
            self::assertNull(Photo::query()->find($id));
            $this->call('PUT', "/api/projects/$project->id/photos/$id", server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'], content: self::jpeg())->assertOk();
        }
    }

    public function test_a_clock_that_jumps_changes_no_plan_and_loses_no_edit(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = (string) array_key_first($project->decoded()['pieces']);
        $plan = $this->getJson("/api/projects/$project->id/plan")->assertOk()->getContent();
        foreach ([-400, 3, 900] as $n => $days) {
            $this->travelTo(now()->addDays($days));
            $this->postJson("/api/projects/$project->id/changes", $this->change($n + 1, [$this->set(300 + $n, 'pieces', $piece, 'depth')]))->assertOk()->assertJsonPath('revision', $n + 2);
        }
        $told = $this->getJson("/api/projects/$project->id/revisions")->assertOk()->json('data');
        self::assertSame([4, 3, 2, 1], array_column($told, 'number'));
        $this->postJson("/api/projects/$project->id/changes", $this->change(4, [$this->set(380, 'pieces', $piece, 'depth')]))->assertOk();
        self::assertSame($plan, $this->getJson("/api/projects/$project->id/plan")->getContent());
    }

    private static function jpeg(): string
    {
        ob_start();
        imagejpeg(imagecreatetruecolor(400, 300) ?: throw new \LogicException);

        return (string) ob_get_clean();
    }
}

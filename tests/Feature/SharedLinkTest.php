<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Household;
use App\Models\Project;
use App\Models\SharedLink;
use Tests\TestCase;

final class SharedLinkTest extends TestCase
{
    public function test_whoever_has_a_link_reads_pieces_parts_and_sheets_and_nothing_of_the_record(): void
    {
        $token = $this->made();
        auth()->logout();
        $look = $this->getJson("/api/look/$token")->assertOk();
        $look->assertJsonPath('name', 'Chart room, left niche')->assertJsonPath('household', 'Gannet Point Lookout')->assertJsonPath('pieces.0.width.mm', 971.7);
        self::assertSame(['name', 'household', 'until', 'revision', 'unit', 'pieces', 'parts', 'sheets'], array_keys((array) $look->json()));
        self::assertSame(2210, $look->json('parts.0.cut.length.mm'));
        $this->getJson('/api/projects/'.$this->demoProject()->id)->assertStatus(401);
    }

    public function test_its_pictures_and_files_come_without_an_account(): void
    {
        $token = $this->made();
        auth()->logout();
        $piece = array_key_first($this->demoProject()->decoded()['pieces']);
        $picture = (string) $this->get("/api/look/$token/picture.svg?piece=$piece")->assertOk()->getContent();
        self::assertStringContainsString('971.7', $picture);
        $sheet = (string) $this->get("/api/look/$token/picture.svg?material=".array_key_first($this->demoProject()->decoded()['stock']).'&sheet=1&unit=in')->assertOk()->getContent();
        self::assertStringContainsString('A1  87 × 14 11/16', $sheet);
        $this->get("/api/look/$token/picture.svg?material=none&sheet=1")->assertNotFound();
        self::assertStringStartsWith('%PDF', (string) $this->get("/api/look/$token/plan.pdf")->assertOk()->getContent());
        self::assertStringStartsWith('label,part', (string) $this->get("/api/look/$token/parts.csv")->assertOk()->getContent());
        $this->get("/api/look/$token/record.pdf")->assertNotFound();
    }

    public function test_a_link_that_ran_out_or_was_called_off_says_so_and_shows_nothing(): void
    {
        $token = $this->made(days: 2);
        $this->travel(49)->hours();
        $this->getJson("/api/look/$token")->assertStatus(422)->assertJsonPath('message', 'This link is no longer good: it has run out or was called off. Ask whoever gave it to you for a new one.');
        $this->travelBack();
        $this->getJson("/api/look/$token")->assertOk();
        $project = $this->demoProject();
        $this->deleteJson("/api/projects/$project->id/links/".SharedLink::query()->sole()->id)->assertNoContent();
        $this->getJson("/api/look/$token")->assertStatus(422);
        $this->getJson('/api/look/'.str_repeat('a', 40))->assertStatus(422);
    }

    public function test_a_link_ends_with_the_membership_of_who_made_it(): void
    {
        $token = $this->made();
        $project = $this->demoProject();
        $owner = $this->demoOwner();
        $club = $project->household;
        $other = $this->stranger();
        $club->users()->attach($other, ['role' => 'owner']);
        $links = fn (): array => $this->actingAs($other)->getJson("/api/projects/$project->id/links")->assertOk()->json('data.*.by');
        self::assertSame(['Wren Larkin'], $links());
        $this->getJson("/api/look/$token")->assertOk();
        // As one who may only look it is not theirs to give; made more of again it is.
        $this->patchJson("/api/households/$club->id/members/$owner->id", ['role' => 'viewer'])->assertNoContent();
        $this->getJson("/api/look/$token")->assertStatus(422);
        self::assertSame([], $links());
        $this->patchJson("/api/households/$club->id/members/$owner->id", ['role' => 'maker'])->assertNoContent();
        $this->getJson("/api/look/$token")->assertOk();
        $this->deleteJson("/api/households/$club->id/members/$owner->id")->assertNoContent();
        foreach (['', '/picture.svg', '/plan.pdf'] as $what) {
            $this->getJson("/api/look/$token$what")->assertStatus(422);
        }
        self::assertSame([], $links());
    }

    public function test_a_link_ends_when_its_project_moves_to_another_household(): void
    {
        $token = $this->made();
        $project = $this->demoProject();
        $boat = Household::query()->create(['name' => 'Boat club']);
        $boat->users()->attach($this->demoOwner(), ['role' => 'owner']);
        $this->putJson("/api/projects/$project->id/household", ['household' => $project->household_id])->assertOk();
        $this->getJson("/api/look/$token")->assertOk();
        $this->putJson("/api/projects/$project->id/household", ['household' => $boat->id])->assertOk();
        $this->getJson("/api/look/$token")->assertStatus(422);
        self::assertSame(0, SharedLink::query()->count());
    }

    public function test_a_deleted_project_is_read_by_nobody(): void
    {
        $token = $this->made();
        $this->deleteJson('/api/projects/'.$this->demoProject()->id)->assertNoContent();
        $this->getJson("/api/look/$token")->assertStatus(422);
    }

    public function test_only_the_hash_is_kept_and_the_list_says_when_it_was_opened(): void
    {
        $token = $this->made();
        self::assertSame(hash('sha256', $token), SharedLink::query()->sole()->getAttribute('token_hash'));
        $url = '/api/projects/'.$this->demoProject()->id.'/links';
        $this->getJson($url)->assertJsonPath('data.0.label', 'Timber yard')->assertJsonPath('data.0.seen', null)->assertJsonMissing(['token_hash' => hash('sha256', $token)]);
        $this->getJson("/api/look/$token");
        self::assertIsString($this->getJson($url)->json('data.0.seen'));
    }

    public function test_a_link_of_another_project_cannot_be_called_off_through_this_one(): void
    {
        $this->made();
        $other = Project::query()->where('id', '!=', $this->demoProject()->id)->firstOrFail();
        $this->deleteJson("/api/projects/$other->id/links/".SharedLink::query()->sole()->id)->assertNotFound();
        self::assertSame(1, SharedLink::query()->count());
    }

    public function test_a_link_without_a_name_or_an_end_is_refused_with_what_is_expected(): void
    {
        $this->actingAs($this->demoOwner());
        $url = '/api/projects/'.$this->demoProject()->id.'/links';
        $this->postJson($url, ['label' => '', 'days' => 3])->assertStatus(422)->assertJsonPath('message', 'Say whom the link is for, in up to 80 characters.');
        $this->postJson($url, ['label' => 'Yard', 'days' => 0])->assertStatus(422)->assertJsonPath('message', 'A link is good for 1 to 366 days.');
        self::assertSame(0, SharedLink::query()->count());
    }

    public function test_what_ran_out_long_ago_is_swept_away_and_what_is_good_stays(): void
    {
        $this->made(days: 2);
        $this->made(days: 90);
        $this->travel(40)->days();
        $this->artisan('incastro:purge');
        self::assertSame(1, SharedLink::query()->count());
    }

    private function made(int $days = 14): string
    {
        $this->actingAs($this->demoOwner());
        $url = $this->postJson('/api/projects/'.$this->demoProject()->id.'/links', ['label' => 'Timber yard', 'days' => $days])->assertCreated()->json('url');
        self::assertMatchesRegularExpression('#/look/[A-Za-z0-9]{40}$#', $url);

        return substr($url, -40);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Revision;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class ChangeTest extends TestCase
{
    public function test_a_change_becomes_a_revision_and_brings_the_new_plan(): void
    {
        [$project, $piece] = $this->opened();
        $answer = $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]))->assertOk();
        $answer->assertJsonPath('revision', 2)->assertJsonPath("document.pieces.$piece.depth", 300)->assertJsonPath("plan.pieces.$piece.depth.mm", 300);
        $answer->assertJsonPath('inverse.0.value', 380);
        self::assertSame(300, $project->refresh()->decoded()['pieces'][$piece]['depth']);
        self::assertSame(["/pieces/$piece/depth"], Revision::query()->sole()->touched);
    }

    public function test_who_reads_gzip_is_given_the_same_answer_packed_and_its_plan_is_kept_as_it_went_out(): void
    {
        [$project, $piece] = $this->opened();
        $change = $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]);
        $packed = $this->postJson("/api/projects/$project->id/changes", $change, ['Accept-Encoding' => 'gzip, br'])->assertOk()->assertHeader('Content-Encoding', 'gzip')->assertHeader('Vary', 'Accept-Encoding');
        $answer = json_decode((string) gzdecode((string) $packed->getContent()), true, 512, JSON_THROW_ON_ERROR);
        self::assertSame([2, 300], [$answer['revision'], $answer['document']['pieces'][$piece]['depth']]);
        // The same change again is answered from what was kept, word for word.
        $again = $this->postJson("/api/projects/$project->id/changes", $change)->assertOk()->assertHeaderMissing('Content-Encoding');
        self::assertSame($answer, $again->json());
        self::assertSame(1, DB::table('plans')->where('project_id', $project->id)->count());
        self::assertSame($answer['plan'], $this->getJson("/api/projects/$project->id/plan")->json());
    }

    public function test_the_inverse_sent_back_restores_the_document_byte_for_byte(): void
    {
        [$project, $piece] = $this->opened();
        $before = $project->document;
        $inverse = $this->postJson("/api/projects/$project->id/changes", $this->change(1, [
            $this->set('trim', 'pieces', $piece, 'left', 'kind'), $this->set(24, 'pieces', $piece, 'left', 'set_off'),
        ]))->assertOk()->json('inverse');
        $this->postJson("/api/projects/$project->id/changes", $this->change(2, $inverse))->assertOk();
        self::assertSame($before, $project->refresh()->document);
    }

    public function test_the_same_change_sent_twice_is_applied_once(): void
    {
        [$project, $piece] = $this->opened();
        $change = $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]);
        $this->postJson("/api/projects/$project->id/changes", $change)->assertJsonPath('revision', 2);
        $this->postJson("/api/projects/$project->id/changes", $change)->assertOk()->assertJsonPath('revision', 2);
        self::assertSame(1, Revision::query()->count());
    }

    public function test_another_change_under_the_same_id_is_refused_and_not_dropped(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = $this->pieceId($project);
        $change = $this->change(1, [$this->set(380, 'pieces', $piece, 'depth')]);
        $this->postJson("/api/projects/$project->id/changes", $change)->assertOk();
        $other = ['ops' => [$this->set(340, 'pieces', $piece, 'depth')]] + $change;
        $this->postJson("/api/projects/$project->id/changes", $other)->assertStatus(422)->assertJsonPath('message', 'Another change was sent under this id before; nothing was changed. Send it under an id of its own.');
        self::assertSame(380, $project->refresh()->decoded()['pieces'][$piece]['depth']);
        // The same, built on what came meanwhile and with its keys in another order, is the same.
        $again = ['base_revision' => 2, 'ops' => [array_reverse($change['ops'][0], true)]] + $change;
        $this->postJson("/api/projects/$project->id/changes", $again)->assertOk()->assertJsonPath('revision', 2);
    }

    /** As a page has it that is older than a restore. */
    public function test_a_change_made_on_a_revision_that_is_not_there_is_a_conflict(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $piece = $this->pieceId($project);
        $depth = $project->decoded()['pieces'][$piece]['depth'];
        $this->postJson("/api/projects/$project->id/changes", $this->change(9, [$this->set(380, 'pieces', $piece, 'depth')]))
            ->assertStatus(409)->assertJsonPath('revision', 1)->assertJsonPath('paths', ["/pieces/$piece/depth"])->assertJsonPath('rows.0.both', true);
        self::assertSame([$depth, 1], [$project->refresh()->decoded()['pieces'][$piece]['depth'], $project->revision]);
        // What was seen is never stale: it is added to what is there.
        $remark = ['op' => 'append', 'path' => ['facts', self::ulid()], 'value' => ['kind' => 'remark', 'about' => 'project', 'text' => 'Dry', 'at' => '2026-05-04T10:00']];
        $this->postJson("/api/projects/$project->id/changes", $this->change(9, [$remark]))->assertOk()->assertJsonPath('revision', 2);
    }

    public function test_a_stale_change_to_the_same_field_is_refused_with_both_versions(): void
    {
        [$project, $piece] = $this->opened();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]))->assertOk();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(320, 'pieces', $piece, 'depth')]))
            ->assertStatus(409)
            ->assertJsonPath('paths', ["/pieces/$piece/depth"])
            ->assertJsonPath("theirs./pieces/$piece/depth", 300)
            ->assertJsonPath('mine.0.value', 320)
            ->assertJsonPath('revision', 2);
        self::assertSame(300, $project->refresh()->decoded()['pieces'][$piece]['depth']);
    }

    public function test_a_stale_change_to_another_field_is_laid_over_the_newer_one(): void
    {
        [$project, $piece] = $this->opened();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]))->assertOk();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(2200, 'pieces', $piece, 'height')]))->assertOk()->assertJsonPath('revision', 3);
        self::assertSame([300, 2200], [$project->refresh()->decoded()['pieces'][$piece]['depth'], $project->decoded()['pieces'][$piece]['height']]);
    }

    public function test_what_was_done_on_top_of_an_edit_of_ones_own_on_its_way_is_no_conflict_with_it(): void
    {
        [$project, $piece] = $this->opened();
        $first = $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]);
        $this->postJson("/api/projects/$project->id/changes", $first)->assertJsonPath('revision', 2);
        $second = $this->change(1, [$this->set(310, 'pieces', $piece, 'depth')]);
        $this->postJson("/api/projects/$project->id/changes", $second)->assertStatus(409);
        $this->postJson("/api/projects/$project->id/changes", $second + ['after' => [$first['change_id']]])->assertOk()->assertJsonPath('revision', 3);
        // Somebody else's in between is one, whatever ids are named.
        $other = $this->stranger();
        $project->household->users()->attach($other, ['role' => 'maker']);
        $this->actingAs($other);
        $theirs = $this->change(3, [$this->set(320, 'pieces', $piece, 'depth')]);
        $this->postJson("/api/projects/$project->id/changes", $theirs)->assertOk();
        $this->actingAs($this->demoOwner());
        $third = $this->change(1, [$this->set(330, 'pieces', $piece, 'depth')]);
        $named = ['after' => [$first['change_id'], $second['change_id'], $theirs['change_id']]];
        $this->postJson("/api/projects/$project->id/changes", $third + $named)->assertStatus(409);
        self::assertSame(320, $project->refresh()->decoded()['pieces'][$piece]['depth']);
    }

    public function test_what_is_no_list_of_ids_is_not_taken_for_one(): void
    {
        [$project, $piece] = $this->opened();
        foreach (['x', [7], ['../x'], ['a' => self::ulid(), 'b' => null], array_fill(0, 2001, self::ulid())] as $after) {
            $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(300, 'pieces', $piece, 'depth')]) + ['after' => $after])
                ->assertStatus(422);
        }
        self::assertSame(1, $project->refresh()->revision);
    }

    public function test_facts_are_never_stale(): void
    {
        [$project] = $this->opened();
        $reading = (string) array_key_first(array_values($project->decoded()['spaces'])[0]['readings']);
        $take = fn (float $mm): array => ['op' => 'append', 'path' => ['facts', self::ulid()], 'value' => ['kind' => 'take', 'reading' => $reading, 'value' => $mm, 'typed' => (string) $mm]];
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$take(1048.5)]))->assertOk();
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$take(1047.5)]))->assertOk()->assertJsonPath('revision', 3);
    }

    public function test_exact_lengths_survive_entry_storage_and_plan(): void
    {
        [$project, $piece] = $this->opened();
        foreach ([17.8562, 0.396875 * 45, 17.6] as $i => $thickness) {
            $material = $project->decoded()['pieces'][$piece]['material'];
            $this->postJson("/api/projects/$project->id/changes", $this->change($i + 1, [$this->set($thickness, 'stock', $material, 'thickness')]))->assertOk();
            self::assertSame($thickness, $project->refresh()->decoded()['stock'][$material]['thickness']);
            $side = collect($this->getJson("/api/projects/$project->id/plan/parts")->json())->firstWhere('role', 'side');
            self::assertSame($thickness, $side['thickness']);
        }
    }

    public function test_bad_values_are_refused_where_they_were_entered_and_nothing_changes(): void
    {
        [$project, $piece] = $this->opened();
        $before = $project->document;
        $answer = $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set(-20, 'pieces', $piece, 'depth')]))->assertStatus(422);
        $answer->assertJsonPath('problems.0.pointer', "/pieces/$piece/depth");
        self::assertStringContainsString('too little here; expected at least 40', $answer->json('message'));
        $this->postJson("/api/projects/$project->id/changes", ['ops' => 'none'])->assertStatus(422)->assertJsonStructure(['message']);
        self::assertSame([$before, 1], [$project->refresh()->document, $project->revision]);
    }

    public function test_revisions_are_listed_newest_first(): void
    {
        [$project, $piece] = $this->opened();
        foreach ([300, 310] as $i => $mm) {
            $this->postJson("/api/projects/$project->id/changes", $this->change($i + 1, [$this->set($mm, 'pieces', $piece, 'depth')]))->assertOk();
        }
        $this->getJson("/api/projects/$project->id/revisions")->assertOk()->assertJsonPath('data.0.number', 3)->assertJsonPath('data.1.number', 2);
    }

    /** @return array{\App\Models\Project, string} */
    private function opened(): array
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();

        return [$project, $this->pieceId($project)];
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Project;
use Tests\TestCase;

/** Parts put by hand, and labels, through the doors. */
final class CutTest extends TestCase
{
    private const PAGE = 'columns=3&rows=8&width=70&height=37&top=0.5';

    public function test_a_part_put_by_hand_gives_a_layout_that_is_kept_as_any_change(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        [$material, $part] = $this->somePart($project);
        $layout = $this->postJson("/api/projects/$project->id/places", ['material' => $material, 'part' => $part['part'], 'sheet' => 0,
            'x' => $part['x_mm'] + 40.123456789, 'y' => $part['y_mm'], 'turned' => false, 'locked' => true])->assertOk()->json('layout');
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, [$this->set($layout, 'layouts', $material)]))->assertOk()
            ->assertJsonPath('plan.cut.0.accepted', true)->assertJsonPath('plan.cut.0.sheets.0.locked', [$part['part']]);
    }

    public function test_an_illegal_place_is_refused_with_the_reason_and_nothing_changes(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        [$material, $part] = $this->somePart($project);
        $where = ['material' => $material, 'part' => $part['part'], 'sheet' => 0, 'x' => 2400, 'y' => 10, 'turned' => false, 'locked' => true];
        $this->postJson("/api/projects/$project->id/places", $where)->assertStatus(422)
            ->assertJsonPath('message', "{$part['label']} would reach into the trim or over the edge of the sheet there.");
        $this->postJson("/api/projects/$project->id/places", ['sheet' => 9] + $where)->assertStatus(422)
            ->assertJsonPath('message', 'There is no such sheet any more; look at the plan again.');
        $this->postJson("/api/projects/$project->id/places", ['x' => 'far'] + $where)->assertStatus(422);
        self::assertSame(1, $project->refresh()->revision);
        $this->actingAs($this->viewer())->postJson("/api/projects/$project->id/places", $where)->assertForbidden();
    }

    public function test_labels_are_printed_on_the_stickers_there_are(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $pages = fn (string $query): int => preg_match_all('/\/Type \/Page\b/', $this->get("/api/projects/$project->id/labels.pdf?$query")->assertOk()->assertHeader('content-type', 'application/pdf')->getContent() ?: '') ?: 0;
        $parts = count(array_filter($this->getJson("/api/projects/$project->id")->json('plan.parts') ?? $this->plan($project)['parts'], fn (array $p): bool => ! $p['bought']));
        self::assertSame((int) ceil($parts / 24), $pages(self::PAGE));
        self::assertSame((int) ceil(($parts + 23) / 24), $pages(self::PAGE.'&from=24'));
        $this->getJson("/api/projects/$project->id/labels.pdf?columns=9&rows=8&width=70&height=37")->assertStatus(422)
            ->assertJsonPath('message', 'These stickers reach over the edge of the paper; expected columns × width and rows × height that fit the page.');
        $this->getJson("/api/projects/$project->id/labels.pdf?".self::PAGE.'&from=25')->assertStatus(422)->assertJsonPath('message', 'There is no sticker 25 on a page of 24.');
        $this->actingAs($this->stranger())->get("/api/projects/$project->id/labels.pdf?".self::PAGE)->assertForbidden();
    }

    public function test_what_is_left_goes_on_the_rack_and_another_project_draws_on_it(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $kept = array_merge(...array_map(fn (array $m): array => array_filter(array_merge(...array_column($m['sheets'], 'offcuts')), fn (array $o): bool => $o['worth_keeping']), $this->plan($project)['cut']));
        $this->postJson("/api/projects/$project->id/rack")->assertOk()->assertJsonPath('put', count($kept));
        // Put again, it replaces what it put, and no number comes twice.
        $this->postJson("/api/projects/$project->id/rack")->assertOk();
        $pieces = $this->getJson("/api/projects/$project->id/rack")->assertOk()->assertJsonCount(count($kept), 'pieces')->json('pieces');
        self::assertEqualsCanonicalizing(array_map(fn (array $o): string => sprintf('%.4f × %.4f', $o['length_mm'], $o['width_mm']), $kept), array_map(fn (array $p): string => sprintf('%.4f × %.4f', $p['length'], $p['width']), $pieces));

        $other = Project::query()->findOrFail('01jchartr00m000000000r1ght');
        $this->patchJson("/api/projects/$other->id/rack/{$pieces[0]['id']}", ['taken' => true])->assertOk();
        $this->getJson("/api/projects/$other->id/rack")->assertJsonPath('pieces.0.taken', true);
        $this->getJson("/api/projects/$project->id/rack")->assertJsonCount(count($kept) - 1, 'pieces');
        $this->patchJson("/api/projects/$project->id/rack/{$pieces[0]['id']}", ['taken' => true])->assertStatus(409)
            ->assertJsonPath('message', "{$pieces[0]['label']} was taken by another project meanwhile.");
        $this->patchJson("/api/projects/$other->id/rack/{$pieces[0]['id']}", ['taken' => false])->assertOk();
        $this->deleteJson("/api/projects/$project->id/rack/{$pieces[0]['id']}")->assertNoContent();
        $this->getJson("/api/projects/$project->id/rack")->assertJsonCount(count($kept) - 1, 'pieces');
        $this->actingAs($this->viewer())->deleteJson("/api/projects/$project->id/rack/{$pieces[1]['id']}")->assertForbidden();
        $this->actingAs($this->stranger())->getJson("/api/projects/$project->id/rack")->assertForbidden();
    }

    /** @return array{string, array<string, mixed>} a material, and a part that lies on its first sheet */
    private function somePart(Project $project): array
    {
        $cut = $this->plan($project)['cut'][0];
        $placements = $cut['sheets'][0]['placements'];
        usort($placements, fn (array $a, array $b): int => $a['length_mm'] <=> $b['length_mm']);

        return [$cut['material'], $placements[0]];
    }

    /** @return array<string, mixed> */
    private function plan(Project $project): array
    {
        return json_decode(\Incastro\Core\Planner::plan($project->decoded())->toJson(), true, 512, JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\ImproveLayout;
use App\Models\LayoutSearch;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

final class LayoutSearchTest extends TestCase
{
    public function test_a_search_runs_in_the_queue_and_its_layout_can_be_accepted(): void
    {
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $id = $this->postJson("/api/projects/$project->id/layout-searches")->assertStatus(202)->json('id');
        $answer = $this->getJson("/api/projects/$project->id/layout-searches/$id")->assertOk()->assertJsonPath('status', 'done')->assertJsonPath('percent', 100);
        self::assertSame([], array_diff($answer->json('better'), array_keys($answer->json('layouts'))));
        $layouts = $answer->json('layouts');
        foreach ($answer->json('trades') as $material => $trade) {
            self::assertGreaterThan(count($layouts[$material]['sheets']), count($trade['layout']['sheets']));
        }
        $ops = array_map(fn (string $m): array => $this->set($layouts[$m], 'layouts', $m), array_keys($layouts));
        $this->postJson("/api/projects/$project->id/changes", $this->change(1, $ops))->assertOk()
            ->assertJsonPath('plan.cut.0.accepted', true)->assertJsonPath('plan.cut.1.accepted', true);
    }

    public function test_a_search_called_off_before_it_runs_does_not_run(): void
    {
        Queue::fake();
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $id = $this->postJson("/api/projects/$project->id/layout-searches")->assertStatus(202)->assertJsonPath('status', 'waiting')->json('id');
        Queue::assertPushed(ImproveLayout::class);
        $this->deleteJson("/api/projects/$project->id/layout-searches/$id")->assertOk()->assertJsonPath('status', 'cancelled');
        (new ImproveLayout($id))->handle();
        self::assertNull(LayoutSearch::query()->findOrFail($id)->layouts);
    }

    public function test_a_search_called_off_while_it_runs_stays_called_off(): void
    {
        Queue::fake();
        $this->actingAs($this->demoOwner());
        $project = $this->demoProject();
        $search = LayoutSearch::query()->findOrFail($this->postJson("/api/projects/$project->id/layout-searches")->json('id'));
        // The row is taken away from under the job the moment it first reports.
        LayoutSearch::updated(fn (LayoutSearch $s) => $s->status === 'running' ? LayoutSearch::query()->whereKey($s->id)->update(['status' => 'cancelled']) : null);
        (new ImproveLayout($search->id))->handle();
        self::assertSame(['cancelled', 0], [$search->refresh()->status, $search->percent]);
        LayoutSearch::flushEventListeners();
    }

    public function test_searches_of_other_projects_are_not_to_be_seen(): void
    {
        Queue::fake();
        $owner = $this->demoOwner();
        $project = $this->demoProject();
        $id = $this->actingAs($owner)->postJson("/api/projects/$project->id/layout-searches")->json('id');
        $this->getJson("/api/projects/01js1gna0cab1n0000000bay01/layout-searches/$id")->assertNotFound();
        $this->actingAs($this->viewer())->deleteJson("/api/projects/$project->id/layout-searches/$id")->assertForbidden();
        $this->actingAs($this->stranger())->getJson("/api/projects/$project->id/layout-searches/$id")->assertForbidden();
    }
}

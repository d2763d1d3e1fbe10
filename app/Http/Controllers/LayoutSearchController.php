<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\ImproveLayout;
use App\Models\LayoutSearch;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Looking for a better sheet plan: begin, watch, call off. */
final class LayoutSearchController
{
    private const EFFORT = 10;

    public function store(Request $request, Project $project): JsonResponse
    {
        Gate::authorize('update', $project);
        // One person has one search at a time: a new one calls off theirs before it, and nobody fills the queue.
        LayoutSearch::query()->where('user_id', $request->user()?->getAuthIdentifier())->whereIn('status', ['waiting', 'running'])->update(['status' => 'cancelled']);
        $search = $project->layoutSearches()->create([
            'user_id' => $request->user()?->getAuthIdentifier(),
            'revision' => $project->revision,
            // Each look begins elsewhere, and can be repeated exactly.
            'seed' => $project->layoutSearches()->count() + 1,
            'effort' => self::EFFORT,
            'status' => 'waiting',
        ]);
        ImproveLayout::dispatch($search->id);

        return $this->answer($search)->setStatusCode(202);
    }

    public function show(Project $project, LayoutSearch $search): JsonResponse
    {
        Gate::authorize('view', $project);
        abort_unless($search->project_id === $project->id, 404);
        $search->noticeSilence();

        return $this->answer($search);
    }

    public function destroy(Project $project, LayoutSearch $search): JsonResponse
    {
        Gate::authorize('update', $project);
        abort_unless($search->project_id === $project->id, 404);
        LayoutSearch::query()->whereKey($search->id)->whereIn('status', ['waiting', 'running'])->update(['status' => 'cancelled']);

        return $this->answer($search->refresh());
    }

    private function answer(LayoutSearch $search): JsonResponse
    {
        return new JsonResponse([
            'id' => $search->id,
            'status' => $search->status,
            'percent' => $search->percent,
            'revision' => $search->revision,
            'better' => $search->better ?? [],
            'trades' => json_decode($search->trades ?? '{}', false, 64, JSON_THROW_ON_ERROR),
            'layouts' => $search->layouts === null ? null : json_decode($search->layouts, true, 64, JSON_THROW_ON_ERROR),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CopyProject;
use App\Http\Resources\ProjectResource;
use App\Models\Project;
use App\Models\SharedLink;
use App\Models\User;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;

/** Projects copied, put away and taken out again, given to another household, deleted with a way back. */
final class ProjectShelfController
{
    public function copy(Request $request, Project $project, CopyProject $copy): JsonResponse
    {
        Gate::authorize('update', $project);
        /** @var User $user */
        $user = $request->user();

        return (new ProjectResource($copy->of($project, $user)->load('household')))->response()->setStatusCode(201);
    }

    /** Put away it is found under what is put away alone; nothing else about it changes. */
    public function archive(Request $request, Project $project): ProjectResource
    {
        Gate::authorize('update', $project);
        $request->validate(['archived' => ['required', 'boolean']]);
        // When it was last changed stays what it was.
        Project::query()->whereKey($project->id)->toBase()->update(['archived_at' => $request->boolean('archived') ? now() : null]);

        return new ProjectResource($project->refresh()->load('household'));
    }

    /** To another household of the person's: from then on its members see it, and those of the one before, and whoever they gave a link, no longer do. */
    public function move(Request $request, Project $project): ProjectResource
    {
        Gate::authorize('move', $project);
        /** @var User $user */
        $user = $request->user();
        $asked = $request->validate(['household' => ['required', 'string', 'max:26']])['household'];
        $to = $user->makingIn()->whereKey(strtolower($asked))->first() ?? throw new AuthorizationException;
        DB::transaction(function () use ($project, $to): void {
            if ($to->id !== $project->household_id) {
                SharedLink::query()->where('project_id', $project->id)->delete();
            }
            // When it was last changed stays what it was.
            Project::query()->whereKey($project->id)->toBase()->update(['household_id' => $to->id]);
        });

        return new ProjectResource($project->refresh()->load('household'));
    }

    /** It can be brought back for thirty days. */
    public function destroy(Project $project): Response
    {
        Gate::authorize('update', $project);
        $project->delete();

        return response()->noContent();
    }

    public function bringBack(string $deleted): ProjectResource
    {
        $project = Project::onlyTrashed()->findOrFail($deleted);
        Gate::authorize('update', $project);
        $project->restore();

        return new ProjectResource($project->load('household'));
    }
}

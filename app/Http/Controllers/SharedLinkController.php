<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlainName;
use App\Models\Project;
use App\Models\SharedLink;
use App\Models\User;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Links to read one project by: made with an end, seen, called off. What a link holds is shown once, when it is made. */
final class SharedLinkController
{
    public function index(Project $project): JsonResponse
    {
        Gate::authorize('update', $project);
        /** @var list<SharedLink> $links */
        $links = SharedLink::good()->with('user')->where('project_id', $project->id)->orderByDesc('created_at')->get()->all();

        return new JsonResponse(['data' => array_map(fn (SharedLink $l): array => ['id' => $l->id, 'label' => $l->label, 'by' => $l->user->name, 'until' => $l->expires_at->toDateString(), 'seen' => $l->seen_at?->toIso8601String()], $links)]);
    }

    public function store(Request $request, Project $project): JsonResponse
    {
        Gate::authorize('update', $project);
        $request->validate(['label' => ['required', 'string', 'max:80', new PlainName], 'days' => ['required', 'integer', 'min:1', 'max:'.SharedLink::LONGEST]], [
            'label.*' => Language::say('Say whom the link is for, in up to 80 characters.'), 'days.*' => Language::say('A link is good for 1 to {0} days.', SharedLink::LONGEST),
        ]);
        if (SharedLink::good()->where('project_id', $project->id)->count() >= SharedLink::MOST) {
            throw ValidationException::withMessages(['label' => Language::say('This project has {0} links already; call one off first.', SharedLink::MOST)]);
        }
        /** @var User $user */
        $user = $request->user();
        $token = SharedLink::of($project, $user, $request->string('label')->trim()->value(), $request->integer('days'));

        return new JsonResponse(['url' => url("/look/$token")], 201);
    }

    public function destroy(Project $project, SharedLink $link): Response
    {
        Gate::authorize('update', $project);
        abort_unless($link->project_id === $project->id, 404);
        $link->delete();

        return response()->noContent();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LookBack;
use App\Http\Requests\PlainName;
use App\Models\Project;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Incastro\Core\Queries\History\Difference;
use Incastro\Core\Queries\RevisionComparison;

/** What became of a project, revision by revision: told, named, compared; bringing one back is an ordinary change. */
final class RevisionController
{
    public function index(Request $request, Project $project, LookBack $back): JsonResponse
    {
        Gate::authorize('view', $project);
        $request->validate(['newest' => ['sometimes', 'integer', 'min:1', 'max:2000000000']]);

        return new JsonResponse(['data' => $back->page($project, $request->integer('newest', $project->revision))]);
    }

    /** What makes the project as it stands into what it was then; none where it is the same. */
    public function show(Project $project, int $number, LookBack $back): JsonResponse
    {
        Gate::authorize('view', $project);

        return new JsonResponse(['number' => $number, 'ops' => Difference::between($project->decoded(), $back->document($project, $number))]);
    }

    public function update(Request $request, Project $project, int $number): Response
    {
        Gate::authorize('update', $project);
        $request->validate(['name' => ['present', 'nullable', 'string', 'max:80', new PlainName]], ['name.*' => Language::say('The name of a revision is a text of up to 80 characters.')]);
        $name = $request->string('name')->trim()->value();
        $project->revisions()->where('number', $number)->firstOrFail()->update(['name' => $name === '' ? null : $name]);

        return response()->noContent();
    }

    public function compare(Project $project, int $from, int $to, LookBack $back): JsonResponse
    {
        Gate::authorize('view', $project);

        return new JsonResponse(['from' => $from, 'to' => $to] + RevisionComparison::between($back->document($project, $from), $back->document($project, $to)));
    }
}

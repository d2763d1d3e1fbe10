<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Incastro\Core\Queries\EntrySearch;

/** Whether each box of a piece goes in, with the poses of its way: a search, made when it is asked for. */
final class CarryInController
{
    public function __invoke(Project $project, string $piece): JsonResponse
    {
        Gate::authorize('view', $project);
        $document = $project->decoded();
        abort_unless(isset($document['pieces'][$piece]), 404);

        return new JsonResponse(EntrySearch::of($document, $piece));
    }
}

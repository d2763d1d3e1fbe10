<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Incastro\Core\Queries\MethodComparison;

/** What each school of practice comes to on one piece, each from a plan of its own. */
final class SchoolController
{
    public function __invoke(Project $project, string $piece): JsonResponse
    {
        Gate::authorize('view', $project);
        $document = $project->decoded();
        abort_unless(isset($document['pieces'][$piece]), 404);

        return new JsonResponse(MethodComparison::of($document, $piece));
    }
}

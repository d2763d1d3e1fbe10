<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Incastro\Core\Document\Starter;
use Incastro\Core\Document\ThingKind;
use Incastro\Core\Measure\Unit;

/** What a thing in the way would begin with, as the operation that would add it; nothing is changed here. */
final class ThingStartController
{
    public function __invoke(Request $request, Project $project, ThingKind $kind): JsonResponse
    {
        Gate::authorize('view', $project);
        $document = $project->decoded();
        $newId = fn (): string => strtoupper((string) Str::ulid());
        $space = $request->string('space')->value();
        abort_unless(isset($document['spaces'][$space]), 404);
        $id = $newId();
        $thing = (new Starter(Unit::from((string) $document['unit']), $newId))->thing($kind);

        return new JsonResponse(['id' => $id, 'ops' => [['op' => 'add', 'path' => ['spaces', $space, 'things', $id], 'value' => $thing]]]);
    }
}

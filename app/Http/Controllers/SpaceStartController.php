<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Incastro\Core\Document\SpaceKind;
use Incastro\Core\Document\Starter;
use Incastro\Core\Measure\Unit;

/** What another space of a project would begin with, as the operations that would add it; nothing is changed here. */
final class SpaceStartController
{
    public function __invoke(Request $request, Project $project, SpaceKind $kind): JsonResponse
    {
        Gate::authorize('view', $project);
        $document = $project->decoded();
        $newId = fn (): string => strtoupper((string) Str::ulid());
        $starter = new Starter(Unit::from((string) $document['unit']), $newId);
        $name = $request->string('name')->trim()->limit(120, '')->value() ?: 'Space';
        $space = $newId();

        return new JsonResponse(['space' => $space, 'ops' => $starter->added($document, $kind, $space, $name)]);
    }
}

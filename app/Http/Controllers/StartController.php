<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Starting;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Model\ThingKind;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Queries\AllAround;

/** What another space or thing of a project would begin with, as the operations that would add it; nothing is changed here. */
final class StartController
{
    public function space(Request $request, Project $project, SpaceKind $kind): JsonResponse
    {
        $document = $this->seen($project);
        $name = $request->string('name')->trim()->limit(120, '')->value() ?: 'Space';
        $space = Starting::id();
        $ops = Starting::in(Unit::from((string) $document['unit']))->added($document, $kind, $space, $name);

        return new JsonResponse(['space' => $space, 'ops' => $ops]);
    }

    public function thing(Request $request, Project $project, ThingKind $kind): JsonResponse
    {
        $document = $this->seen($project);
        $space = $request->string('space')->value();
        abort_unless(isset($document['spaces'][$space]), 404);
        $thing = Starting::in(Unit::from((string) $document['unit']))->thing($kind);
        $ops = $kind->goesAround() ? AllAround::ops($document, $space, $thing, Starting::id(...))
            : [['op' => 'add', 'path' => ['spaces', $space, 'things', Starting::id()], 'value' => $thing]];

        return new JsonResponse(['id' => $ops[0]['path'][3], 'ops' => $ops]);
    }

    /** @return array<array-key, mixed> the document of a project this person may see */
    private function seen(Project $project): array
    {
        Gate::authorize('view', $project);

        return $project->decoded();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Starting;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Incastro\Core\Queries\Starters;

/** Pieces to begin from: which there are, and the operations that would fit one to a space; nothing is changed here. */
final class PieceStartController
{
    public function index(): JsonResponse
    {
        $lines = array_map(fn (array $s): array => ['name' => $s['name'], 'spaces' => $s['spaces'], 'room' => $s['room']], Starters::all());

        return new JsonResponse($lines);
    }

    public function show(Request $request, Project $project, string $starter): JsonResponse
    {
        Gate::authorize('view', $project);
        $document = $project->decoded();
        $space = $request->string('space')->value();
        abort_unless(isset($document['spaces'][$space], Starters::all()[$starter]), 404);

        return new JsonResponse(['ops' => Starters::fitted($document, $starter, $space, Starting::id(...))]);
    }
}

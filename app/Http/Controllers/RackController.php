<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\FillRack;
use App\Models\Project;
use App\Models\RackPiece;
use App\Words\Language;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** The rack of a project's household: what is free, what this project took; filled from its plan, drawn on, cleared. */
final class RackController
{
    public function index(Project $project): JsonResponse
    {
        Gate::authorize('view', $project);
        /** @var list<RackPiece> $pieces */
        $pieces = RackPiece::query()->where('household_id', $project->household_id)
            ->where(fn (Builder $q) => $q->whereNull('taken_by')->orWhere('taken_by', $project->id))
            ->orderBy('number')->get()->all();

        return new JsonResponse(['pieces' => array_map(fn (RackPiece $p): array => [
            'id' => $p->id, 'label' => "R$p->number", 'material' => $p->material, 'grain' => $p->grain,
            'thickness' => (float) $p->thickness, 'length' => (float) $p->length, 'width' => (float) $p->width,
            'taken' => $p->taken_by === $project->id, 'own' => $p->from_project === $project->id,
        ], $pieces)]);
    }

    public function store(Project $project, FillRack $fill): JsonResponse
    {
        Gate::authorize('update', $project);

        return new JsonResponse(['put' => $fill->from($project)]);
    }

    /** Takes it for this project, or gives it back. What another project took is gone meanwhile. */
    public function update(Project $project, RackPiece $piece): JsonResponse
    {
        Gate::authorize('update', $project);
        abort_unless($piece->household_id === $project->household_id, 404);
        $taken = request()->boolean('taken');
        $changed = RackPiece::query()->whereKey($piece->id)
            ->where(fn (Builder $q) => $q->whereNull('taken_by')->orWhere('taken_by', $project->id))
            ->update(['taken_by' => $taken ? $project->id : null]);

        return $changed === 1 ? new JsonResponse(['taken' => $taken])
            : new JsonResponse(['message' => Language::say('R{0} was taken by another project meanwhile.', $piece->number)], 409);
    }

    public function destroy(Project $project, RackPiece $piece): JsonResponse
    {
        Gate::authorize('update', $project);
        abort_unless($piece->household_id === $project->household_id, 404);
        $piece->delete();

        return new JsonResponse(null, 204);
    }
}

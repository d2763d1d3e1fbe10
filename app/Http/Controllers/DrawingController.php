<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanProject;
use App\Models\Project;
use App\Print\DrawingSvg;
use App\Print\PlanReader;
use App\Print\PlanShapes;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Incastro\Core\Measure\Unit;

/**
 * Drawings of a project as pictures: whole with their figures, or small to be known by.
 *
 * @phpstan-import-type Drawing from PlanShapes
 */
final class DrawingController
{
    /** One view of a space or a piece, with its figures in the reader's unit. */
    public function show(Request $request, Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);
        $request->validate(['of' => ['required', 'string', 'max:80'], 'view' => ['required', 'string', 'max:80'], 'unit' => [Rule::enum(Unit::class)]]);
        $planned = $plan->decoded($project);
        $drawing = PlanReader::drawings($planned)[$request->string('of')->value()][$request->string('view')->value()] ?? null;
        if ($drawing === null) {
            throw ValidationException::withMessages(['of' => Language::say('There is no such drawing: name a space or a piece of the project, and one of its views.')]);
        }
        $unit = Unit::tryFrom($request->string('unit')->value()) ?? Unit::from(is_string($planned['unit']) ? $planned['unit'] : 'mm');
        $name = Str::limit(Str::slug($project->name.' '.$request->string('view')->value()), 80, '').' - in mm.svg';

        return new Response(DrawingSvg::of($drawing, $project->name, Catalogue::own($unit)), 200, ['Content-Type' => 'image/svg+xml', 'Content-Disposition' => "attachment; filename=\"$name\"", 'Cache-Control' => 'no-store']);
    }

    /** The first piece from the front; the first space where there is no piece yet. */
    public function small(Request $request, Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);
        $response = (new Response('', 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, no-cache']))->setEtag(substr($plan->hash($project), 0, 32).'-small');
        if ($response->isNotModified($request)) {
            return $response;
        }

        return $response->setContent(DrawingSvg::small(self::front($plan->decoded($project)), $project->name));
    }

    /**
     * @param  array<string, mixed>  $plan
     * @return Drawing
     */
    private static function front(array $plan): array
    {
        $drawings = PlanReader::drawings($plan);
        foreach ([...array_keys(PlanReader::pieces($plan)), ...array_keys(PlanReader::sites($plan))] as $id) {
            if (isset($drawings[$id]['front'])) {
                return $drawings[$id]['front'];
            }
        }

        return ['view' => 'front', 'bounds' => [0, 0, 100, 100], 'items' => []];
    }
}

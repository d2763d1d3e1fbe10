<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanProject;
use App\Http\Requests\PlaceRequest;
use App\Models\Project;
use App\Print\PlanReader;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Incastro\Core\Cut\Nest\PlaceRefused;
use Incastro\Core\Document\Model\LaidPart;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Queries\LayoutSearch;

/** The layout that comes of putting a part somewhere by hand. Nothing is kept: taking it is an ordinary change. */
final class PlaceController
{
    public function __invoke(PlaceRequest $request, Project $project, PlanProject $plan): JsonResponse
    {
        Gate::authorize('update', $project);
        try {
            return new JsonResponse(['layout' => LayoutSearch::byHand($project->decoded(), $request->string('material')->toString(), $request->place())]);
        } catch (PlaceRefused $refused) {
            $labels = array_column(PlanReader::parts($plan->decoded($project)), 'label', 'id');
            $part = LaidPart::read($refused->part)->part;

            return new JsonResponse(['message' => Catalogue::own(Unit::Millimetre)->render($refused->says($labels[$part] ?? Language::say('The part')))], 422);
        }
    }
}

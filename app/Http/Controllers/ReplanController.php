<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReplanRequest;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Incastro\Core\Queries\ReworkProposal;

/** A change worked through with what is cut already. Nothing is kept: taking it is an ordinary change. */
final class ReplanController
{
    public function __invoke(ReplanRequest $request, Project $project): JsonResponse
    {
        return new JsonResponse(ReworkProposal::propose($project->decoded(), $request->instead()));
    }
}

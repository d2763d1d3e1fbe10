<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeProject;
use App\Actions\PlanProject;
use App\Http\Requests\ChangeRequest;
use App\Models\Project;
use App\Models\User;
use Illuminate\Http\Response;

/** A change in, the new revision with its document and plan out. */
final class ChangeController
{
    public function store(ChangeRequest $request, Project $project, ChangeProject $change, PlanProject $plan): Response
    {
        /** @var User $user */
        $user = $request->user();
        $revision = $change->apply($project, $request->change(), $user);
        $project->refresh();
        // Document and plan are JSON text already: they are joined, not decoded and encoded again.
        $body = sprintf('{"revision":%d,"inverse":%s,"document":%s,"plan":%s}',
            $project->revision, $revision->inverse, $project->document, $plan->json($project));

        return new Response($body, 200, ['Content-Type' => 'application/json']);
    }
}

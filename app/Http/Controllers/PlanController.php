<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanProject;
use App\Models\Project;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The plan, whole or by section; unchanged sections cost a 304. */
final class PlanController
{
    private const SECTIONS = ['site', 'pieces', 'parts', 'cut', 'findings', 'drawings', 'way_in', 'solids', 'templates', 'lumber', 'bench'];

    public function show(Request $request, Project $project, PlanProject $plan, string $section = 'all'): Response
    {
        Gate::authorize('view', $project);
        abort_unless($section === 'all' || in_array($section, self::SECTIONS, true), 404);
        $response = (new Response('', 200, ['Content-Type' => 'application/json']))
            ->setEtag(substr($plan->hash($project), 0, 32)."-$section");
        if ($response->isNotModified($request)) {
            return $response;
        }
        if ($section === 'all' && in_array('gzip', $request->getEncodings(), true)) {
            $response->headers->set('Content-Encoding', 'gzip');

            return $response->setVary('Accept-Encoding')->setContent($plan->packed($project));
        }
        $body = $section === 'all' ? $plan->json($project)
            : json_encode($plan->decoded($project)[$section], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);

        return $response->setContent($body);
    }
}

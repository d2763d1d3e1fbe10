<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeProject;
use App\Actions\Gzip;
use App\Actions\PlanProject;
use App\Http\Requests\ChangeRequest;
use App\Models\Project;
use App\Models\Revision;
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
        if (! $revision->wasRecentlyCreated) {
            return self::answer(self::head($project, $revision).$plan->json($project).'}');
        }
        [$json, $stretch] = $plan->anew($project);
        $head = self::head($project, $revision);
        if (! in_array('gzip', $request->getEncodings(), true)) {
            return self::answer("$head$json}");
        }

        return self::answer(Gzip::file([Gzip::stretch($head), $stretch, Gzip::stretch('}')], "$head$json}"), ['Content-Encoding' => 'gzip']);
    }

    /** Document and plan are JSON text already: they are joined, not decoded and encoded again. */
    private static function head(Project $project, Revision $revision): string
    {
        return sprintf('{"revision":%d,"inverse":%s,"document":%s,"plan":', $project->revision, $revision->inverse, $project->document);
    }

    /** @param  array<string, string>  $headers */
    private static function answer(string $body, array $headers = []): Response
    {
        return (new Response($body, 200, ['Content-Type' => 'application/json'] + $headers))->setVary('Accept-Encoding');
    }
}

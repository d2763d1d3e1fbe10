<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanProject;
use App\Models\Project;
use App\Print\Mirrored;
use App\Print\Paper;
use App\Print\PlanReader;
use App\Print\TemplateDxf;
use App\Print\TemplatePdf;
use App\Print\TemplateSvg;
use App\Words\Catalogue;
use App\Words\Language;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** One template at full size, as pages to print or as a file for a machine. */
final class TemplateController
{
    public function __invoke(Request $request, Project $project, string $form, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);
        $asked = $request->validate(['of' => ['required', 'string', 'max:80'], 'paper' => [Rule::enum(Paper::class)], 'behind' => ['boolean']]);
        $planned = $plan->decoded($project);
        $template = PlanReader::template($planned, $request->string('of')->toString());
        if ($template === null) {
            throw ValidationException::withMessages(['of' => Language::say('There is no template of that edge or part: choose a way that is scribed first.')]);
        }
        $template = $request->boolean('behind') ? Mirrored::of($template) : $template;
        $paper = isset($asked['paper']) ? Paper::from($request->string('paper')->toString()) : Paper::A4;
        [$type, $body] = match ($form) {
            'pdf' => ['application/pdf', TemplatePdf::of($template, $paper, $project->name, is_string($planned['unit']) ? $planned['unit'] : 'mm')],
            'svg' => ['image/svg+xml', TemplateSvg::of($template)],
            default => ['application/dxf', TemplateDxf::of($template)],
        };
        $name = Str::limit(Str::slug(Catalogue::own()->renderPlain($template['name'])), 80, '')." - full size in mm.$form";

        return new Response($body, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\"", 'Cache-Control' => 'no-store']);
    }
}

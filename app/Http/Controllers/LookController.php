<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PlanProject;
use App\Models\SharedLink;
use App\Print\CutListCsv;
use App\Print\DrawingSvg;
use App\Print\PlanPdf;
use App\Print\PlanReader;
use App\Print\ShoppingPdf;
use App\Words\Catalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Incastro\Core\Measure\Unit;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** What somebody with a link reads of one project: its pieces, parts, sheets and lists. No photos, notes, log or history. */
final class LookController
{
    public function show(string $token, PlanProject $plan): JsonResponse
    {
        $link = $this->link($token);
        $planned = $plan->decoded($link->project);
        if ($link->seen_at === null || $link->seen_at->lt(now()->subMinutes(5))) {
            $link->update(['seen_at' => now()]);
        }

        return new JsonResponse([
            'name' => $link->project->name,
            'household' => $link->project->household->name,
            'until' => $link->expires_at->toDateString(),
            'revision' => $link->project->revision,
            'unit' => $planned['unit'],
            'pieces' => array_map(fn (string $id, array $p): array => ['id' => $id, 'name' => $p['name'], 'width' => $p['width'], 'height' => $p['height'], 'depth' => $p['depth']], array_keys(PlanReader::pieces($planned)), PlanReader::pieces($planned)),
            'parts' => array_map(fn (array $p): array => array_intersect_key($p, ['id' => 1, 'label' => 1, 'name' => 1, 'material_name' => 1, 'thickness' => 1, 'finished' => 1, 'cut' => 1, 'banded' => 1]), PlanReader::parts($planned)),
            'sheets' => array_map(fn (array $m): array => ['material' => $m['material'], 'name' => $m['name'], 'count' => count($m['sheets'])], PlanReader::materials($planned)),
        ]);
    }

    public function picture(Request $request, string $token, PlanProject $plan): Response
    {
        $project = $this->link($token)->project;
        $request->validate(['piece' => ['string', 'max:80'], 'material' => ['string', 'max:80'], 'sheet' => ['integer', 'min:1', 'max:10000'], 'unit' => [Rule::enum(Unit::class)]]);
        $planned = $plan->decoded($project);
        $words = Catalogue::own(Unit::tryFrom($request->string('unit')->value()) ?? Unit::from(is_string($planned['unit']) ? $planned['unit'] : 'mm'));
        $drawing = PlanReader::drawings($planned)[$request->string('piece')->value()]['front'] ?? null;
        $sheets = array_column(PlanReader::materials($planned), 'sheets', 'material')[$request->string('material')->value()] ?? [];
        $sheet = $sheets[$request->integer('sheet', 1) - 1] ?? null;
        $body = match (true) {
            $drawing !== null => DrawingSvg::of($drawing, $project->name, $words),
            $sheet !== null => DrawingSvg::sheet($sheet, $project->name, $words),
            default => abort(404),
        };

        return new Response($body, 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, no-cache']);
    }

    public function file(string $token, string $file, PlanProject $plan): Response
    {
        $project = $this->link($token)->project;
        $planned = $plan->decoded($project);
        [$body, $type] = match ($file) {
            'plan.pdf' => [PlanPdf::of($project, $planned), 'application/pdf'],
            'shopping.pdf' => [ShoppingPdf::of($project->name, $planned), 'application/pdf'],
            default => [CutListCsv::of($planned), 'text/csv; charset=utf-8'],
        };

        return new Response($body, 200, ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.(Str::slug($project->name) ?: 'project')." - $file\"", 'Cache-Control' => 'no-store']);
    }

    private function link(string $token): SharedLink
    {
        return SharedLink::by($token) ?? throw new UnprocessableEntityHttpException(Catalogue::own()->say('refused.stale_link'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PackProject;
use App\Actions\PlanProject;
use App\Http\Requests\LabelsRequest;
use App\Models\Project;
use App\Print\BinLabelsPdf;
use App\Print\CalendarIcs;
use App\Print\CutListCsv;
use App\Print\HandoverJson;
use App\Print\HandoverPdf;
use App\Print\LabelsPdf;
use App\Print\PartsDxf;
use App\Print\PlanPdf;
use App\Print\ShoppingCsv;
use App\Print\ShoppingPdf;
use App\Print\SurveyPdf;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What a person carries out of the house: the printed plan, the cut list, the project itself. */
final class TakeAwayController
{
    public function csv(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(CutListCsv::of($plan->decoded($project)), 'text/csv; charset=utf-8', $project, 'cut list.csv');
    }

    public function dxf(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(PartsDxf::of($plan->decoded($project), $project->name), 'application/dxf', $project, 'parts in mm.dxf');
    }

    public function shopping(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(ShoppingPdf::of($project->name, $plan->decoded($project)), 'application/pdf', $project, 'shopping list.pdf');
    }

    public function calendar(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);
        $asOf = $project->decoded()['as_of'] ?? '';

        return $this->file(CalendarIcs::of($project->name, $project->id, is_string($asOf) ? $asOf : '', $plan->decoded($project)), 'text/calendar; charset=utf-8', $project, 'work.ics');
    }

    public function shoppingCsv(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(ShoppingCsv::of($plan->decoded($project)), 'text/csv; charset=utf-8', $project, 'shopping list.csv');
    }

    public function pdf(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(PlanPdf::of($project, $plan->decoded($project)), 'application/pdf', $project, 'plan.pdf');
    }

    public function booklet(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(PlanPdf::booklet($project, $plan->decoded($project)), 'application/pdf', $project, 'booklet.pdf');
    }

    public function handover(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(HandoverPdf::of($project, $plan->decoded($project)), 'application/pdf', $project, 'record.pdf');
    }

    public function handoverJson(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(HandoverJson::of($project->name, $plan->decoded($project)), 'application/json', $project, 'record.json');
    }

    public function bins(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(BinLabelsPdf::of($project->name, $plan->decoded($project)), 'application/pdf', $project, 'bin labels.pdf');
    }

    public function measuringList(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(SurveyPdf::measuringList($project, $plan->decoded($project)), 'application/pdf', $project, 'measuring list.pdf');
    }

    public function surveySheet(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(SurveyPdf::surveySheet($project, $plan->decoded($project)), 'application/pdf', $project, 'survey.pdf');
    }

    public function labels(LabelsRequest $request, Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);

        return $this->file(LabelsPdf::of($project, $plan->decoded($project), $request->sheet(), $request->integer('from', 1), url("/projects/$project->id")), 'application/pdf', $project, 'labels.pdf');
    }

    public function json(Project $project): Response
    {
        Gate::authorize('view', $project);
        $pretty = json_encode(json_decode($project->document, false, 512, JSON_THROW_ON_ERROR),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return $this->file($pretty."\n", 'application/json', $project, 'project.json');
    }

    /** The project whole, with its photos. */
    public function zip(Project $project, PackProject $pack): BinaryFileResponse
    {
        Gate::authorize('view', $project);
        $name = Str::ascii(Str::replace(['"', '/', '\\'], '', $project->name)).' - project.zip';
        $response = new BinaryFileResponse($pack->of($project), 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => "attachment; filename=\"$name\"", 'Cache-Control' => 'no-store']);

        return $response->deleteFileAfterSend();
    }

    private function file(string $body, string $type, Project $project, string $what): Response
    {
        $name = Str::ascii(Str::replace(['"', '/', '\\'], '', $project->name)).' - '.$what;

        return new Response($body, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => 'attachment; filename="'.$name.'"',
            'Cache-Control' => 'no-store',
        ]);
    }
}

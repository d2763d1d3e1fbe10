<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportProject;
use App\Actions\PlanProject;
use App\Actions\UnpackProject;
use App\Http\Requests\ImportRequest;
use App\Http\Requests\NewProjectRequest;
use App\Http\Resources\ProjectResource;
use App\Models\Household;
use App\Models\Project;
use App\Models\User;
use App\Words\Language;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Queries\MirroredProject;

final class ProjectController
{
    public function index(Request $request): AnonymousResourceCollection
    {
        /** @var User $user */
        $user = $request->user();

        $request->validate(['search' => ['sometimes', 'nullable', 'string', 'max:80'], 'which' => ['sometimes', 'in:open,archived,deleted']]);
        $all = Project::query()->of($user)->with('household')->orderBy('name');
        match ($request->string('which', 'open')->value()) {
            'archived' => $all->whereNotNull('archived_at'),
            'deleted' => $all->onlyTrashed(),
            default => $all->whereNull('archived_at'),
        };
        $search = $request->string('search')->trim()->value();

        return ProjectResource::collection($search === '' ? $all->get() : $all->where('name', 'ilike', '%'.addcslashes($search, '%_\\').'%')->get());
    }

    /** A project file, bare or packed with its photos, comes in as a new project of the household asked for, or the first that the person may add to. */
    public function store(ImportRequest $request, ImportProject $import, UnpackProject $unpack): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $household = $this->household($request, $user);

        return $request->onDisk(fn (string $path, bool $isPacked): JsonResponse => (new ProjectResource($isPacked ? $unpack->from($path, $household, $user)
            : $import->fromFile(CanonicalJson::decode((string) file_get_contents($path)), $household, $user)))->response()->setStatusCode(201));
    }

    /** A project of their own that begins with an unmeasured niche. */
    public function begin(NewProjectRequest $request, ImportProject $import): JsonResponse
    {
        return $this->made($request, $request->document(), $import);
    }

    /** The same pieces mirrored, as a project of their own that wants its own readings. */
    public function otherSide(Request $request, Project $project, ImportProject $import): JsonResponse
    {
        Gate::authorize('view', $project);

        return $this->made($request, MirroredProject::of($project->decoded(), Language::say('{0}, the other side', Str::limit($project->name, 100, ''))), $import);
    }

    /** @param  array<array-key, mixed>  $document */
    private function made(Request $request, array $document, ImportProject $import): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return (new ProjectResource($import->from($document, $this->household($request, $user), $user)))->response()->setStatusCode(201);
    }

    private function household(Request $request, User $user): Household
    {
        $own = $user->makingIn()->orderBy('households.id');
        $asked = $request->query('household') ?? ($request instanceof NewProjectRequest ? $request->input('household') : null);

        return (is_string($asked) ? $own->whereKey(strtolower($asked)) : $own)->first() ?? throw new AuthorizationException;
    }

    public function show(Project $project, PlanProject $plan): Response
    {
        Gate::authorize('view', $project);
        $about = json_encode(new ProjectResource($project->load('household')), JSON_THROW_ON_ERROR);

        return new Response(sprintf('{"project":%s,"revision":%d,"document":%s,"plan":%s}',
            $about, $project->revision, $project->document, $plan->json($project)), 200, ['Content-Type' => 'application/json']);
    }
}

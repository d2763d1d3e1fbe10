<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepPhoto;
use App\Models\Photo;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\User;
use App\Words\Catalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** Pictures of a project, by ids made where they were taken. */
final class PhotoController
{
    public function update(Request $request, Project $project, string $photo, KeepPhoto $keep): JsonResponse
    {
        Gate::authorize('update', $project);
        /** @var User $user */
        $user = $request->user();
        $kept = $keep->keep($project, $user, $photo, (string) $request->getContent());
        if ($kept === null) {
            return new JsonResponse(['message' => Catalogue::own()->say('refused.no_picture')], 422);
        }

        return new JsonResponse(['id' => $kept->id, 'width' => $kept->width, 'height' => $kept->height]);
    }

    public function show(Request $request, Project $project, string $photo): Response
    {
        Gate::authorize('view', $project);
        $bytes = Photo::query()->where(['project_id' => $project->id, 'id' => $photo])->exists() ? PhotoFiles::read($project->id, $photo, $request->boolean('thumb')) : null;
        abort_if($bytes === null, 404);

        return (new Response($bytes, 200, ['Content-Type' => 'image/jpeg']))->setPrivate()->setMaxAge(31_536_000);
    }
}

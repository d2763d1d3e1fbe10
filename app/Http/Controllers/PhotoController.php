<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepPhoto;
use App\Models\Photo;
use App\Models\Project;
use App\Models\User;
use App\Words\Catalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

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
            return new JsonResponse(['message' => Catalogue::english()->say('refused.no_picture')], 422);
        }

        return new JsonResponse(['id' => $kept->id, 'width' => $kept->width, 'height' => $kept->height]);
    }

    public function show(Request $request, Project $project, string $photo): BinaryFileResponse
    {
        Gate::authorize('view', $project);
        $path = Photo::path($project->id, $photo, $request->boolean('thumb'));
        $isKept = Photo::query()->where(['project_id' => $project->id, 'id' => $photo])->exists();
        abort_unless($isKept && is_file($path), 404);

        return (new BinaryFileResponse($path, 200, ['Content-Type' => 'image/jpeg']))->setPrivate()->setMaxAge(31_536_000);
    }
}

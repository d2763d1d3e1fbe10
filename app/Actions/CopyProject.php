<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Photo;
use App\Models\PhotoFiles;
use App\Models\Project;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Incastro\Core\Document\Reading\CanonicalJson;

/** A project once more in the same household, with its photos under ids of their own; its history stays with the first. */
final readonly class CopyProject
{
    public function __construct(private ImportProject $import)
    {
    }

    public function of(Project $project, User $user): Project
    {
        $document = CanonicalJson::decode($project->document);
        $document['name'] = Str::limit($project->name, 110, '').', copy';
        [$document, $photos] = PhotoIds::renewed($document);

        return DB::transaction(function () use ($project, $user, $document, $photos): Project {
            $copy = $this->import->from($document, $project->household, $user);
            /** @var list<Photo> $own */
            $own = Photo::query()->where('project_id', $project->id)->whereIn('id', array_keys($photos))->get()->all();
            foreach ($own as $photo) {
                $this->photo($photo, $copy, $user, $photos[$photo->id]);
            }

            return $copy;
        });
    }

    private function photo(Photo $photo, Project $copy, User $user, string $id): void
    {
        PhotoFiles::copy($photo->project_id, $photo->id, $copy->id, $id);
        Photo::query()->create(['id' => $id, 'project_id' => $copy->id, 'user_id' => $user->id, 'width' => $photo->width, 'height' => $photo->height]);
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Project;
use App\Models\Revision;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Incastro\Core\Document\Change\Change;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Fields\UnknownKeys;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Document\Reading\Problem;
use Incastro\Core\Measure\Text;
use Incastro\Core\Queries\History\ChangeDescriber;

/** Applies a change to a project as one new revision, or refuses it whole. */
final class ChangeProject
{
    /**
     * The revision that the change became; the same change sent twice is applied once.
     *
     * @throws StaleChange when newer revisions touch the same fields, or it was made on a revision that is not there
     * @throws DocumentRejected when the changed document would be wrong, or another change was sent under the same id
     */
    public function apply(Project $project, Change $change, User $user): Revision
    {
        return DB::transaction(function () use ($project, $change, $user): Revision {
            /** @var Project $locked */
            $locked = Project::query()->whereKey($project->id)->lockForUpdate()->first() ?? throw new \RuntimeException('The project is gone.');
            $before = $locked->revisions()->where('change_id', $change->id)->first();
            if ($before !== null) {
                $this->refuseOther($before, $change);
                $project->setRawAttributes($locked->getAttributes(), true);

                return $before;
            }
            $this->refuseStale($locked, $change, $user);
            $applied = Changes::apply($locked->decoded(), $change);
            UnknownKeys::refuseIn($change);
            $locked->fill([
                'document' => CanonicalJson::encode($applied->document),
                'name' => is_string($applied->document['name'] ?? null) ? $applied->document['name'] : $locked->name,
                'revision' => $locked->revision + 1,
            ])->save();
            $project->setRawAttributes($locked->getAttributes(), true);
            $project->readAs($applied->project);

            return $this->record($locked, $change, $applied->inverse, $user);
        });
    }

    /** A change keeps the name it was sent under: another under the same name would be dropped in silence. */
    private function refuseOther(Revision $before, Change $change): void
    {
        $known = json_decode($before->operations, true);
        if (CanonicalJson::ordered($known) !== CanonicalJson::ordered(json_decode((string) json_encode($change->operations), true))) {
            throw DocumentRejected::because(new Problem('', Text::of('change.other_under_its_name')));
        }
    }

    private function refuseStale(Project $project, Change $change, User $user): void
    {
        if ($change->baseRevision === $project->revision) {
            return;
        }
        // What a person did on top of an edit of their own that was still on its way is no conflict with that edit.
        $newer = $project->revisions()->where('number', '>', $change->baseRevision)->get()
            ->reject(fn (Revision $r): bool => $r->user_id === $user->id && in_array($r->change_id, $change->after, true));
        // Made on a revision that is not there (any more: the server was put back since), everything it touches may have been something else.
        $paths = $change->baseRevision > $project->revision ? $change->touched()
            : $change->collidesWith(array_merge(...$newer->map(fn (Revision $r): array => $r->touched)->all()));
        if ($paths === []) {
            return;
        }
        $document = $project->decoded();
        $theirs = [];
        foreach ($paths as $path) {
            $theirs[$path] = data_get($document, explode('/', ltrim($path, '/')));
        }
        throw new StaleChange($paths, $theirs, $change->operations, $project->revision, self::told($change, $paths, $document));
    }

    /**
     * @param  list<string>  $paths  what both changed
     * @param  array<array-key, mixed>  $document
     * @return list<array{what: Text, mine: Text|null, theirs: Text|null, both: bool}>
     */
    private static function told(Change $change, array $paths, array $document): array
    {
        $rows = ChangeDescriber::operations($change->operations, $document, Changes::laid($document, $change->operations));

        return array_map(fn (array $op, array $row): array => ['what' => $row['what'], 'mine' => $row['after'], 'theirs' => $row['before'],
            'both' => $op['path'][0] !== 'facts' && in_array('/'.implode('/', $op['path']), $paths, true)], $change->operations, $rows);
    }

    /** @param  list<array{op: string, path: list<string>, value: mixed}>  $inverse */
    private function record(Project $project, Change $change, array $inverse, User $user): Revision
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE;

        return $project->revisions()->create([
            'number' => $project->revision,
            'change_id' => $change->id,
            'user_id' => $user->id,
            'operations' => json_encode($change->operations, $flags),
            'inverse' => json_encode($inverse, $flags),
            'touched' => $change->touched(),
            'snapshot' => $project->revision % config()->integer('incastro.snapshot_every') === 0 ? $project->document : null,
        ]);
    }
}

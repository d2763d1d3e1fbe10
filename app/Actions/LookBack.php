<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Project;
use App\Models\Revision;
use Illuminate\Support\Carbon;
use Incastro\Core\Document\Change\Changes;
use Incastro\Core\Document\Reading\CanonicalJson;
use Incastro\Core\Document\Reading\Upgrade;
use Incastro\Core\Queries\History\ChangeDescriber;

/** Earlier states of a project, found from what takes each revision back. */
final class LookBack
{
    /** Revisions told of at once. */
    public const PAGE = 40;

    /**
     * The document as it was at a revision; facts written down since are struck in it.
     *
     * @return array<array-key, mixed>
     */
    public function document(Project $project, int $number): array
    {
        abort_unless($number >= 1 && $number <= $project->revision, 404);
        $snapshot = $project->revisions()->where('number', '>=', $number)->whereNotNull('snapshot')->orderBy('number')->first();
        $document = $snapshot === null || $snapshot->snapshot === null ? $project->decoded() : Upgrade::toCurrent(CanonicalJson::decode($snapshot->snapshot));
        $since = $project->revisions()->where('number', '>', $number)->where('number', '<=', $snapshot->number ?? $project->revision)->orderByDesc('number')->get();
        /** @var Revision $revision */
        foreach ($since as $revision) {
            $document = self::before($document, $revision);
        }

        return $document;
    }

    /**
     * What takes a revision back may speak the language of its day: the result is brought to today's, whatever the document says of itself.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function before(array $document, Revision $revision): array
    {
        return Upgrade::toCurrent(['version' => 1] + Changes::laid($document, $revision->takenBack()));
    }

    /**
     * What somebody may read of the newest revisions up to one, newest first. The first of all is how the project began.
     *
     * @return list<array<string, mixed>>
     */
    public function page(Project $project, int $newest): array
    {
        $newest = min($newest, $project->revision);
        $revisions = $project->revisions()->with('user')->where('number', '<=', $newest)->orderByDesc('number')->limit(self::PAGE)->get();
        $after = $newest >= 1 ? $this->document($project, $newest) : [];
        $rows = [];
        /** @var Revision $revision */
        foreach ($revisions as $revision) {
            $before = self::before($after, $revision);
            $rows[] = ['change_id' => $revision->change_id] + $this->row($revision->number, $revision->user?->name, $revision->created_at, $revision->name, ChangeDescriber::between($before, $after));
            $after = $before;
        }
        if ($newest >= 1 && count($revisions) < self::PAGE) {
            $rows[] = $this->row(1, $project->owner?->name, $project->created_at, null, []);
        }

        return $rows;
    }

    /**
     * @param  list<array<string, mixed>>  $told
     * @return array<string, mixed>
     */
    private function row(int $number, ?string $by, Carbon $at, ?string $name, array $told): array
    {
        return ['number' => $number, 'by' => $by, 'made_at' => $at->toIso8601String(), 'name' => $name, 'rows' => array_slice($told, 0, 12), 'more' => max(0, count($told) - 12)];
    }
}

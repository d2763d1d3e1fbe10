<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\RoomOnDisk;
use App\Models\Project;
use Illuminate\Support\Facades\DB;
use Incastro\Core\Plan;
use Incastro\Core\Planner;

/** Gives a project's plan, from the cache where the same document was planned by the same core before. */
final class PlanProject
{
    /** How a kept plan begins; those of older versions are bare and made anew. */
    private const PACKED = 'gzip:';

    /** The plan made last. It is left to the end of the request, which drops all at once: taking it apart takes a sixtieth of the time of making it. */
    private static ?Plan $last = null;

    public function __construct(private readonly StageFiles $stages)
    {
    }

    /** A document's own address is in no plan: copies have one plan until they differ. */
    public function hash(Project $project): string
    {
        return hash('sha256', config()->string('incastro.core_hash')."\n".str_replace('"id":"'.strtoupper($project->id).'"', '', $project->document));
    }

    /** The plan as JSON text. */
    public function json(Project $project): string
    {
        $kept = $this->kept($project);
        $json = $kept === null ? null : gzdecode($kept);

        if (! is_string($json)) {
            $json = $this->planned($project);
            $this->keep($project, $json, Gzip::stretch($json));
        }

        return $json;
    }

    /** The plan as it is kept, compressed by gzip: who can read that is given it as it lies there. */
    public function packed(Project $project): string
    {
        $kept = $this->kept($project);
        if ($kept === null) {
            $json = $this->planned($project);
            $kept = $this->keep($project, $json, Gzip::stretch($json));
        }

        return $kept;
    }

    /**
     * The plan of a document that was just changed, so that none can be kept. It is kept once the answer is out.
     *
     * @return array{string, string} as JSON text, and that as a stretch of a gzip file
     */
    public function anew(Project $project): array
    {
        $json = $this->planned($project);
        $stretch = Gzip::stretch($json);
        defer(fn () => $this->keep($project, $json, $stretch));

        return [$json, $stretch];
    }

    private function kept(Project $project): ?string
    {
        $body = DB::table('plans')->where('hash', $this->hash($project))->value('body');
        $packed = is_string($body) && str_starts_with($body, self::PACKED) ? base64_decode(substr($body, strlen(self::PACKED)), true) : false;

        return is_string($packed) ? $packed : null;
    }

    /**
     * Older plans of the project are dropped when a new one is kept, in one statement: this is done after every edit.
     *
     * @return string the plan as it is kept
     */
    private function keep(Project $project, string $json, string $stretch): string
    {
        $packed = Gzip::file([$stretch], $json);
        if (! RoomOnDisk::isLeft()) {
            return $packed;
        }
        $body = self::PACKED.base64_encode($packed);
        $hash = $this->hash($project);
        DB::statement('WITH older AS (DELETE FROM plans WHERE project_id = ? AND hash <> ?) INSERT INTO plans (hash, project_id, body) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
            [$project->id, $hash, $hash, $project->id, $body]);

        return $packed;
    }

    /** What a plan makes stands until it is written down: looking for cycles in it meanwhile takes a fifth of the time and finds none. */
    private function planned(Project $project): string
    {
        gc_disable();
        try {
            return Turn::take(function () use ($project): string {
                self::$last = Planner::plan($project->decoded(), $this->stages, $project->read());

                return self::$last->toJson();
            });
        } finally {
            defer($this->stages->write(...));
            gc_enable();
        }
    }

    /** @return array<string, mixed> */
    public function decoded(Project $project): array
    {
        /** @var array<string, mixed> */
        return json_decode($this->json($project), true, 512, JSON_THROW_ON_ERROR);
    }
}

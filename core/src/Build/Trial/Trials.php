<?php

declare(strict_types=1);

namespace Incastro\Core\Build\Trial;

use Incastro\Core\Build\Steps\WorkPlan;
use Incastro\Core\Document\Facts\Checked;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Text;

/** Every check of the pieces, with what was read. */
final readonly class Trials implements \JsonSerializable
{
    /** @var list<Trial> */
    public array $all;

    /** @param  list<PlacedPiece>  $pieces */
    public function __construct(Project $project, array $pieces, WorkPlan $plan)
    {
        $read = [];
        foreach ($project->log->all(Checked::class) as $fact) {
            $read[$fact->trial] = [...($read[$fact->trial] ?? []), ...$fact->points];
        }
        $trials = array_merge(...array_map(fn (PlacedPiece $p): array => (new PieceTrials($p, $plan))->all(), $pieces), ...[[]]);
        $this->all = array_map(fn (Trial $t): Trial => $t->with($read[$t->id] ?? []), $trials);
    }

    /** @return list<Finding> what is off its limit, and what cures it */
    public function findings(): array
    {
        $findings = [];
        foreach ($this->all as $trial) {
            $cures = Cures::of($trial);
            if ($cures !== []) {
                $findings[] = new Finding('log.trial_off', Severity::Look, new Place(WorkStage::Log, $trial->id),
                    Text::of('log.trial_off', what: $trial->name), $cures[0], Text::of('source.log'));
            }
        }

        return $findings;
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return array_map(fn (Trial $t): array => [
            'id' => $t->id, 'kind' => $t->kind->value, 'piece' => $t->piece, 'name' => $t->name, 'limit' => $t->kind->limit(), 'steps' => $t->steps,
            'points' => $t->points, 'off' => array_map(fn (TrialPoint $p): string => $p->key, $t->off()), 'cures' => Cures::of($t),
            'read' => count($t->read()),
        ], $this->all);
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Model\Acceptance;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Decision;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;

/**
 * What the person accepts stays listed with its reason; what somebody else had to decide, with what they said. What cannot be made as it is
 * cannot be accepted.
 */
final readonly class Accepted
{
    /** @var array<string, string> reasons by code and thing */
    private array $reasons;

    /** @var array<string, Decision> by code and thing */
    private array $decisions;

    public function __construct(Project $project)
    {
        $this->reasons = array_column(array_map(fn (Acceptance $a): array => ["$a->code $a->ref", $a->reason], array_values($project->accepted)), 1, 0);
        $this->decisions = array_column(array_map(fn (Decision $d): array => ["$d->code $d->ref", $d], array_values($project->decisions)), 1, 0);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public function marked(array $findings): array
    {
        return array_map($this->mark(...), $findings);
    }

    private function mark(Finding $f): Finding
    {
        $key = "$f->code {$f->place->ref}";
        $reason = $f->severity === Severity::Stop ? null : $this->reasons[$key] ?? null;
        $f = $f->decides !== null && isset($this->decisions[$key]) ? $f->decided($this->decisions[$key]) : $f;

        return $reason === null ? $f : $f->accepted($reason);
    }
}

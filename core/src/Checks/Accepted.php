<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;

/** What the person accepts stays listed with its reason; what somebody else had to decide, with what they said. What cannot be made as it is cannot be accepted. */
final class Accepted
{
    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public static function marked(array $findings, Project $project): array
    {
        $reasons = $decisions = [];
        foreach ($project->accepted as $each) {
            $reasons["$each->code $each->ref"] = $each->reason;
        }
        foreach ($project->decisions as $each) {
            $decisions["$each->code $each->ref"] = $each;
        }

        return array_map(function (Finding $f) use ($reasons, $decisions): Finding {
            $key = "$f->code {$f->place->ref}";
            $reason = $f->severity === Severity::Stop ? null : $reasons[$key] ?? null;
            $f = $f->decides !== null && isset($decisions[$key]) ? $f->decided($decisions[$key]) : $f;

            return $reason === null ? $f : $f->accepted($reason);
        }, $findings);
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Document\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;

/** What the person accepts stays listed with its reason. What cannot be made as it is cannot be accepted. */
final class Accepted
{
    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public static function marked(array $findings, Project $project): array
    {
        $reasons = [];
        foreach ($project->accepted as $each) {
            $reasons["$each->code $each->ref"] = $each->reason;
        }

        return array_map(function (Finding $f) use ($reasons): Finding {
            $reason = $f->severity === Severity::Stop ? null : $reasons["$f->code {$f->place->ref}"] ?? null;

            return $reason === null ? $f : $f->accepted($reason);
        }, $findings);
    }
}

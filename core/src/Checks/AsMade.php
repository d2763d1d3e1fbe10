<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Measure\Text;

/** A part that was measured and is off the planned size by more than the parts' own tolerance. */
final class AsMade
{
    /** @return list<Finding> */
    public function of(Cutting $cutting, Project $project): array
    {
        $measured = $project->log->measured();
        $findings = [];
        foreach ($cutting->parts as $part) {
            $made = $measured[$part->panel->id] ?? null;
            foreach ($made === null ? []
                : ['length' => [$made['length'], $part->panel->length->value],
                    'width' => [$made['width'], $part->panel->width->value]] as $axis => [$is, $planned]) {
                $off = $is?->minus($planned);
                if ($is !== null && $off !== null && $off->absolute()->isGreaterThan($project->workshop->partTolerance)) {
                    $code = $off->isNegative() ? 'log.made_short' : 'log.made_long';
                    $args = ['part' => $part->panel->name, 'axis' => Text::of("log.axis_$axis"), 'is' => $is, 'planned' => $planned, 'by' => $off->absolute()];
                    $findings[] = new Finding($code, Severity::Look, new Place(WorkStage::Log, $part->panel->id),
                        Text::of($code, ...$args), Text::of("$code.remedy", ...$args), Text::of('source.log'), $is, $planned);
                }
            }
        }

        return $findings;
    }
}

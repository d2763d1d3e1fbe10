<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Document\Model\Layout;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Measure\Text;

/** A part that was locked somewhere on a sheet and no longer fits there, as it or another has changed: it lies elsewhere now, and that is said. */
final class LocksHold
{
    /** @return list<Finding> */
    public function of(Cutting $cutting, Project $project): array
    {
        $names = [];
        foreach ($cutting->parts as $part) {
            $names[$part->panel->id] = $part->panel->name;
        }
        $findings = [];
        foreach ($cutting->own as $material => $nested) {
            $held = array_merge(...array_map(fn (LaidSheet $s): array => $s->locked, $nested->sheets));
            foreach (array_diff(self::wanted($project->layouts[$material] ?? null), $held,
                array_map(strval(...), array_keys($cutting->started->parts))) as $lost) {
                $part = $cutting->laid->part($lost);
                if (isset($names[$part])) {
                    $findings[] = new Finding('cut.lock_lost', Severity::Look, new Place(WorkStage::Cut, $part),
                        Text::of('cut.lock_lost', part: $names[$part], sheet: $project->stock[$material]->name),
                        Text::of('cut.lock_lost.remedy'), Text::of('source.geometry'));
                }
            }
        }

        return $findings;
    }

    /** @return list<string> the locked parts of a layout as it was accepted */
    private static function wanted(?Layout $layout): array
    {
        $parts = array_merge(...array_map(fn (array $s): array => $s['parts'], $layout === null ? [] : $layout->sheets));

        return array_map(fn (array $p): string => $p['part']->id, array_values(array_filter($parts, fn (array $p): bool => $p['locked'])));
    }
}

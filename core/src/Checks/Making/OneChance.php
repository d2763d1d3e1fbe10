<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Making;

use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Document\Model\SheetSize;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;

/**
 * A board of which there is no second: its material is limited, all of it is laid out, and nothing left over is as large. Such a part is
 * dry-run first and cut last. One finding a material, for its largest part. From practice.
 */
final class OneChance
{
    /** @return list<Finding> */
    public function of(Cutting $cutting, Project $project): array
    {
        $names = [];
        foreach ($cutting->parts as $part) {
            $names[$part->panel->id] = $part->panel->name;
        }
        $findings = [];
        foreach ($cutting->nested as $material => $nested) {
            $stock = $project->stock[$material];
            $placed = array_merge(...array_map(fn (LaidSheet $s): array => $s->placements, $nested->sheets), ...[[]]);
            usort($placed, fn (Placement $a, Placement $b): int => [$b->area(), $a->item] <=> [$a->area(), $b->item]);
            if ($placed === [] || $stock->limit === null || count($nested->sheets) < $stock->limit + self::further($stock)
                || self::hasSpare($nested, $placed[0])) {
                continue;
            }
            $part = $cutting->laid->part($placed[0]->item);
            $findings = ! isset($names[$part]) ? $findings
                : [...$findings, FindingFactory::look('cut.one_chance', new Place(WorkStage::Cut, $part),
                    'practice', ['part' => $names[$part], 'sheet' => $stock->name])];
        }

        return $findings;
    }

    private static function further(Material $stock): int
    {
        return array_sum(array_map(fn (SheetSize $s): int => $s->limit ?? 1_000, $stock->sizes));
    }

    private static function hasSpare(Nested $nested, Placement $part): bool
    {
        foreach ($nested->sheets as $sheet) {
            foreach (Sawing::of($sheet, $nested->stock->kerf, $nested->stock->saws)->offcuts as $offcut) {
                // Laid as it lies, as its grain runs.
                if ($part->length <= $offcut->length && $part->width <= $offcut->width) {
                    return true;
                }
            }
        }

        return false;
    }
}

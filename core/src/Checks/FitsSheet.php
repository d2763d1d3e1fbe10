<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Document\Project;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A part larger than any sheet of its material, less trim, cannot be cut. */
final class FitsSheet
{
    /** @return list<Finding> */
    public function of(Cutting $cutting, Project $project): array
    {
        $names = [];
        foreach ($cutting->parts as $part) {
            $names[$part->panel->id] = $part->panel->name;
        }
        $findings = [];
        foreach ($cutting->nested as $materialId => $nested) {
            $usable = $nested->stock->largest()->usable();
            foreach ($nested->unplaced as $item) {
                $findings[] = new Finding('cut.larger_than_sheet', Severity::Stop, new Place('cut', $item->id),
                    Text::of('cut.larger_than_sheet', part: $names[$item->id],
                        length: Length::ofUnits($item->length), width: Length::ofUnits($item->width),
                        sheet: $project->stock[$materialId]->name,
                        most: Length::ofUnits($usable->length), across: Length::ofUnits($usable->width)),
                    Text::of('cut.larger_sheet'), Text::of('source.geometry'),
                    Length::ofUnits($item->length), Length::ofUnits($usable->length));
            }
        }

        return $findings;
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Lumber;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Document\Model\Project;
use Incastro\Core\Measure\Length;

/** What is bought by length, by section: its sticks and what is cut from each. */
final readonly class LumberSection implements \JsonSerializable
{
    public function __construct(private Project $project, private Cutting $cutting)
    {
    }

    /** @return list<array<string, mixed>> */
    public function jsonSerialize(): array
    {
        return array_map(function (Sticks $sticks): array {
            $nested = $sticks->nested;

            return [
                'name' => $sticks->parts[0]->panel->name,
                'thickness' => $sticks->thickness,
                'width' => $sticks->width,
                'kerf' => Length::ofUnits($nested->stock->kerf),
                'end_trim' => $this->project->workshop->endTrim,
                'cost_cents' => $nested->cents(),
                'buy' => $nested->toBuy(),
                'status' => $nested->isProvedOptimal() ? 'optimal' : 'feasible',
                'lower_bound' => $nested->fewestSheets(),
                'sticks' => array_map($this->stick(...), $nested->sheets),
                'unplaced' => array_map(fn (Item $i): string => $i->id, $nested->unplaced),
            ];
        }, $this->cutting->lumber);
    }

    /**
     * With how far the stick may be out of straight: what 1.5 mm in a metre is for its longest part, on an arc.
     *
     * @return array<string, mixed>
     */
    private function stick(LaidSheet $sheet): array
    {
        $longest = max(0, ...array_map(fn (Placement $p): int => $p->length, $sheet->placements));
        $last = max(0, ...array_map(fn (Placement $p): int => $p->right(), $sheet->placements));
        $usable = $sheet->kind->usable();

        return [
            'name' => $sheet->kind->name,
            'in_hand' => $sheet->kind->inHand,
            'length' => Length::ofUnits($sheet->kind->length),
            'from' => Length::ofUnits($usable->x),
            'pieces' => array_map(fn (Placement $p): array => [
                'part' => $p->item, 'label' => $this->cutting->labels[$p->item] ?? $p->item,
                'at' => Length::ofUnits($p->x), 'length' => Length::ofUnits($p->length),
            ], $sheet->placements),
            'left' => Length::ofUnits(max(0, $usable->x + $usable->length - $last)),
            'most_bow' => Length::nearestTenth(0.0015 * $sheet->kind->length ** 2 / $longest / Length::PER_MM),
        ];
    }
}

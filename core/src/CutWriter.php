<?php

declare(strict_types=1);

namespace Incastro\Core;

use Incastro\Core\Cut\Cutting;
use Incastro\Core\Cut\LaidSheet;
use Incastro\Core\Cut\Nested;
use Incastro\Core\Cut\NestWriter;
use Incastro\Core\Document\Project;
use Incastro\Core\Measure\Length;

/** The sheet plan of each material, with its part labels and what it costs. */
final readonly class CutWriter
{
    /** @param  array<string, string>  $labels by part id */
    public function __construct(private Project $project, private Cutting $cutting, private array $labels)
    {
    }

    /** @return list<array<string, mixed>> */
    public function materials(): array
    {
        $materials = [];
        foreach ($this->cutting->nested as $id => $nested) {
            $materials[] = $this->material($id, $nested);
        }

        return $materials;
    }

    /** @return array<string, mixed> */
    private function material(string $id, Nested $nested): array
    {
        $material = $this->project->stock[$id];
        $sheets = count($nested->sheets);

        return [
            'material' => $id,
            'name' => $material->name,
            'thickness' => $material->thickness,
            'length' => $material->sheetLength,
            'width' => $material->sheetWidth,
            'kerf' => $this->project->workshop->kerf,
            'trim' => $this->project->workshop->trim,
            'price_cents' => $material->priceCents,
            'cost_cents' => array_sum(array_map(fn (LaidSheet $s): int => $s->kind->priceCents, $nested->sheets)),
            'status' => $nested->isProvedOptimal() ? 'optimal' : 'feasible',
            'lower_bound' => $nested->fewestSheets(),
            'accepted' => in_array($id, $this->cutting->accepted, true),
            'used_percent' => $sheets === 0 ? 0 : (int) round(100 * $this->usedShare($nested)),
            'sheets' => array_map(fn (LaidSheet $sheet): array => NestWriter::sheet($sheet, $nested->stock->kerf, $this->labels), $nested->sheets),
            'unplaced' => array_map(fn ($item): array => [
                'part' => $item->id,
                'length' => Length::ofUnits($item->length),
                'width' => Length::ofUnits($item->width),
            ], $nested->unplaced),
        ];
    }

    private function usedShare(Nested $nested): float
    {
        $whole = array_sum(array_map(fn (LaidSheet $s): int => $s->kind->length * $s->kind->width, $nested->sheets));

        return $nested->usedArea() / $whole;
    }
}

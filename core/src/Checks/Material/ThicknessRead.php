<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Material;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * Boards sold as 18 mm measure 17.1 to 18.5 (fieldbook §9): a reading further off is questioned. One let into another whose thickness
 * nobody has read is told. One finding a material.
 */
final class ThicknessRead implements Check
{
    private const LESS_MM = 0.9;

    private const MORE_MM = 0.5;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        $panels = $built->panels;
        foreach (array_unique(array_map(fn (Panel $p): string => $p->material, $panels)) as $id) {
            $stock = $built->project->stock[$id] ?? null;
            $off = $stock?->nominal === null ? null : $stock->thickness->minus($stock->nominal)->units / Length::PER_MM;
            if ($stock?->nominal !== null && ($off < -self::LESS_MM - 1e-6 || $off > self::MORE_MM + 1e-6)) {
                $findings[$id] = FindingFactory::look('material.thickness_off', new Place(WorkStage::Cut, $id), 'thickness',
                    ['stock' => $stock->name, 'nominal' => $stock->nominal, 'read' => $stock->thickness])->measuring($stock->thickness, $stock->nominal);
            }
        }
        foreach ($built->design->joints as $joint) {
            $first = $panels[$joint->first] ?? null;
            $stock = $built->project->stock[$first->material ?? ''] ?? null;
            if ($joint->kind === JointKind::Dado && $stock?->nominal !== null && $stock->nominal->equals($stock->thickness)) {
                $findings[$stock->id] ??= FindingFactory::note('material.not_measured', new Place(WorkStage::Cut, $stock->id),
                    'thickness', ['stock' => $stock->name, 'nominal' => $stock->nominal]);
            }
        }

        return array_values($findings);
    }
}

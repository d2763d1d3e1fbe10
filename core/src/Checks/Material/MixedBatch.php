<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Material;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Panel;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * Sheets of one material that measure more than 0.3 mm apart show it where they meet, and do not fit one another's grooves (our own
 * figure). One finding a material.
 */
final class MixedBatch implements Check
{
    private const APART_MM = 0.3;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach (array_unique(array_map(fn (Panel $p): string => $p->material, $built->fit->panels)) as $id) {
            $stock = $built->project->stock[$id] ?? null;
            foreach ($stock === null ? [] : $stock->sizes as $size) {
                $apart = $stock === null || $size->thickness === null ? null : $size->thickness->minus($stock->thickness)->absolute();
                if ($stock !== null && $size->thickness !== null && $apart !== null && $apart->isGreaterThan(Length::fromMillimetres(self::APART_MM))) {
                    $findings[$id] ??= FindingFactory::look('material.mixed_batch', new Place(WorkStage::Cut, $id), 'thickness',
                        ['stock' => $stock->name, 'size' => $size->name, 'one' => $stock->thickness, 'other' => $size->thickness])
                        ->measuring($apart, Length::fromMillimetres(self::APART_MM));
                }
            }
        }

        return array_values($findings);
    }
}

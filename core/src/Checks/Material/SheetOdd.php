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

/** A sheet no shop sells, over 3700 long or 1850 wide (the largest usual ones are 3660 × 1830): a digit too many, or two numbers changed over. */
final class SheetOdd implements Check
{
    private const LONGEST_MM = 3_700;

    private const WIDEST_MM = 1_850;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach (array_unique(array_map(fn (Panel $p): string => $p->material, $built->fit->panels)) as $id) {
            $stock = $built->project->stock[$id] ?? null;
            if ($stock !== null && ($stock->sheetLength->isGreaterThan(Length::fromMillimetres(self::LONGEST_MM))
                || $stock->sheetWidth->isGreaterThan(Length::fromMillimetres(self::WIDEST_MM)))) {
                $findings[] = FindingFactory::look('material.sheet_odd', new Place(WorkStage::Cut, $id), 'practice',
                    ['stock' => $stock->name, 'length' => $stock->sheetLength, 'width' => $stock->sheetWidth]);
            }
        }

        return $findings;
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Material;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\JointLine;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Measure\Length;

/**
 * The edge of fibreboard and particleboard splits at a screw nearer than 25 mm to a corner (fieldbook §6), and is always piloted. One
 * finding a piece, for the worst.
 */
final class EdgeScrews implements Check
{
    private const LEAST_MM = 25;

    public function of(PlacedPiece $built): array
    {
        $panels = $built->panels;
        $least = null;
        foreach ($built->design->joints as $joint) {
            [$end, $face] = [$panels[$joint->first] ?? null, $panels[$joint->second] ?? null];
            $isScrewed = in_array($joint->kind, [JointKind::Screws, JointKind::PocketScrews], true);
            $line = $isScrewed && $end !== null && $face !== null && $built->madeOf($end)->isPressed()
                && $end->inHouse($end->thin) !== $joint->axis ? JointLine::of($joint->axis, $end, $face) : null;
            if ($line === null) {
                continue;
            }
            $from = $line->spread()[0]->minus($line->from);
            $least = $least === null || $from->isLessThan($least[1]) ? [$end, $from] : $least;
        }
        $limit = Length::fromMillimetres(self::LEAST_MM);

        return $least === null || ! $least[1]->isLessThan($limit) ? []
            : [FindingFactory::look('material.edge_screws', new Place(WorkStage::Cut, $least[0]->id), 'practice',
                ['part' => $least[0]->name, 'from' => $least[1], 'limit' => $limit])->measuring($least[1], $limit)];
    }
}

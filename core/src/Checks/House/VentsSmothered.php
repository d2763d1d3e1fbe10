<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\House;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Face;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;

/**
 * What is cut through before a vent lets through as much as the vent's own net free area (fieldbook §5: 0.6 of a metal grille's face where
 * nobody has looked it up).
 */
final class VentsSmothered implements Check
{
    public function of(PlacedPiece $built): array
    {
        $least = $things = [];
        foreach ($built->fit->passages as $passage) {
            $wanted = $passage->placed->thing->freeAreaCm2 ?? $passage->placed->thing->usualFreeAreaCm2();
            if ($wanted !== null && $passage->kind === TakenKind::CutOut) {
                $id = $passage->placed->thing->id;
                $sides = array_map(fn (string $k): float => (float) $passage->block->size->$k->millimetres(), ['x', 'y', 'z']);
                // Through the board the block is at its deepest; the other two are the opening.
                $through = match ($passage->placed->thing->face) {
                    Face::Left, Face::Right => 0,
                    Face::Floor, Face::Ceiling, Face::Slope => 2,
                    default => 1,
                };
                unset($sides[$through]);
                $least[$id] = min($least[$id] ?? INF, array_product($sides) / 100);
                $things[$id] = [$passage->placed, (float) $wanted];
            }
        }
        $findings = [];
        foreach ($things as $id => [$placed, $wanted]) {
            if ($least[$id] < $wanted) {
                $findings[] = FindingFactory::look('house.vent_smothered', new Place(WorkStage::Site, $id), 'vents',
                    ['thing' => $placed->name(), 'has' => (int) floor($least[$id]), 'wanted' => (int) ceil($wanted)]);
            }
        }

        return $findings;
    }
}

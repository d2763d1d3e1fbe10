<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\People;

use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\OpenBack;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Findings\Place;
use Incastro\Core\Fit\PlacedPiece;

/**
 * A chest that a child can get into, 30 litres and 150 mm at its narrowest (usual figure, check yours), wants two vents of 650 mm² that
 * cannot be blocked together (fieldbook §7); its lid stay is bought with the lid. An open back or front is vent enough.
 */
final class ChestVents implements Check
{
    private const LITRES = 30.0;

    private const NARROW_MM = 150;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->project->house->children ? $built->boards(Role::Lid) : [] as $lid) {
            $cell = $built->under($lid);
            if ($cell === null || $cell->bay->openBack || $cell->bay->fill->kind->hasShelves() || $cell->by->back === null) {
                continue;
            }
            $sides = array_map(fn (Span $s): float => (float) $s->value()->millimetres(), [$cell->x, $cell->y, $cell->z]);
            $litres = array_product($sides) / 1e6;
            if ($litres >= self::LITRES && min($sides) >= self::NARROW_MM) {
                $findings[] = FindingFactory::look('people.chest_vents', Place::inPiece($cell->bay->id), 'chests',
                    ['bay' => $cell->label, 'litres' => (int) floor($litres), 'limit' => (int) self::LITRES])->curedBy(OpenBack::of($cell, $built));
            }
        }

        return $findings;
    }
}

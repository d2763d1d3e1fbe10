<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Checks\Check;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Design\Role;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\WallScrews;

/**
 * A chest that nothing holds to the wall falls forward when its drawers are out: each drawer with its load at half its length before the
 * front, against the weight of the chest about its foot (statics).
 */
final class DrawersTip implements Check
{
    public function of(PlacedPiece $built): array
    {
        if (WallScrews::boards($built->fit) !== [] || $built->boards(Role::Filler, Role::Trim) !== []) {
            return [];
        }
        $over = $back = 0.0;
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind === FillKind::Drawers && $cell->bay->fill->is->choice('on') === 'slides') {
                $drawers = $built->movingIn($id);
                $out = (float) $cell->y->value()->millimetres() / 2;
                $load = $cell->bay->fill->is->count('count') * Stowed::usual($cell->bay->fill, (float) $cell->x->value()->millimetres(), 2 * $out);
                $over += (array_sum(array_map($built->weight->of(...), $drawers)) + (Stowed::listed($cell, $built) ?? $load)) * $out;
            }
        }
        foreach ($built->fit->panels as $panel) {
            if (! $panel->role->moves()) {
                $front = $built->box->rear->plus($built->box->depth->value);
                $back += $built->weight->of($panel) * (float) $front->minus($panel->block->corner->y)->minus($panel->block->size->y->half())->millimetres();
            }
        }

        return $over <= $back ? []
            : [FindingFactory::look('strength.tips_forward', new Place(WorkStage::Piece, $built->piece->id),
                'statics', ['over' => (int) ceil($over / 1000), 'back' => (int) floor($back / 1000)])];
    }
}

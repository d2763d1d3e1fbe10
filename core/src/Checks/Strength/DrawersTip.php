<?php

declare(strict_types=1);

namespace Incastro\Core\Checks\Strength;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Stowed;
use Incastro\Core\Assembly\Wall\WallFixing;
use Incastro\Core\Checks\FindingFactory;
use Incastro\Core\Checks\HoldingCheck;
use Incastro\Core\Design\Panel;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;

/**
 * A chest that nothing holds to the wall falls forward when its drawers are out: each drawer with its load at half its length before the
 * front, against the weight of the chest, about the foremost thing it stands on (statics).
 */
final class DrawersTip implements HoldingCheck
{
    public function of(PlacedPiece $built, Assembly $assembly): array
    {
        // A filler is no tie, nor is a screw into nobody knows what, or at its foot.
        if (array_filter($assembly->wall($built->piece->id), fn (WallFixing $f): bool => $f->ties($built->box->floor, $built->box->top())) !== []) {
            return [];
        }
        $front = $built->box->rear->plus($built->box->depth->value);
        $foot = $this->foot($built) ?? $front;
        $before = (float) $front->minus($foot)->millimetres();
        $over = $back = 0.0;
        $open = [];
        foreach ($built->design->cells as $id => $cell) {
            if ($cell->bay->fill->kind === FillKind::Drawers && $cell->bay->fill->is->choice('on') === 'slides') {
                $drawers = $built->movingIn($id);
                $open += array_fill_keys(array_map(fn (Panel $p): string => $p->id, $drawers), true);
                $out = (float) $cell->y->value()->millimetres() / 2;
                $load = $cell->bay->fill->is->count('count') * Stowed::usual($cell->bay->fill, (float) $cell->x->value()->millimetres(), 2 * $out);
                $over += (array_sum(array_map($built->weight->of(...), $drawers)) + (Stowed::listed($cell, $built) ?? $load)) * ($before + $out);
            }
        }
        foreach ($built->fit->panels as $panel) {
            // What else moves stays in: it holds the chest down.
            if (! isset($open[$panel->id])) {
                $back += $built->weight->of($panel) * (float) $foot->minus($panel->block->corner->y)->minus($panel->block->size->y->half())->millimetres();
            }
        }

        return $over <= $back ? []
            : [FindingFactory::look('strength.tips_forward', new Place(WorkStage::Piece, $built->piece->id),
                'statics', ['over' => (int) ceil($over / 1000), 'back' => (int) floor($back / 1000)])];
    }

    /** The front of what reaches the floor; null where nothing does. */
    private function foot(PlacedPiece $built): ?Length
    {
        $floor = $built->box->floor->plus(Length::fromMillimetres(2));
        $standing = array_filter($built->fit->panels, fn (Panel $p): bool => ! $p->role->moves() && ! $p->block->from(Axis::Z)->isGreaterThan($floor));
        $fronts = array_map(fn (Panel $p): Length => $p->block->to(Axis::Y), array_values($standing));

        return $fronts === [] ? null : Length::greatest(...$fronts);
    }
}

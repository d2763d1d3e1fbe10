<?php

declare(strict_types=1);

namespace Incastro\Core\Checks;

use Incastro\Core\Design\Bench;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Taken;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Place;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Findings\WorkStage;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A desk, a screen or an appliance wants a cable, and a closed back has no hole for one: found when the desk is in. A plug
 * passes through 40 mm. The cure is to leave the back of that bay open; a hole for what is in the way there does as well.
 */
final class CableWay implements Check
{
    private const WANTING = [FillKind::Desk, FillKind::Screen, FillKind::Appliance];

    private const PLUG_MM = 40;

    public function of(PlacedPiece $built): array
    {
        $findings = [];
        foreach ($built->design->cells as $id => $cell) {
            if (in_array($cell->bay->fill->kind, self::WANTING, true) && $this->isShut($this->behind($cell, $built->design->turns[$id] ?? null), $built)) {
                $findings[] = new Finding('piece.no_cable_way', Severity::Look, new Place(WorkStage::Piece, $id),
                    Text::of('piece.no_cable_way', bay: $cell->label, fill: Text::of("fill.{$cell->bay->fill->kind->value}")),
                    Text::of('piece.no_cable_way.remedy', hole: Length::fromMillimetres(self::PLUG_MM)),
                    Text::of('source.practice'), null, null, OpenBack::of($cell, $built));
            }
        }

        return $findings;
    }

    /** The bay with what is just behind it, in the house. */
    private function behind(Cell $cell, ?Turn $turn): Block
    {
        $room = $cell->block()->stretched(Axis::Y, Length::fromMillimetres(self::PLUG_MM), Length::zero());

        return $turn === null ? $room : $turn->block($room);
    }

    private function isShut(Block $room, PlacedPiece $built): bool
    {
        $backs = array_filter($built->fit->panels, fn (Panel $p): bool => $p->role === Role::Back && $p->solid->touches($room));
        foreach ($backs as $back) {
            foreach ($back->taken as $taken) {
                if ($this->letsThrough($taken, $room)) {
                    return false;
                }
            }
        }

        return $backs !== [];
    }

    /** As much of a hole as lies in the bay passes a plug. */
    private function letsThrough(Taken $taken, Block $room): bool
    {
        $common = Bench::common($taken->block, $room);
        if ($common === null || ! $taken->kind->isSeenThrough()) {
            return false;
        }
        $sizes = [$common->size->x->units, $common->size->y->units, $common->size->z->units];
        sort($sizes);

        // Of the three the least is the board's thickness.
        return $sizes[1] >= self::PLUG_MM * Length::PER_MM;
    }
}

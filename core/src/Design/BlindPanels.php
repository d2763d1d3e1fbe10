<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\FillKind;
use Incastro\Core\Document\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A dead corner of the run that goes through is closed where it shows: between its upright and the front of the run that stops. */
final readonly class BlindPanels
{
    public function __construct(private Bench $bench, private RunFrame $frame, private Side $end, private Length $room)
    {
    }

    /** @return list<string> the panels, in the frame of the run that goes through */
    public function make(): array
    {
        $made = [];
        foreach ($this->frame->run->bands as $band) {
            $bays = array_values($band->bays);
            $bay = count($bays) < 2 ? null : $bays[$this->end === Side::Left ? 0 : count($bays) - 1];
            $cell = $bay === null || $bay->fill->kind !== FillKind::DeadCorner || $bay->door !== null ? null : $this->bench->cells[$bay->id] ?? null;
            if ($cell !== null && $this->isWorthIt($cell)) {
                $made[] = $this->panel($cell);
            }
        }

        return $made;
    }

    private function isWorthIt(Cell $cell): bool
    {
        $t = $cell->board->thickness;

        return $this->room->isGreaterThan($t) && $cell->least->isGreaterThan($t->times(3)) && $cell->x->value()->isGreaterThan($this->room) && $cell->y->value()->isGreaterThan($t);
    }

    private function panel(Cell $cell): string
    {
        $size = Figure::of($this->room, Text::of('piece.corner_room'), "{$this->frame->run->id}/corner_room");
        $x = new Span($this->end === Side::Left ? $cell->x->to()->minus($this->room) : $cell->x->from, $size);
        $id = "{$cell->bay->id}:blind";
        (new Maker($this->bench, $cell->board, $cell->bay->id))->face($id, Role::CornerFiller, Text::of('part.blind', bay: $cell->label), $x,
            $cell->y->to()->minus($cell->board->thickness), $cell->isUnderSlope() ? Span::of($cell->z->from, $cell->least, Text::of('piece.under_slope')) : $cell->z, [], $this->end);
        foreach ([[$this->end === Side::Left ? $cell->by->right : $cell->by->left, Axis::X], [$cell->by->floor, Axis::Z], [$cell->isUnderSlope() ? null : $cell->by->head, Axis::Z]] as [$other, $axis]) {
            if ($other !== null && isset($this->bench->panels[$other])) {
                $this->bench->join($id, $other, JointKind::PocketScrews, $axis);
            }
        }

        return $id;
    }
}

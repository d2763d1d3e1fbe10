<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Bay;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\WidthBy;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A dead corner of the run that goes through, or an open one that nobody reaches from its front, is closed where it shows:
 * between its upright and the front of the run that stops.
 */
final readonly class BlindPanels
{
    private const LEAST_MM = 12;

    public function __construct(private Bench $bench, private RunFrame $frame, private Side $end, private Figure $room)
    {
    }

    /** @return list<string> the panels, in the frame of the run that goes through */
    public function make(): array
    {
        $made = [];
        foreach ($this->frame->run->bands as $band) {
            $bays = array_values($band->bays);
            $bay = count($bays) < 2 ? null : $bays[$this->end === Side::Left ? 0 : count($bays) - 1];
            $cell = $bay !== null && $this->isShut($bay) ? $this->bench->cells[$bay->id] ?? null : null;
            $shows = $cell === null ? Length::zero() : $this->shows($cell);
            if ($cell !== null && $shows->isGreaterThan(Length::fromMillimetres(self::LEAST_MM)) && $this->hasRoom($cell)) {
                $made[] = $this->panel($cell, $shows);
            }
        }

        return $made;
    }

    private function isShut(Bay $bay): bool
    {
        $isOpen = $bay->fill->kind === FillKind::Open && $bay->width->by === WidthBy::Corner && $bay->bands === [];

        return $bay->door === null && ($isOpen || $bay->fill->kind === FillKind::DeadCorner);
    }

    /** What of the bay stands past the front of the other run. */
    private function shows(Cell $cell): Length
    {
        $reach = $this->frame->marks->corner($this->end)->minus($this->room->value);
        $past = $this->end === Side::Left
            ? $cell->x->to()->minus($this->frame->x->from)->minus($reach)
            : $this->frame->x->to()->minus($cell->x->from)->minus($reach);

        return Length::least($past, $cell->x->value());
    }

    private function hasRoom(Cell $cell): bool
    {
        $t = $cell->board->thickness;

        return $cell->least->isGreaterThan($t->times(3)) && $cell->y->value()->isGreaterThan($t);
    }

    private function panel(Cell $cell, Length $shows): string
    {
        $size = $shows->equals($this->room->value) ? $this->room : Figure::of($shows, Text::of('piece.shows_past_run'));
        $x = new Span($this->end === Side::Left ? $cell->x->to()->minus($shows) : $cell->x->from, $size);
        $id = "{$cell->bay->id}:blind";
        Maker::at($this->bench, $cell->board, $cell->bay->id)->hung($this->end)
            ->face(new Named($id, Role::CornerFiller, Text::of('part.blind', bay: $cell->label)), $x,
                $cell->y->to()->minus($cell->board->thickness),
                $cell->isUnderSlope() ? Span::of($cell->z->from, $cell->least, Text::of('piece.under_slope')) : $cell->z);
        foreach ([[$this->end === Side::Left ? $cell->by->right : $cell->by->left, Axis::X],
            [$cell->by->floor, Axis::Z], [$cell->isUnderSlope() ? null : $cell->by->head, Axis::Z]] as [$other, $axis]) {
            if ($other !== null && isset($this->bench->panels[$other])) {
                $this->bench->join($id, $other, JointKind::ofFiller(Length::least($shows, $cell->z->value())), $axis);
            }
        }

        return $id;
    }
}

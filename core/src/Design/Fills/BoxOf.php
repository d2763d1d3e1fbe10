<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Belongs;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\Extent;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * An open box: two sides front to back, front and back between them, a thin bottom in grooves near the foot. One that rolls stands on a
 * base of the same board, which its castors are screwed to.
 */
final readonly class BoxOf
{
    private const BOTTOM_UP_MM = 12;

    private const GROOVE_MM = 6;

    private const PLAY_MM = 1;

    private Cell $cell;

    public function __construct(private Workplace $at, private string $id, private Text $name, private bool $rolls = false)
    {
        $this->cell = $at->cell;
    }

    /** @param  Span  $z  height of its sides */
    public function make(Span $x, Span $y, Span $z): void
    {
        $t = $this->cell->board->thickness;
        $maker = $this->at->maker()->belongingTo(new Belongs(set: $this->id));
        $whole = new Extent($x, $y, $z);
        $z = $this->rolls ? $z->afterFirst($t, Text::of('piece.on_its_base')) : $z;
        $name = fn (string $part): Text => Text::of("part.box_$part", of: $this->name);
        $left = $maker->cheek(new Named("$this->id:side_left", Role::DrawerPart, $name('side_left')), $x->from, $y, $z);
        $right = $maker->cheek(new Named("$this->id:side_right", Role::DrawerPart, $name('side_right')), $x->to()->minus($t), $y, $z);
        $inner = new Span($x->from->plus($t), $x->size->minus($t->times(2), Text::of('piece.two_sides', t: $t)));
        $front = $maker->strip(new Named("$this->id:front_inner", Role::DrawerPart, $name('front')), $inner, $y->to()->minus($t), $z);
        $back = $maker->strip(new Named("$this->id:back", Role::DrawerPart, $name('back')), $inner, $y->from, $z);
        foreach ([$front, $back] as $end) {
            foreach ([$left, $right] as $side) {
                $this->at->bench->join($end->id, $side->id, JointKind::Screws, Axis::X);
            }
        }
        $around = [$left->id, $right->id, $front->id, $back->id];
        if ($this->rolls) {
            $base = $maker->level(new Named("$this->id:bottom", Role::DrawerPart, $name('base')), $whole->x, $whole->y, $whole->z->from);
            array_map(fn (string $board) => $this->at->bench->join($board, $base->id, JointKind::Screws, Axis::Z), $around);
        } else {
            $this->bottom(new Named("$this->id:bottom", Role::DrawerPart, $name('bottom')), new Extent($inner, $y, $z), $around);
        }
    }

    /**
     * @param  Extent  $box  between its sides, whole from front to back and in height
     * @param  array{string, string, string, string}  $around  left, right, front, back
     */
    private function bottom(Named $named, Extent $box, array $around): void
    {
        $t = $this->cell->board->thickness;
        [$groove, $play] = [Length::fromMillimetres(self::GROOVE_MM), Length::fromMillimetres(self::PLAY_MM)];
        $lap = $groove->minus($play);
        $why = Text::of('piece.in_groove', depth: $groove, play: $play);
        $up = Length::least(Length::fromMillimetres(self::BOTTOM_UP_MM), $box->z->value()->splitInto(3)[0]);
        $deep = new Span($box->y->from->plus($t), $box->y->size->minus($t->times(2), Text::of('piece.front_and_back', t: $t)));
        $bottom = $this->at->thin()->belongingTo(new Belongs(set: $this->id))
            ->level($named, $box->x->outside($lap, $why), $deep->outside($lap, $why), $box->z->from->plus($up));
        foreach ([Axis::X, Axis::X, Axis::Y, Axis::Y] as $i => $axis) {
            $this->at->bench->groove(new Joint($bottom->id, $around[$i], JointKind::Groove, $axis, Length::zero(), $lap), $play);
        }
    }
}

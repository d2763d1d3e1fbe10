<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Door;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * A leaf of stiles, rails and a panel (fieldbook §6). Stiles run through: rail = leaf − 2·stile + 2·tenon;
 * panel = sight + 2·groove − 2. A solid panel moves across its grain by width × C × ΔMC and is never glued.
 */
final readonly class FramedDoor
{
    /** All the play a panel has in its grooves. */
    private const PLAY_MM = 2;

    /** Poplar, per % of moisture; a heated house moves by 4 %. */
    private const MOVES = 0.0029 * 4;

    public function __construct(private Bench $bench, private Cell $cell, private Door $door)
    {
    }

    public function make(Named $leaf, LeafPlace $place, ?Side $hinge): void
    {
        [$id, $name] = [$leaf->id, $leaf->name];
        [$x, $y, $z] = [$place->x, $place->y, $place->z];
        [$stile, $tenon] = [$this->door->is->length('stile'), $this->door->is->length('tenon')];
        if (! Length::least($x->value(), $z->value())->isGreaterThan($stile->times(2)->plus($tenon->times(2)))) {
            $this->bench->find(Finding::ofPiece('piece.door_small', Severity::Stop, $this->cell->bay->id,
                Text::of('piece.door_small', bay: $this->cell->label, w: $x->value(), h: $z->value()))->measuring($x->value(), $stile->times(2)));

            return;
        }
        $maker = Maker::at($this->bench, $this->cell->board, $this->cell->bay->id)->belongingTo(new Belongs(set: $id));
        $part = fn (string $key): Text => Text::of("part.door_$key", of: $name);
        $why = Text::of('piece.stile_face');
        $left = $maker->banded(['left', 'top', 'bottom'])->hung($hinge)
            ->face(new Named("$id:stile_left", Role::DoorPart, $part('stile_left')), $x->first($stile, $why), $y, $z);
        $right = $maker->banded(['right', 'top', 'bottom'])->hung($hinge)
            ->face(new Named("$id:stile_right", Role::DoorPart, $part('stile_right')), $x->last($stile, $why), $y, $z);
        $rail = new Span($x->from->plus($stile)->minus($tenon),
            $x->size->minus($stile->times(2), Text::of('piece.two_stiles', each: $stile))->plus($tenon->times(2), Text::of('piece.two_tenons', each: $tenon)));
        $rails = [];
        foreach (['bottom' => $z->first($stile, Text::of('piece.rail_face')), 'top' => $z->last($stile, Text::of('piece.rail_face'))] as $where => $span) {
            $made = $maker->banded([$where])->strip(new Named("$id:rail_$where", Role::DoorPart, $part("rail_$where")), $rail, $y, $span);
            $rails[] = $made->id;
            foreach ([$left, $right] as $upright) {
                $this->bench->tenon($made->id, $upright->id, Axis::X, $tenon);
            }
        }
        $this->panel($id, $part('panel'), $place, [$left->id, $right->id, ...$rails]);
    }

    /** @param  list<string>  $around left, right, bottom, top */
    private function panel(string $id, Text $name, LeafPlace $place, array $around): void
    {
        [$stile, $groove] = [$this->door->is->length('stile'), $this->door->is->length('tenon')];
        $play = Length::fromMillimetres(self::PLAY_MM);
        $half = $play->half();
        $lap = $groove->minus($half);
        $sight = fn (Span $s): Span => $s->inside($stile, Text::of('piece.two_stiles', each: $stile))
            ->outside($groove, Text::of('piece.two_grooves', each: $groove))->inside($half, Text::of('piece.panel_play', each: $half));
        $glass = $this->door->is->choice('panel') === 'glass';
        $wood = $this->door->is->choice('panel') === 'wood';
        $thick = Length::least($this->cell->back->thickness, $this->cell->board->thickness->half());
        $at = $place->y->plus($this->cell->board->thickness->minus($thick)->half());
        $spans = [$sight($place->x), Span::of($at, $thick, Text::of('piece.board_thickness')), $sight($place->z)];
        $maker = Maker::at($this->bench, $this->cell->back, $this->cell->bay->id)->belongingTo(new Belongs(set: $id));
        $panel = $glass || $wood || $thick->isLessThan($this->cell->back->thickness)
            ? $maker->boughtAs($glass ? BoughtAs::Glass : BoughtAs::Panel)
                ->bought(new Named("$id:panel", $glass ? Role::Glass : Role::DoorPart, $name), $spans, Axis::Z, Axis::Y)
            : $maker->face(new Named("$id:panel", Role::DoorPart, $name), $spans[0], $at, $spans[2]);
        foreach ([Axis::X, Axis::X, Axis::Z, Axis::Z] as $i => $axis) {
            $this->bench->groove(new Joint($panel->id, $around[$i], JointKind::Groove, $axis, Length::zero(), $lap), $half);
        }
        $moves = self::moves($panel->width);
        if ($wood && $moves->isGreaterThan($play)) {
            $this->bench->find(Finding::ofPiece('piece.panel_moves', Severity::Stop, $this->cell->bay->id,
                Text::of('piece.panel_moves', bay: $this->cell->label, moves: $moves, play: $play))->measuring($moves, $play)->sourced('source.doors'));
        }
    }

    /** How much a solid panel of that width moves across its grain. */
    public static function moves(Figure $width): Length
    {
        return Length::ofUnits(Rounding::Up->apply($width->value->units * self::MOVES));
    }
}

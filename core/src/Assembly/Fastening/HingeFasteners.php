<?php

declare(strict_types=1);

namespace Incastro\Core\Assembly\Fastening;

use Incastro\Core\Design\HungLeaf;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Measure\Length;

/**
 * Cups of concealed hinges in a leaf and the screws of their plates in the upright, or in the edge of a frame's stile. Usual
 * sizes of such hinges; the maker's sheet goes before them. A hinge is moved clear of shelves and other holes.
 */
final class HingeFasteners
{
    private const CUP_MM = ['diameter' => 35, 'deep' => 13, 'in' => 22.5];

    private const PLATE_MM = ['diameter' => 5, 'deep' => 11, 'behind' => 37];

    /** In the edge of a stile, at the middle of its thickness. */
    private const FRAME_MM = ['diameter' => 2.5, 'deep' => 18];

    /** Between the two screws of a plate. */
    private const APART_MM = 32;

    /** Under the screws of a plate; a thinner board gets shorter ones. */
    private const STAYS_MM = 3;

    private const FROM_END_MM = 100;

    /** What a plate with its arm takes of the bay: high, deep, off the upright. */
    private const BODY_MM = ['high' => 60, 'deep' => 60, 'off' => 15];

    /** @var list<Clash> hinges that find no free place */
    public array $clashes = [];

    public function __construct(private readonly Boards $boards)
    {
    }

    public function make(HungLeaf $hung): void
    {
        $board = $this->boards->panel($hung->board);
        if ($board === null) {
            return;
        }
        $leaf = new LeafFrame($board, $hung->hand);
        [$foot, $height] = $leaf->stretch(Length::fromMillimetres(self::CUP_MM['in'] + self::CUP_MM['diameter'] / 2));
        $on = $hung->on === null ? $this->stile($leaf) : $this->boards->panel($hung->on);
        $count = HungLeaf::hinges($board->block->size->z);
        $end = Length::least(Length::fromMillimetres(self::FROM_END_MM), $height->splitInto(4)[0]);
        for ($i = 0; $i < $count; $i++) {
            $this->hinge($leaf, $on, $foot->plus($end)->plus(Length::ofUnits((int) round($i * $height->minus($end->times(2))->units / ($count - 1)))));
        }
    }

    private function hinge(LeafFrame $leaf, ?Panel $on, Length $wanted): void
    {
        $make = fn (Length $z): Fastener => Fastener::hinge($this->cup($leaf, $z, $on), ...$on === null ? [] : $this->plate($leaf, $on, $z));
        $inTheWay = fn (Length $z): ?Panel => $on === null || ! self::hasPlate($leaf, $on)
            ? null : $this->board($this->body($leaf, $on, $z), [$leaf->leaf->id, $on->id]);
        if ($this->boards->set($wanted, $make, fn (Length $z): bool => $inTheWay($z) === null)) {
            return;
        }
        $board = $inTheWay($wanted);
        if ($board !== null) {
            $this->clashes[] = new Clash(ClashKind::Board, $leaf->leaf, $this->cup($leaf, $wanted, $on), $board);
        }
    }

    private function cup(LeafFrame $leaf, Length $z, ?Panel $on): Bore
    {
        return Bore::round(
            new Hole(BoreKind::HingeCup, Length::fromMillimetres(self::CUP_MM['diameter']), Length::fromMillimetres(self::CUP_MM['deep'])),
            $leaf->leaf, $on?->id,
            new Drill($leaf->at($leaf->rear(), $leaf->in(Length::fromMillimetres(self::CUP_MM['in'])), $z), $leaf->through, $leaf->frontIsUpper));
    }

    /** On the face of an upright; else the hinge is for the edge of a frame. */
    private static function hasPlate(LeafFrame $leaf, Panel $on): bool
    {
        return $on->inHouse($on->thin) === $leaf->wide;
    }

    /** @return list<Bore> the two holes of a plate */
    private function plate(LeafFrame $leaf, Panel $on, Length $z): array
    {
        $k = $leaf->through->value;
        [$is, $through] = self::hasPlate($leaf, $on) ? [self::PLATE_MM, $leaf->behind(Length::fromMillimetres(self::PLATE_MM['behind']))]
            : [self::FRAME_MM, $on->block->corner->$k->plus($on->block->size->$k->half())];
        $deep = Length::least(Length::fromMillimetres($is['deep']), $on->block->size->{$leaf->wide->value}->minus(Length::fromMillimetres(self::STAYS_MM)));
        $half = Length::fromMillimetres(self::APART_MM)->half();

        $hole = new Hole(BoreKind::HingePlate, Length::fromMillimetres($is['diameter']), $deep);

        return array_map(
            fn (Length $at): Bore => Bore::round($hole, $on, $leaf->leaf->id,
                new Drill($leaf->at($through, $leaf->toOpening($on), $at), $leaf->wide, $leaf->hingeIsUpper)), [$z->minus($half), $z->plus($half)]);
    }

    private function body(LeafFrame $leaf, Panel $on, Length $z): Block
    {
        $high = Length::fromMillimetres(self::BODY_MM['high']);

        return $leaf->before($on, Length::fromMillimetres(self::BODY_MM['deep']),
            Length::fromMillimetres(self::BODY_MM['off']))->along(Axis::Z, $z->minus($high->half()), $high);
    }

    /** @param  list<string>  $but */
    private function board(Block $room, array $but): ?Panel
    {
        foreach ($this->boards->all as $id => $board) {
            if (! in_array($id, $but, true) && ! $board->panel->role->moves()
                && $board->panel->block->overlaps($room) && $board->panel->solid->touches($room)) {
                return $board->panel;
            }
        }

        return null;
    }

    /** The member of a frame that the leaf hangs on. */
    private function stile(LeafFrame $leaf): ?Panel
    {
        $near = Length::fromMillimetres(4);
        [$edge, $b] = [$leaf->hingedEdge(), $leaf->leaf->block];
        foreach ($this->boards->all as $board) {
            $p = $board->panel;
            $isBeside = ! $edge->plus($near)->isLessThan(LeafFrame::end($p, $leaf->wide, false))
                && ! $edge->minus($near)->isGreaterThan(LeafFrame::end($p, $leaf->wide, true));
            $isLevel = $b->corner->z->isLessThan($p->block->corner->z->plus($p->block->size->z))
                && $p->block->corner->z->isLessThan($b->corner->z->plus($b->size->z));
            if (in_array($p->role, [Role::Stile, Role::Mullion], true) && $p->quarter === $leaf->leaf->quarter && $isBeside && $isLevel) {
                return $p;
            }
        }

        return null;
    }
}

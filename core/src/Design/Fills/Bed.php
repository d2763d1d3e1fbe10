<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A bed carried by a ledger behind and at both ends and by a rail in front, slats between, a guard over it and rungs up to it. Slats: gap =
 * (L − n·b)/(n − 1), no more than foam allows (fieldbook §7).
 */
final class Bed implements FillMaker
{
    private const LEDGER_MM = 123;

    public const RAIL_MM = 193;

    /** Slats span no further than this without a rail in the middle (fieldbook §7). */
    private const SPAN_MM = 900;

    private const PLAY_MM = 10;

    public const POST_MM = 90;

    /** So close under the rail an upright of a box carries it over a packer. */
    private const PACKED_MM = 60;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        [$w, $l] = [$is->length('mattress_width'), $is->length('mattress_length')];
        [$along, $deep] = $is->choice('lies') === 'along' ? [$l, $w] : [$w, $l];
        $play = Length::fromMillimetres(self::PLAY_MM);
        $t = $cell->board->thickness;
        $posts = $cell->by->left === null || $cell->by->right === null ? $t : Length::zero();
        $needs = ['wide' => [$cell->x->value(), $along->plus($play)], 'deep' => [$cell->y->value(), $deep->plus($play)->plus($t)->plus($posts)],
            'high' => [$cell->z->to()->minus($cell->z->from), Length::fromMillimetres(self::RAIL_MM)->plus($is->length('mattress_height'))]];
        foreach ($needs as $axis => [$has, $need]) {
            if ($has->isLessThan($need)) {
                $at->cannot("piece.bed_$axis", $has, $need);

                return;
            }
        }
        $frontY = $cell->y->from->plus($deep)->plus($play);
        $rail = $at->maker()->strip(new Named("{$cell->bay->id}:bed_rail", Role::BedRail, Text::of('part.bed_rail', bay: $cell->label)), $cell->x, $frontY,
            Span::of($cell->z->from, Length::fromMillimetres(self::RAIL_MM), Text::of('piece.bed_rail')));
        $y = Span::of($cell->y->from, $frontY->minus($cell->y->from), Text::of('piece.inside_rail'));
        $ledger = Span::of($cell->z->from, Length::fromMillimetres(self::LEDGER_MM), Text::of('piece.ledger_height'));
        $this->ledgers($at, $y, $ledger, $rail->id);
        $this->slats($at, $y, $ledger->to());
        $before = new BedFront;
        $guards = $before->guard($at, $frontY, $ledger->to()->plus($t)->plus($is->length('mattress_height')));
        $top = $guards === [] ? $rail->block->to(Axis::Z) : $guards[0]->block->to(Axis::Z);
        $fronts = [$rail, ...$guards];
        $before->posts($at, $frontY->plus($t), $top, $fronts);
        $before->rungs($at, $frontY->plus($t), $ledger->to()->plus($t), $fronts);
        $at->bench->need($cell->bay->id, Text::of('hardware.mattress', w: $w, l: $l, h: $is->length('mattress_height')), 1);
    }

    private function ledgers(Workplace $at, Span $y, Span $z, string $rail): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        $maker = $at->maker();
        $rear = $maker->strip(new Named("{$cell->bay->id}:ledger_rear", Role::Ledger, Text::of('part.ledger_rear', bay: $cell->label)), $cell->x, $y->from, $z);
        $front = $maker->strip(new Named("{$cell->bay->id}:ledger_front", Role::BedRail,
            Text::of('part.ledger_front', bay: $cell->label)), $cell->x, $y->to()->minus($t), $z);
        $at->bench->join($front->id, $rail, JointKind::Screws, Axis::Y);
        foreach ([$rear->id, $front->id, $rail] as $long) {
            $at->bench->join($long, $cell->by->left, JointKind::Screws, Axis::X);
            $at->bench->join($long, $cell->by->right, JointKind::Screws, Axis::X);
        }
        $between = $y->inside($t, Text::of('piece.between_ledgers'));
        foreach (['left' => $cell->x->from, 'right' => $cell->x->to()->minus($t)] as $side => $x) {
            $named = new Named("{$cell->bay->id}:ledger_$side", Role::BedRail, Text::of("part.ledger_$side", bay: $cell->label));
            $short = $maker->cheek($named, $x, $between, $z);
            $at->bench->join($short->id, $rear->id, JointKind::Screws, Axis::Y);
            $at->bench->join($short->id, $front->id, JointKind::Screws, Axis::Y);
            $at->bench->join($short->id, $side === 'left' ? $cell->by->left : $cell->by->right, JointKind::Screws, Axis::X);
        }
        if ($y->value()->isGreaterThan(Length::fromMillimetres(self::SPAN_MM))) {
            $middle = $y->from->plus($y->value()->minus($t)->half());
            $x = $cell->x->inside($t, Text::of('piece.between_ledgers'));
            $centre = $maker->strip(new Named("{$cell->bay->id}:centre_rail", Role::BedRail, Text::of('part.centre_rail', bay: $cell->label)), $x, $middle, $z);
            $at->bench->join($centre->id, "{$cell->bay->id}:ledger_left", JointKind::Screws, Axis::X);
            $at->bench->join($centre->id, "{$cell->bay->id}:ledger_right", JointKind::Screws, Axis::X);
            $this->legs($at, $centre);
        }
    }

    private function slats(Workplace $at, Span $y, Length $z): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        [$b, $most] = [$is->length('slat_width'), $is->length('slat_gap')];
        $length = $cell->x->value();
        $n = max(2, (int) ceil(($length->units + $most->units) / ($b->units + $most->units)));
        $free = $length->minus($b->times($n));
        if ($free->isNegative()) {
            return;
        }
        $gaps = $free->splitInto($n - 1);
        $x = $cell->x->from;
        for ($i = 0; $i < $n; $i++) {
            $at->maker()->out(new Named("{$cell->bay->id}:slat_".($i + 1), Role::Slat,
                Text::of('part.bed_slat', n: $i + 1, bay: $cell->label)), Span::of($x, $b, Text::of('piece.slat_width')), $y, $z);
            $x = $x->plus($b)->plus($gaps[$i] ?? Length::zero());
        }
    }

    /**
     * What the rail in the middle stands on: packers on the uprights of a box close under it; where nothing is under it, legs on the floor
     * at its ends and at half its length. In a bay of a box no leg is put.
     */
    private function legs(Workplace $at, Panel $centre): void
    {
        $cell = $at->cell;
        $under = $centre->block->along(Axis::Z, $cell->floor, Length::greatest(Length::ofUnits(1), $centre->block->from(Axis::Z)->minus($cell->floor)));
        $below = array_filter($at->bench->panels, fn (Panel $p): bool => $p->block->overlaps($under));
        $wide = Length::fromMillimetres(self::POST_MM);
        $near = $centre->block->from(Axis::Z)->minus(Length::fromMillimetres(self::PACKED_MM));
        $uprights = array_values(array_filter($below, fn (Panel $p): bool => $p->inHouse($p->thin) === Axis::X && ! $p->role->moves()
            && ! $p->block->to(Axis::Z)->isLessThan($near)));
        foreach ($uprights as $n => $upright) {
            $x = Length::greatest($centre->block->from(Axis::X), $upright->block->middle(Axis::X)->minus($wide->half()));
            $this->leg($at, $centre, $n + 1, new Place3(Length::least($x, $centre->block->to(Axis::X)->minus($wide)), $wide, $upright->block->to(Axis::Z)));
        }
        // At its ends too: it hangs on no screws alone.
        $isOverAir = $below === [] && $cell->by->floor === null;
        $last = $centre->block->to(Axis::X)->minus($wide);
        foreach ($isOverAir ? [$centre->block->from(Axis::X), $centre->block->middle(Axis::X)->minus($wide->half()), $last] : [] as $n => $x) {
            $this->leg($at, $centre, $n + 1, new Place3($x, $wide, $cell->floor));
        }
    }

    /** @param  Place3  $at0  where it begins along the rail, how wide it is, and its foot */
    private function leg(Workplace $at, Panel $centre, int $n, Place3 $at0): void
    {
        $high = $centre->block->from(Axis::Z)->minus($at0->z);
        if ($high->isLessThan(Length::fromMillimetres(5))) {
            return;
        }
        $leg = $at->maker()->face(new Named("{$at->cell->bay->id}:bed_leg_$n", Role::BedRail, Text::of('part.bed_leg', n: $n, bay: $at->cell->label)),
            Span::of($at0->x, $at0->y, Text::of('piece.guard_board')), $centre->block->from(Axis::Y), Span::of($at0->z, $high, Text::of('piece.up_to_rail')));
        $at->bench->join($centre->id, $leg->id, JointKind::Rests, Axis::Z);
    }
}

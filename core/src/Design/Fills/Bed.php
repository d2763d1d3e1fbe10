<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/**
 * A bed carried by a ledger behind and at both ends and by a rail in front, slats between, a guard over it and rungs up to it. Slats: gap =
 * (L − n·b)/(n − 1), no more than foam allows (fieldbook §7).
 */
final class Bed implements FillMaker
{
    private const LEDGER_MM = 70;

    private const RAIL_MM = 140;

    /** Slats span no further than this without a rail in the middle (fieldbook §7). */
    private const SPAN_MM = 900;

    private const GUARD_MM = 90;

    private const PLAY_MM = 10;

    private const TREAD_MM = 90;

    /** Outside; between its uprights' upper part one climbs through the guard: 300 to 380. */
    private const LADDER_MM = 390;

    private const POST_MM = 90;

    /** Where less is wanted over the rail, the rail guards by itself. */
    private const LEAST_GUARD_MM = 20;

    /** Rungs closer than a foot is high are no ladder. */
    private const LEAST_RISE_MM = 100;

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
        $guards = $this->guard($at, $frontY, $ledger->to()->plus($t)->plus($is->length('mattress_height')));
        $top = $guards === [] ? $rail->block->to(Axis::Z) : $guards[0]->block->to(Axis::Z);
        $fronts = [$rail, ...$guards];
        $this->posts($at, $frontY->plus($t), $top, $fronts);
        $this->rungs($at, $frontY->plus($t), $ledger->to()->plus($t), $fronts);
        $at->bench->need($cell->bay->id, Text::of('hardware.mattress', w: $w, l: $l, h: $is->length('mattress_height')), 1);
    }

    private function ledgers(Workplace $at, Span $y, Span $z, string $rail): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        $maker = $at->maker();
        $rear = $maker->strip(new Named("{$cell->bay->id}:ledger_rear", Role::Ledger, Text::of('part.ledger_rear', bay: $cell->label)), $cell->x, $y->from, $z);
        $front = $maker->strip(new Named("{$cell->bay->id}:ledger_front", Role::Ledger,
            Text::of('part.ledger_front', bay: $cell->label)), $cell->x, $y->to()->minus($t), $z);
        $at->bench->join($front->id, $rail, JointKind::Screws, Axis::Y);
        foreach ([$rear->id, $front->id, $rail] as $long) {
            $at->bench->join($long, $cell->by->left, JointKind::Screws, Axis::X);
            $at->bench->join($long, $cell->by->right, JointKind::Screws, Axis::X);
        }
        $between = $y->inside($t, Text::of('piece.between_ledgers'));
        foreach (['left' => $cell->x->from, 'right' => $cell->x->to()->minus($t)] as $side => $x) {
            $named = new Named("{$cell->bay->id}:ledger_$side", Role::Ledger, Text::of("part.ledger_$side", bay: $cell->label));
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
            $this->leg($at, $centre);
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

    /** Where nothing lies under the rail in the middle, it stands on a leg at half its length: on the floor, or on what is there. */
    private function leg(Workplace $at, Panel $centre): void
    {
        $cell = $at->cell;
        $under = $centre->block->stretched(Axis::Z, Length::fromMillimetres(1), Length::zero());
        $isUnder = fn (Panel $p): bool => $p->block->to(Axis::Z)->equals($centre->block->from(Axis::Z)) && $p->block->overlaps($under);
        if ($cell->by->floor !== null || array_filter($at->bench->panels, $isUnder) !== []) {
            return;
        }
        $post = Length::fromMillimetres(self::POST_MM);
        $x = Span::of($centre->block->middle(Axis::X)->minus($post->half()), $post, Text::of('piece.guard_board'));
        $top = $centre->block->from(Axis::Z);
        $deep = Length::greatest(Length::ofUnits(1), $top->minus($cell->floor));
        $column = $centre->block->along(Axis::X, $x->from, $post)->along(Axis::Z, $cell->floor, $deep);
        $below = array_values(array_filter($at->bench->panels, fn (Panel $p): bool => $p->block->overlaps($column)));
        usort($below, fn (Panel $a, Panel $b): int => $b->block->to(Axis::Z)->units <=> $a->block->to(Axis::Z)->units);
        $foot = $below === [] ? $cell->floor : $below[0]->block->to(Axis::Z);
        // On a drawer nothing stands, and a shaving is no leg.
        if (($below !== [] && $below[0]->role->moves()) || $top->minus($foot)->isLessThan(Length::fromMillimetres(5))) {
            return;
        }
        $leg = $at->maker()->face(new Named("{$cell->bay->id}:bed_leg", Role::BedRail, Text::of('part.bed_leg', bay: $cell->label)),
            $x, $centre->block->from(Axis::Y), Span::of($foot, $top->minus($foot), Text::of('piece.up_to_rail')));
        $at->bench->join($centre->id, $leg->id, JointKind::Rests, Axis::Z);
    }

    /**
     * Boards before the mattress, as many as reach the height wanted over it, with less than 89 between (fieldbook §7); where there is a
     * ladder they begin beside it.
     *
     * @return list<Panel> the highest first
     */
    private function guard(Workplace $at, Length $y, Length $over): array
    {
        $cell = $at->cell;
        $wanted = $cell->bay->fill->is->length('guard');
        $board = Length::fromMillimetres(self::GUARD_MM);
        if (! $wanted->isPositive()) {
            return [];
        }
        $top = $over->plus($wanted);
        if ($top->isGreaterThan($cell->z->to())) {
            $at->cannot('piece.guard_too_high', $cell->z->to(), $top);

            return [];
        }
        $foot = $cell->z->from->plus(Length::fromMillimetres(self::RAIL_MM));
        $free = $top->minus($foot);
        if ($free->isLessThan(Length::fromMillimetres(self::LEAST_GUARD_MM))) {
            return [];
        }
        $climbs = $cell->bay->fill->is->count('rungs') > 0;
        $beside = $this->ladderFrom($cell)->plus(Length::fromMillimetres(self::LADDER_MM))->minus($cell->board->thickness)->minus($cell->x->from);
        $x = $climbs ? $cell->x->afterFirst($beside, Text::of('piece.beside_ladder')) : $cell->x;
        $n = max(1, (int) ceil($wanted->units / ($board->units + 80 * Length::PER_MM)));
        $high = Length::least($board, $free);
        $from = $top->minus($high);
        $made = [];
        for ($i = 0; $i < $n && ! $from->isLessThan($foot); $i++) {
            $made[] = $guard = $at->maker()->strip(new Named("{$cell->bay->id}:guard_".($i + 1), Role::BedRail,
                Text::of('part.guard', n: $i + 1, bay: $cell->label)), $x, $y, Span::of($from, $high, Text::of('piece.guard_board')));
            $at->bench->join($climbs ? null : $guard->id, $cell->by->left, JointKind::Screws, Axis::X);
            $at->bench->join($guard->id, $cell->by->right, JointKind::Screws, Axis::X);
            $from = $from->minus($high)->minus(Length::fromMillimetres(80));
        }

        return $made;
    }

    /**
     * At an end where no side of a box holds them, rail and guard are screwed to a post before them that stands on the floor, or on what
     * is under the bed there.
     *
     * @param  list<Panel>  $fronts
     */
    private function posts(Workplace $at, Length $y, Length $top, array $fronts): void
    {
        $cell = $at->cell;
        $wide = Length::fromMillimetres(self::POST_MM);
        $t = $cell->board->thickness;
        $ends = ['left' => [$cell->by->left, $cell->x->from], 'right' => [$cell->by->right, $cell->x->to()->minus($wide)]];
        foreach ($ends as $side => [$held, $x]) {
            if ($held !== null) {
                continue;
            }
            $block = new Block(new Place3($x, $y, $cell->floor), new Place3($wide, $t, $top->minus($cell->floor)));
            $isFree = array_filter($at->bench->panels, fn (Panel $p): bool => $p->block->overlaps($block)) === [];
            $foot = $isFree ? $cell->floor : $cell->z->from;
            $post = $at->maker()->face(new Named("{$cell->bay->id}:guard_post_$side", Role::BedRail, Text::of("part.guard_post_$side", bay: $cell->label)),
                Span::of($x, $wide, Text::of('piece.guard_board')), $y, Span::of($foot, $top->minus($foot), Text::of('piece.guard_post')));
            foreach ($fronts as $board) {
                $meets = $board->block->from(Axis::X)->isLessThan($x->plus($wide)) && $board->block->to(Axis::X)->isGreaterThan($x);
                $at->bench->join($meets ? $board->id : null, $post->id, JointKind::Screws, Axis::Y);
            }
        }
    }

    private function ladderFrom(Cell $cell): Length
    {
        return $cell->by->left === null ? $cell->x->from->plus(Length::fromMillimetres(self::POST_MM)) : $cell->x->from;
    }

    /**
     * Equal rises, the last one to the deck counts (fieldbook §11). In a box the ladder stands on its bottom, before the rail. The guard
     * ends at its further upright, which goes up as far.
     *
     * @param  list<Panel>  $fronts  rail and guards
     */
    private function rungs(Workplace $at, Length $y, Length $top, array $fronts): void
    {
        $cell = $at->cell;
        $n = $cell->bay->fill->is->count('rungs');
        if ($n === 0) {
            return;
        }
        $boxed = $cell->by->floor !== null;
        $needs = $y->plus(Length::fromMillimetres(self::TREAD_MM))->minus($cell->y->from);
        if ($boxed && $cell->y->value()->isLessThan($needs)) {
            $at->cannot('piece.rungs_deep', $cell->y->value(), $needs);

            return;
        }
        $foot = $boxed ? $cell->z->from : $cell->floor;
        $deck = $top->minus($foot);
        $least = Length::fromMillimetres(self::LEAST_RISE_MM);
        $rises = $deck->splitInto($n + 1);
        if ($rises[0]->isLessThan($least)) {
            $at->cannot('piece.rungs_close', $rises[0], $least);

            return;
        }
        $t = $cell->board->thickness;
        $wide = Length::fromMillimetres(self::LADDER_MM);
        $deep = Span::of($y, Length::fromMillimetres(self::TREAD_MM), Text::of('piece.tread_depth'));
        $x = Span::of($this->ladderFrom($cell), $wide, Text::of('piece.ladder_width'));
        $maker = $at->maker();
        foreach (['left' => $x->from, 'right' => $x->to()->minus($t)] as $side => $at0) {
            $high = $side === 'right' ? Length::greatest($top, $fronts[count($fronts) > 1 ? 1 : 0]->block->to(Axis::Z))->minus($foot) : $deck;
            $upright = $maker->upright(new Named("{$cell->bay->id}:ladder_$side", Role::BoxPart, Text::of("part.ladder_$side", bay: $cell->label)),
                $at0, $deep, Span::of($foot, $high, Text::of('piece.up_to_deck')));
            foreach ($fronts as $board) {
                $meets = $board->block->from(Axis::X)->isLessThan($at0->plus($t)) && $board->block->to(Axis::X)->isGreaterThan($at0);
                $at->bench->join($meets ? $board->id : null, $upright->id, JointKind::Screws, Axis::Y);
            }
        }
        $inner = $x->inside($t, Text::of('piece.two_sides', t: $t));
        $z = $foot;
        foreach (array_slice($rises, 0, -1) as $i => $rise) {
            $z = $z->plus($rise);
            $tread = $maker->level(new Named("{$cell->bay->id}:rung_".($i + 1), Role::BoxPart,
                Text::of('part.bed_rung', n: $i + 1, bay: $cell->label)), $inner, $deep, $z->minus($t));
            foreach (['left', 'right'] as $side) {
                $at->bench->join($tread->id, "{$cell->bay->id}:ladder_$side", JointKind::Screws, Axis::X);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Cell;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\RowJoints;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What stands before a bed: the guard, the posts that rail and guard are screwed to where no box holds them, the ladder. */
final class BedFront
{
    /** On edge under a rung. */
    private const STRIP_MM = 60;

    private const GUARD_MM = 90;

    /** At most; and no less than fingers pass. */
    private const OPENING_MM = 75;

    private const LEAST_OPENING_MM = 25;

    private const TREAD_MM = 90;

    /** Outside; between its uprights' upper part one climbs through the guard: 300 to 380. */
    private const LADDER_MM = 390;

    /** Where less is wanted over the rail, the rail guards by itself. */
    private const LEAST_GUARD_MM = 20;

    /** Rungs closer than a foot is high are no ladder. */
    private const LEAST_RISE_MM = 100;

    /**
     * Boards from the rail up to the height wanted over the mattress, no opening over 75, with the mattress out too: it may be a thinner one
     * some day, and no head goes through. Where there is a ladder they begin beside it.
     *
     * @return list<Panel> the highest first
     */
    public function guard(Workplace $at, Length $y, Length $over): array
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
        $foot = $cell->z->from->plus(Length::fromMillimetres(Bed::RAIL_MM));
        $free = $top->minus($foot);
        if ($free->isLessThan(Length::fromMillimetres(self::LEAST_GUARD_MM))) {
            return [];
        }
        $climbs = $cell->bay->fill->is->count('rungs') > 0;
        $beside = $this->ladderFrom($cell)->plus(Length::fromMillimetres(self::LADDER_MM))->minus($cell->board->thickness)->minus($cell->x->from);
        $x = $climbs ? $cell->x->afterFirst($beside, Text::of('piece.beside_ladder')) : $cell->x;
        // Under each board is its opening.
        $shares = $free->splitInto((int) ceil($free->units / ($board->units + self::OPENING_MM * Length::PER_MM)));
        $least = Length::fromMillimetres(self::LEAST_OPENING_MM);
        $isClosed = count($shares) === 1 && $free->isLessThan($board->plus($least));
        $made = [];
        foreach ($shares as $i => $share) {
            $high = $isClosed ? $free : Length::least($board, $share->minus($least));
            $made[] = $guard = $at->maker()->strip(new Named("{$cell->bay->id}:guard_".($i + 1), Role::BedRail,
                Text::of('part.guard', n: $i + 1, bay: $cell->label)), $x, $y, Span::of($top->minus($high), $high, Text::of('piece.guard_board')));
            $at->bench->join($climbs ? null : $guard->id, $cell->by->left, JointKind::Screws, Axis::X);
            $at->bench->join($guard->id, $cell->by->right, JointKind::Screws, Axis::X);
            $top = $top->minus($share);
        }

        return $made;
    }

    /**
     * At an end where no side of a box holds them, rail and guard are screwed to a post before them that stands on the floor, or on what
     * is under the bed there.
     *
     * @param  list<Panel>  $fronts
     */
    public function posts(Workplace $at, Length $y, Length $top, array $fronts): void
    {
        $cell = $at->cell;
        $wide = Length::fromMillimetres(Bed::POST_MM);
        $t = $cell->board->thickness;
        $ends = ['left' => [$cell->by->left, $cell->x->from], 'right' => [$cell->by->right, $cell->x->to()->minus($wide)]];
        foreach ($ends as $side => [$held, $x]) {
            if ($held !== null) {
                continue;
            }
            $block = new Block(new Place3($x, $y, $cell->floor), new Place3($wide, $t, $top->minus($cell->floor)));
            $isFree = array_filter($at->bench->panels, fn (Panel $p): bool => $p->block->overlaps($block)) === [];
            $foot = $isFree ? $cell->floor : $cell->z->from;
            $leg = $isFree ? $this->railLeg($at, $side, Span::of($x, $wide, Text::of('piece.guard_board')), $fronts[0]) : null;
            $post = $at->maker()->face(new Named("{$cell->bay->id}:guard_post_$side", Role::BedRail, Text::of("part.guard_post_$side", bay: $cell->label)),
                Span::of($x, $wide, Text::of('piece.guard_board')), $y, Span::of($foot, $top->minus($foot), Text::of('piece.guard_post')));
            foreach ($fronts as $board) {
                $meets = $board->block->from(Axis::X)->isLessThan($x->plus($wide)) && $board->block->to(Axis::X)->isGreaterThan($x);
                $at->bench->join($meets ? $board->id : null, $post->id, JointKind::Screws, Axis::Y);
            }
            $at->bench->join($leg, $post->id, JointKind::Screws, Axis::Y);
        }
    }

    /** Behind a post, under the rail: that stands on it, and does not hang on screws alone. */
    private function railLeg(Workplace $at, string $side, Span $x, Panel $rail): ?string
    {
        $foot = $at->cell->floor;
        $room = $rail->block->along(Axis::X, $x->from, $x->value())->along(Axis::Z, $foot, $rail->block->from(Axis::Z)->minus($foot));
        if (! $room->extent(Axis::Z)->isPositive() || array_filter($at->bench->panels, fn (Panel $p): bool => $p->block->overlaps($room)) !== []) {
            return null;
        }

        return $at->maker()->face(new Named("{$at->cell->bay->id}:rail_leg_$side", Role::BedRail, Text::of("part.rail_leg_$side", bay: $at->cell->label)),
            $x, $rail->block->from(Axis::Y), Span::of($foot, $room->extent(Axis::Z), Text::of('piece.up_to_rail')))->id;
    }

    private function ladderFrom(Cell $cell): Length
    {
        return $cell->by->left === null ? $cell->x->from->plus(Length::fromMillimetres(Bed::POST_MM)) : $cell->x->from;
    }

    /**
     * Equal rises, the last one to the deck counts (fieldbook §11). In a box the ladder stands on its bottom, before the rail. The guard
     * ends at its further upright, which goes up as far.
     *
     * @param  list<Panel>  $fronts  rail and guards
     */
    public function rungs(Workplace $at, Length $y, Length $top, array $fronts): void
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
            $upright = $maker->upright(new Named("{$cell->bay->id}:ladder_$side", Role::Ladder, Text::of("part.ladder_$side", bay: $cell->label)),
                $at0, $deep, Span::of($foot, $high, Text::of('piece.up_to_deck')));
            // The rail has its ledger behind it: there the upright is held by a bracket.
            foreach ($fronts as $i => $board) {
                $meets = $board->block->from(Axis::X)->isLessThan($at0->plus($t)) && $board->block->to(Axis::X)->isGreaterThan($at0);
                $at->bench->join($meets ? $board->id : null, $upright->id, $i === 0 ? JointKind::Rests : JointKind::Screws, Axis::Y);
            }
        }
        $at->need('ladder_bracket', 2);
        $inner = $x->inside($t, Text::of('piece.two_sides', t: $t));
        $z = $foot;
        // It is let in at both ends: two screws into its end bear nobody.
        $depth = Length::fromMillimetres(RowJoints::DADO_MM);
        $letIn = new Span($inner->from->minus($depth), $inner->size->plus($depth->times(2), Text::of('piece.let_in', depth: $depth, ends: 2)));
        // A board 90 deep alone breaks under one person: a strip on edge under its rear, clear of a post beside the ladder, carries most.
        [$under, $why] = [Length::fromMillimetres(self::STRIP_MM), Text::of('piece.rung_strip')];
        foreach (array_slice($rises, 0, -1) as $i => $rise) {
            $z = $z->plus($rise);
            $tread = $maker->level(new Named("{$cell->bay->id}:rung_".($i + 1), Role::Ladder,
                Text::of('part.bed_rung', n: $i + 1, bay: $cell->label)), $letIn, $deep, $z->minus($t));
            $strip = $maker->strip(new Named("{$cell->bay->id}:rung_strip_".($i + 1), Role::Ladder,
                Text::of('part.rung_strip', n: $i + 1, bay: $cell->label)), $inner, $deep->from->plus($t),
                Span::of($z->minus($t)->minus($under), $under, $why));
            $at->bench->join($strip->id, $tread->id, JointKind::Screws, Axis::Z);
            foreach (['left', 'right'] as $side) {
                $at->bench->house($tread->id, "{$cell->bay->id}:ladder_$side", Axis::X, $depth);
                $at->bench->join($strip->id, "{$cell->bay->id}:ladder_$side", JointKind::Screws, Axis::X);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
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
        $needs = ['wide' => [$cell->x->value(), $along->plus($play)], 'deep' => [$cell->y->value(), $deep->plus($play)->plus($t)],
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
        $this->guard($at, $frontY, $ledger->to()->plus($t)->plus($is->length('mattress_height')));
        $this->rungs($at, $frontY->plus($t), $ledger->to()->plus($t));
        $at->bench->need($cell->bay->id, Text::of('hardware.mattress', w: $w, l: $l, h: $is->length('mattress_height')), 1);
    }

    private function ledgers(Workplace $at, Span $y, Span $z, string $rail): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        $maker = $at->maker();
        $maker->strip(new Named("{$cell->bay->id}:ledger_rear", Role::Ledger, Text::of('part.ledger_rear', bay: $cell->label)), $cell->x, $y->from, $z);
        $front = $maker->strip(new Named("{$cell->bay->id}:ledger_front", Role::Ledger,
            Text::of('part.ledger_front', bay: $cell->label)), $cell->x, $y->to()->minus($t), $z);
        $at->bench->join($front->id, $rail, JointKind::Faced, Axis::Y);
        $between = $y->inside($t, Text::of('piece.between_ledgers'));
        foreach (['left' => $cell->x->from, 'right' => $cell->x->to()->minus($t)] as $side => $x) {
            $maker->cheek(new Named("{$cell->bay->id}:ledger_$side", Role::Ledger, Text::of("part.ledger_$side", bay: $cell->label)), $x, $between, $z);
        }
        if ($y->value()->isGreaterThan(Length::fromMillimetres(self::SPAN_MM))) {
            $middle = $y->from->plus($y->value()->minus($t)->half());
            $x = $cell->x->inside($t, Text::of('piece.between_ledgers'));
            $maker->strip(new Named("{$cell->bay->id}:centre_rail", Role::BedRail, Text::of('part.centre_rail', bay: $cell->label)), $x, $middle, $z);
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

    /** Boards before the mattress, as many as reach the height wanted over it, with less than 89 between (fieldbook §7). */
    private function guard(Workplace $at, Length $y, Length $over): void
    {
        $cell = $at->cell;
        $wanted = $cell->bay->fill->is->length('guard');
        $board = Length::fromMillimetres(self::GUARD_MM);
        if (! $wanted->isPositive()) {
            return;
        }
        $top = $over->plus($wanted);
        if ($top->isGreaterThan($cell->z->to())) {
            $at->cannot('piece.guard_too_high', $cell->z->to(), $top);

            return;
        }
        $foot = $cell->z->from->plus(Length::fromMillimetres(self::RAIL_MM));
        $free = $top->minus($foot);
        if ($free->isLessThan(Length::fromMillimetres(self::LEAST_GUARD_MM))) {
            return;
        }
        $n = max(1, (int) ceil($wanted->units / ($board->units + 80 * Length::PER_MM)));
        $high = Length::least($board, $free);
        $from = $top->minus($high);
        for ($i = 0; $i < $n && ! $from->isLessThan($foot); $i++) {
            $at->maker()->strip(new Named("{$cell->bay->id}:guard_".($i + 1), Role::BedRail,
                Text::of('part.guard', n: $i + 1, bay: $cell->label)), $cell->x, $y, Span::of($from, $high, Text::of('piece.guard_board')));
            $from = $from->minus($high)->minus(Length::fromMillimetres(80));
        }
        $post = Span::of($foot, $free, Text::of('piece.guard_post'));
        foreach (['left' => $cell->x->from, 'right' => $cell->x->to()->minus($board)] as $side => $x) {
            $at->maker()->face(new Named("{$cell->bay->id}:guard_post_$side", Role::BedRail, Text::of("part.guard_post_$side", bay: $cell->label)),
                Span::of($x, $board, Text::of('piece.guard_board')), $y->minus($cell->board->thickness), $post);
        }
    }

    /** Equal rises, the last one to the deck counts (fieldbook §11). In a box the ladder stands on its bottom, before the rail. */
    private function rungs(Workplace $at, Length $y, Length $top): void
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
        $wide = Length::fromMillimetres(400);
        $deep = Span::of($y, Length::fromMillimetres(self::TREAD_MM), Text::of('piece.tread_depth'));
        $x = Span::of($cell->x->from, $wide, Text::of('piece.ladder_width'));
        $maker = $at->maker();
        foreach (['left' => $x->from, 'right' => $x->to()->minus($t)] as $side => $at0) {
            $maker->upright(new Named("{$cell->bay->id}:ladder_$side", Role::BoxPart, Text::of("part.ladder_$side", bay: $cell->label)),
                $at0, $deep, Span::of($foot, $deck, Text::of('piece.up_to_deck')));
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

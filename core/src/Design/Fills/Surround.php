<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Lengths;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A stud frame before the wall, closed by a board with an opening for an electric fire, and a mantel over it. */
final class Surround implements FillMaker
{
    private const STUD_MM = 38;

    private const PITCH_MM = 600;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        $deep = $is->length('fire_depth')->plus($t);
        $fire = Span::of($cell->x->from->plus($cell->x->value()->minus($is->length('fire_width'))->half()),
            $is->length('fire_width'), Text::of('piece.fire_opening'));
        $high = Span::of($cell->floor->plus($is->length('fire_at')), $is->length('fire_height'), Text::of('piece.fire_opening'));
        $stud = Length::fromMillimetres(self::STUD_MM);
        $inside = $cell->by->left !== null || $cell->by->right !== null;
        $out = $inside ? $is->length('mantel_out') : Length::zero();
        $needs = ['wide' => [$cell->x->value(), $fire->value()->plus($stud->times(4))], 'deep' => [$cell->y->value(), $deep->plus($t)->plus($out)],
            'high' => [$cell->z->to()->minus($cell->floor), $high->to()->plus($stud)->minus($cell->floor)],
            'low' => [$is->length('fire_at'), $cell->z->from->minus($cell->floor)]];
        foreach ($needs as $axis => [$has, $need]) {
            if ($has->isLessThan($need)) {
                $at->cannot("piece.surround_$axis", $has, $need);

                return;
            }
        }
        $y = Span::of($cell->y->from, $deep, Text::of('piece.surround_depth'));
        $this->frame($at, $y, $fire, $high);
        $this->face($at, $y->to(), $fire, $high);
        $mantel = $cell->floor->plus($is->length('mantel_at'));
        if ($mantel->minus($t)->isGreaterThan($cell->z->from) && $mantel->isLessThan($cell->z->to()) && $mantel->minus($t)->isGreaterThan($high->to())) {
            $shelf = $at->maker()->banded(['front', 'left', 'right'])
                ->level(new Named("{$cell->bay->id}:mantel", Role::Slab, Text::of('part.mantel', bay: $cell->label)), $cell->x,
                    Span::of($y->to()->plus($t), $is->length('mantel_out'), Text::of('piece.mantel_out')), $mantel->minus($t));
            foreach (array_filter($at->bench->panels, fn (Panel $p): bool => str_starts_with($p->id, "{$cell->bay->id}:surround_face")) as $face) {
                $at->bench->join($shelf->id, $face->id, JointKind::Faced, Axis::Y);
            }
            // Rods in the timbers behind it: no screw is driven from behind a face that is up.
            $at->need('mantel_fixing', count(array_filter($this->timbers($at), fn (Panel $p): bool => $p->long === Axis::Z
                && $p->block->from(Axis::Z)->isLessThan($mantel) && $p->block->to(Axis::Z)->isGreaterThan($mantel))));
        } else {
            $at->bench->find($at->against('piece.mantel_outside', $mantel, $high->to())->sourced('source.obstacles'));
        }
    }

    /** Closed by as few boards as the sheet gives, parted over the timbers beside the fire. */
    private function face(Workplace $at, Length $y, Span $fire, Span $high): void
    {
        $cell = $at->cell;
        $half = Length::fromMillimetres(self::STUD_MM)->half();
        $cuts = [$fire->from->minus($half), $fire->to()->plus($half)];
        foreach (Lengths::of($cell->x, $cuts, $cell->board->widest($cell->z->value())) as $i => $x) {
            $face = $at->maker()
                ->face(new Named("{$cell->bay->id}:surround_face".($i === 0 ? '' : '_'.($i + 1)), Role::Board,
                    $i === 0 ? Text::of('part.surround_face', bay: $cell->label)
                        : Text::of('part.length', part: Text::of('part.surround_face', bay: $cell->label), n: $i + 1)), $x, $y, $cell->z);
            foreach ($this->timbers($at) as $timber) {
                $meets = $timber->block->grownBy(Length::ofUnits(1))->overlaps($face->block);
                $at->bench->join($meets ? $face->id : null, $timber->id, JointKind::Faced, Axis::Y);
            }
            $from = Length::greatest($x->from, $fire->from);
            $to = Length::least($x->to(), $fire->to());
            if ($to->isGreaterThan($from)) {
                $at->bench->take($face->id, TakenKind::CutOut,
                    new Block(new Place3($from, $y, $high->from), new Place3($to->minus($from), $cell->board->thickness, $high->value())));
            }
        }
    }

    /** @return list<Panel> of the frame of a bay */
    private function timbers(Workplace $at): array
    {
        return array_values(array_filter($at->bench->panels, fn (Panel $p): bool => $p->role === Role::Stud && $p->bay === $at->cell->bay->id));
    }

    /** Uprights at both ends, at both sides of the opening and no further apart than 600; a plate below and above, a sill and a head at the opening. */
    private function frame(Workplace $at, Span $y, Span $fire, Span $high): void
    {
        $cell = $at->cell;
        $stud = Length::fromMillimetres(self::STUD_MM);
        $why = Text::of('piece.stud_size');
        $lumber = fn (string $id, Text $name, Span $x, Span $z, Axis $long): Panel => $at->maker()
            ->bought(new Named("{$cell->bay->id}:$id", Role::Stud, $name), [$x, $y, $z], $long, $long === Axis::Z ? Axis::X : Axis::Z);
        foreach (['below' => $cell->z->from, 'above' => $cell->z->to()->minus($stud)] as $where => $z) {
            $lumber("plate_$where", Text::of("part.plate_$where", bay: $cell->label), $cell->x, Span::of($z, $stud, $why), Axis::X);
        }
        $between = $cell->z->inside($stud, Text::of('piece.between_plates'));
        $edges = [$cell->x->from, $fire->from->minus($stud), $fire->to(), $cell->x->to()->minus($stud)];
        $n = 0;
        $beside = [];
        foreach ($edges as $i => $x) {
            $upright = $lumber('stud_'.++$n, Text::of('part.stud', n: $n, bay: $cell->label), Span::of($x, $stud, $why), $between, Axis::Z);
            if ($i === 1 || $i === 2) {
                $beside[] = $upright->id;
            }
            $next = $edges[$i + 1] ?? null;
            if ($next === null || $i === 1) {
                continue;
            }
            $bays = (int) ceil($next->minus($x)->units / (self::PITCH_MM * Length::PER_MM));
            foreach (array_slice($next->minus($x)->splitInto(max(1, $bays)), 0, -1) as $k => $step) {
                $lumber('stud_'.++$n, Text::of('part.stud', n: $n, bay: $cell->label),
                    Span::of($x->plus($step->times($k + 1)), $stud, $why), $between, Axis::Z);
            }
        }
        foreach (array_filter($this->timbers($at), fn (Panel $p): bool => $p->long === Axis::Z) as $upright) {
            foreach (['below', 'above'] as $where) {
                $at->bench->join($upright->id, "{$cell->bay->id}:plate_$where", JointKind::Screws, Axis::Z);
            }
        }
        $at->need('frame_bracket', 4);
        foreach (['sill' => $high->from->minus($stud), 'head' => $high->to()] as $name => $z) {
            if (! $z->isLessThan($between->from) && ! $z->plus($stud)->isGreaterThan($between->to())) {
                $level = $lumber("fire_$name", Text::of("part.fire_$name", bay: $cell->label), $fire, Span::of($z, $stud, $why), Axis::X);
                foreach ($beside as $upright) {
                    $at->bench->join($level->id, $upright, JointKind::Screws, Axis::X);
                }
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Document\Model\Front;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A desk top over a knee space, on cleats at both sides, with a rail behind that keeps it from sagging. */
final class Desk implements FillMaker
{
    private const CLEAT_MM = 40;

    private const MODESTY_MM = 120;

    /** Under the top for the knees, across, and deep (usual rule for a seated adult). */
    private const KNEE_MM = ['high' => 620, 'wide' => 600, 'deep' => 450];

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        $layers = $is->count('layers');
        $under = $cell->floor->plus($is->length('at'))->minus($t->times($layers));
        if ($under->minus(Length::fromMillimetres(self::CLEAT_MM))->isLessThan($cell->z->from)
            || $under->plus($t->times($layers))->isGreaterThan($cell->z->from->plus($cell->least))) {
            $at->cannot('piece.desk_outside', $cell->z->from->plus($cell->least), $under->plus($t->times($layers)));

            return;
        }
        $has = ['high' => $under->minus($cell->z->from), 'wide' => $cell->x->value(), 'deep' => $cell->y->value()];
        foreach (self::KNEE_MM as $axis => $mm) {
            if ($has[$axis]->isLessThan(Length::fromMillimetres($mm))) {
                $at->bench->find($at->against("piece.knee_$axis", $has[$axis], Length::fromMillimetres($mm))->sourced('source.reach'));
            }
        }
        $tops = [];
        for ($i = 0; $i < $layers; $i++) {
            $tops[] = $at->maker()
                ->banded($cell->methods->front === Front::Banded ? ['front'] : [])
                ->level(new Named("{$cell->bay->id}:desk".($i === 0 ? '' : '_'.($i + 1)), Role::Slab,
                    Text::of('part.desk', n: $i + 1, bay: $cell->label)), $cell->x, $cell->y,
                    $under->plus($t->times($i)))->id;
        }
        foreach ([$cell->by->left, $cell->by->right] as $upright) {
            $at->bench->join($tops[0], $upright, JointKind::Rests, Axis::X);
        }
        $this->carried($at, $under, $tops[0]);
    }

    private function carried(Workplace $at, Length $under, string $top): void
    {
        $cell = $at->cell;
        $t = $cell->board->thickness;
        $height = Length::fromMillimetres(self::CLEAT_MM);
        $z = Span::of($under->minus($height), $height, Text::of('piece.cleat_height'));
        $deep = $cell->y->afterFirst($t, Text::of('piece.modesty'));
        foreach (['left' => [$cell->x->from, $cell->by->left], 'right' => [$cell->x->to()->minus($t), $cell->by->right]] as $side => [$x, $upright]) {
            $cleat = $at->maker()
                ->cheek(new Named("{$cell->bay->id}:desk_cleat_$side", Role::Cleat, Text::of("part.desk_cleat_$side", bay: $cell->label)), $x, $deep, $z);
            $at->bench->join($top, $cleat->id, JointKind::Rests, Axis::Z);
            $at->bench->join($cleat->id, $upright, JointKind::Screws, Axis::X);
        }
        if ($cell->bay->fill->is->is('modesty')) {
            $rail = Length::least(Length::fromMillimetres(self::MODESTY_MM), $under->minus($cell->z->from));
            $made = $at->maker()->strip(new Named("{$cell->bay->id}:desk_rail", Role::Ledger, Text::of('part.desk_rail', bay: $cell->label)),
                $cell->x, $cell->y->from, Span::of($under->minus($rail), $rail, Text::of('piece.desk_rail')));
            $held = JointKind::takesPockets($rail) ? JointKind::PocketScrews : JointKind::Screws;
            $at->bench->join($made->id, $top, JointKind::PocketScrews, Axis::Z);
            foreach ([$cell->by->left, $cell->by->right] as $upright) {
                $at->bench->join($made->id, $upright, $held, Axis::X);
            }
        }
    }
}

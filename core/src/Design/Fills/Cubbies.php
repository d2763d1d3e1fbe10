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
use Incastro\Core\Measure\Text;

/** Equal compartments, side by side and one above the other. */
final class Cubbies implements FillMaker
{
    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        [$columns, $rows] = [$cell->bay->fill->is->count('columns'), $cell->bay->fill->is->count('rows')];
        $t = $cell->board->thickness;
        $wide = $columns === 1 ? [$cell->x->size] : $cell->x->size->minus($t->times($columns - 1), Text::of('piece.dividers', n: $columns - 1, t: $t))
            ->sharedInto($columns, Text::of('piece.cubby_columns'));
        $high = $rows === 1 ? [$cell->z->size]
            : $cell->z->size->minus($t->times($rows - 1), Text::of('piece.shelf_boards', n: $rows - 1, t: $t))->sharedInto($rows, Text::of('piece.cubby_rows'));
        $small = $wide[0]->value->isLessThan($high[0]->value) ? $wide[0]->value : $high[0]->value;
        if ($small->isLessThan($t->times(2))) {
            $at->cannot('piece.cubbies_small', $small, $t->times(2));

            return;
        }
        $banded = $cell->methods->front === Front::Banded ? ['front'] : [];
        $left = $cell->by->left;
        $x = $cell->x->from;
        for ($c = 0; $c < $columns; $c++) {
            $right = $cell->by->right;
            if ($c < $columns - 1) {
                $post = $at->maker()
                    ->banded($banded)->upright(new Named("{$cell->bay->id}:cubby_post_".($c + 1), Role::Divider,
                        Text::of('part.cubby_post', n: $c + 1, bay: $cell->label)), $x->plus($wide[$c]->value), $cell->y, $cell->z);
                $right = $post->id;
                $at->bench->join($post->id, $cell->by->floor, JointKind::Screws, Axis::Z);
                $at->bench->join($post->id, $cell->by->head, JointKind::Screws, Axis::Z);
            }
            $z = $cell->z->from;
            for ($r = 0; $r < $rows - 1; $r++) {
                $z = $z->plus($high[$r]->value);
                $shelf = $at->maker()->banded($banded)->level(new Named("{$cell->bay->id}:cubby_shelf_".($c + 1).'_'.($r + 1), Role::Shelf,
                    Text::of('part.cubby_shelf', n: $r + 1, column: $c + 1, bay: $cell->label)), new Span($x, $wide[$c]), $cell->y, $z);
                $at->bench->join($shelf->id, $left, JointKind::Screws, Axis::X);
                $at->bench->join($shelf->id, $right, JointKind::Screws, Axis::X);
                $z = $z->plus($t);
            }
            $x = $x->plus($wide[$c]->value)->plus($t);
            $left = $right;
        }
    }
}

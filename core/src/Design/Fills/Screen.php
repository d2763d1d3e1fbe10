<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** An open stage for a screen: a board behind it to fix the bracket to, with a hole for its cables. */
final class Screen implements FillMaker
{
    /** Around the screen. */
    private const AROUND_MM = 20;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $around = Length::fromMillimetres(self::AROUND_MM)->times(2);
        foreach (['wide' => [$cell->mouth->x->value(), $is->length('width')],
            'high' => [Length::least($cell->mouth->z->value(), $cell->least), $is->length('height')]] as $axis => [$has, $size]) {
            if ($has->isLessThan($size->plus($around))) {
                $at->cannot("piece.screen_$axis", $has, $size->plus($around));

                return;
            }
        }
        $hole = $is->length('cable_hole');
        $board = $at->maker()
            ->strip(new Named("{$cell->bay->id}:screen_board", Role::Board, Text::of('part.screen_board', bay: $cell->label)),
                $cell->x, $cell->y->from, $cell->z);
        $middle = $cell->x->from->plus($cell->x->value()->minus($hole)->half());
        $at->bench->take($board->id, TakenKind::RoundCutOut,
            new Block(new Place3($middle, $cell->y->from, $cell->z->from->plus(Length::fromMillimetres(60))),
                new Place3($hole, $cell->board->thickness, $hole)));
        $at->need('cable_grommet', 1, $hole);
    }
}

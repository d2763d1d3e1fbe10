<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A fixed board with openings over bins that stand below. Equal strips between: (W − n·a)/(n + 1). */
final class BinTop implements FillMaker
{
    /** A strip beside a cut-out (fieldbook §5). */
    private const STRIP_MM = 50;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        [$n, $across] = [$is->count('openings'), $is->length('across')];
        $strips = $cell->x->value()->minus($across->times($n))->splitInto($n + 1);
        $deep = $cell->y->value()->minus($across)->half();
        $least = Length::least($strips[$n], $deep);
        if ($least->isLessThan(Length::fromMillimetres(15))) {
            $at->cannot('piece.openings_too_large', $least, Length::fromMillimetres(self::STRIP_MM));

            return;
        }
        if ($least->isLessThan(Length::fromMillimetres(self::STRIP_MM))) {
            $at->bench->find($at->against('piece.strip_thin', $least, Length::fromMillimetres(self::STRIP_MM))->sourced('source.obstacles'));
        }
        $z = $cell->floor->plus($is->length('at'))->minus($cell->board->thickness);
        if ($z->isLessThan($cell->z->from) || ! $z->plus($cell->board->thickness)->isLessThan($cell->z->from->plus($cell->least))) {
            $at->cannot('piece.board_outside', $z, $cell->z->from);

            return;
        }
        $board = $at->maker()
            ->banded(['front'])->level(new Named("{$cell->bay->id}:bin_top", Role::Shelf, Text::of('part.bin_top', bay: $cell->label)), $cell->x, $cell->y, $z);
        foreach ([$cell->by->left, $cell->by->right] as $upright) {
            $at->bench->join($board->id, $upright, JointKind::Screws, Axis::X);
        }
        $x = $cell->x->from;
        for ($i = 0; $i < $n; $i++) {
            $x = $x->plus($strips[$i]);
            $at->bench->take($board->id, $is->choice('shape') === 'round' ? TakenKind::RoundCutOut : TakenKind::CutOut,
                new Block(new Place3($x, $cell->y->from->plus($deep), $z), new Place3($across, $across, $cell->board->thickness)));
            $x = $x->plus($across);
        }
    }
}

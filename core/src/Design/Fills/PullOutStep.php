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

/** A step that rolls out from under: tread on two cheeks, a riser between them. */
final class PullOutStep implements FillMaker
{
    private const PLAY_MM = 4;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        [$height, $going, $castor] = [$is->length('height'), $is->length('going'), $is->length('castor')];
        $play = Length::fromMillimetres(self::PLAY_MM);
        // One that rolls stands before the rail at the foot of its bay.
        $deep = $castor->isPositive() ? $cell->y->value()->minus($t) : $cell->y->value();
        if (! $height->plus($play)->isLessThan($cell->least) || $going->isGreaterThan($deep)
            || ! $height->minus($castor)->isGreaterThan($t->times(3))) {
            $at->cannot('piece.step_does_not_fit', Length::least($cell->least, $deep), Length::greatest($height->plus($play), $going));

            return;
        }
        $x = $cell->mouth->x->inside($play, Text::of('piece.gap_each', gap: $play));
        $y = $cell->y->last($going, Text::of('piece.going'));
        $foot = $cell->z->from->plus($castor);
        $cheeks = Span::of($foot, $height->minus($castor)->minus($t), Text::of('piece.step_cheek'));
        $maker = $at->maker();
        $tread = $maker->banded(['front'])
            ->level(new Named("{$cell->bay->id}:tread", Role::BoxPart, Text::of('part.tread', bay: $cell->label)), $x, $y, $cheeks->to());
        $inner = new Span($x->from->plus($t), $x->size->minus($t->times(2), Text::of('piece.two_sides', t: $t)));
        $riser = $maker
            ->strip(new Named("{$cell->bay->id}:riser", Role::BoxPart, Text::of('part.riser', bay: $cell->label)), $inner, $y->to()->minus($t), $cheeks);
        foreach (['left' => $x->from, 'right' => $x->to()->minus($t)] as $side => $at0) {
            $cheek = $maker
                ->cheek(new Named("{$cell->bay->id}:step_cheek_$side", Role::BoxPart, Text::of("part.step_cheek_$side", bay: $cell->label)), $at0, $y, $cheeks);
            $at->bench->join($tread->id, $cheek->id, JointKind::Screws, Axis::Z);
            $at->bench->join($riser->id, $cheek->id, JointKind::Screws, Axis::X);
        }
        $at->need('castor', $castor->isPositive() ? 4 : 0, $castor);
        $at->need('tread_strip', 1, $x->value());
    }
}

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
use Incastro\Core\Measure\Rounding;
use Incastro\Core\Measure\Text;

/**
 * A front hinged at its foot that tips out with a bin on it. The bin's rear top corner swings about the hinge: its height there is r·sin(φ
 * + θ), r and φ from bin depth and height (our derivation).
 */
final class TiltBin implements FillMaker
{
    private const ROOM_MM = 10;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        [$gap, $w, $d, $h] = [$is->length('gap'), $is->length('bin_width'), $is->length('bin_depth'), $is->length('bin_height')];
        $room = Length::fromMillimetres(self::ROOM_MM);
        $wide = $w->plus($t->times(2))->plus($room);
        $has = $cell->mouth->x->value()->minus($gap->times(2));
        if ($has->isLessThan($wide)) {
            $at->cannot('piece.bin_does_not_pass', $has, $wide);

            return;
        }
        $sweep = self::sweep($d->plus($t), $h->plus($t), $is->count('opens'));
        if ($cell->least->isLessThan($sweep->plus($room))) {
            $at->cannot('piece.bin_swings_high', $cell->least, $sweep->plus($room));

            return;
        }
        $frontY = $cell->mouth->y->minus($t);
        if ($frontY->minus($cell->y->from)->isLessThan($d->plus($t)->plus($room))) {
            $at->cannot('piece.bin_too_deep', $frontY->minus($cell->y->from), $d->plus($t)->plus($room));

            return;
        }
        $this->parts($at, $frontY, $wide, $d->plus($room));
    }

    /** The greatest height of the rear top corner while the front tips by so many degrees. */
    private static function sweep(Length $depth, Length $height, int $degrees): Length
    {
        $angle = min(M_PI / 2, atan2($height->units, $depth->units) + deg2rad($degrees));

        return Length::ofUnits(Rounding::Up->apply(hypot($depth->units, $height->units) * sin($angle)));
    }

    private function parts(Workplace $at, Length $frontY, Length $wide, Length $deep): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $t = $cell->board->thickness;
        $gap = $is->length('gap');
        $maker = $at->maker();
        $front = $maker->banded(['left', 'right', 'top', 'bottom'])
            ->face(new Named("{$cell->bay->id}:tilt_front", Role::Front, Text::of('part.tilt_front', bay: $cell->label)),
                $cell->mouth->x->inside($gap, Text::of('piece.gap_each', gap: $gap)),
                $frontY, $cell->mouth->z->inside($gap, Text::of('piece.gap_each', gap: $gap)));
        $spare = $cell->mouth->x->value()->minus($wide)->half();
        $x = Span::of($cell->mouth->x->from->plus($spare), $wide, Text::of('piece.bin_and_cheeks'));
        $y = Span::of($frontY->minus($deep), $deep, Text::of('piece.bin_depth'));
        $z = Span::of($cell->mouth->z->from->plus($gap), $is->length('bin_height')->half(), Text::of('piece.half_bin'));
        $bottom = $maker->level(new Named("{$cell->bay->id}:tilt_bottom", Role::BoxPart, Text::of('part.tilt_bottom', bay: $cell->label)),
            new Span($x->from->plus($t), $x->size->minus($t->times(2), Text::of('piece.two_sides', t: $t))), $y, $z->from);
        $at->bench->join($bottom->id, $front->id, JointKind::Screws, Axis::Y);
        foreach (['left' => $x->from, 'right' => $x->to()->minus($t)] as $side => $at0) {
            $cheek = $maker
                ->cheek(new Named("{$cell->bay->id}:tilt_cheek_$side", Role::BoxPart, Text::of("part.tilt_cheek_$side", bay: $cell->label)), $at0, $y, $z);
            $at->bench->join($bottom->id, $cheek->id, JointKind::Screws, Axis::X);
            $at->bench->join($cheek->id, $front->id, JointKind::Screws, Axis::Y);
        }
        $at->need('tilt_hinge', 2);
        $at->need('tilt_stop', 1);
        $at->need('pull', 1);
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What is seen of a bay from the front: all of it between banded boards, less what a face frame covers. */
final readonly class Mouths
{
    /** @param  array{bool, bool}  $ends  its row is the lowest, the highest */
    public function __construct(private Opening $o, private Board $board, private array $ends)
    {
    }

    /** @param  array{bool, bool}  $outer  the bay is the first, the last of its row */
    public function of(Span $x, Length $z, Length $height, array $outer): Mouth
    {
        $t = $this->board->thickness;
        $half = $t->splitInto(2)[1];
        $frame = $this->o->frame;
        if ($frame === null) {
            if ($this->o->by->left === null && $this->o->by->right === null) {
                $none = Length::zero();

                return new Mouth($x, Span::of($z, $height, Text::of('piece.clear_height')), $this->o->y->to(), false, $none, $none, $none, $none);
            }
            $isOuter = fn (bool $is): Length => $is && $this->o->ends === 2 ? $t : $half;
            // Open to the floor there is nothing below to lie over.
            $foot = $z->isLessThan($this->o->z) || $z->equals($this->o->deep) ? Length::zero() : ($this->ends[0] && $this->o->ends === 2 ? $t : $half);

            return new Mouth($x, Span::of($z, $height, Text::of('piece.clear_height')), $this->o->y->to(), false,
                $isOuter($outer[0]), $isOuter($outer[1]), $this->ends[1] && $this->o->ends === 2 ? $t : $half,
                $foot, ! $outer[0] || $this->o->ends === 0, ! $outer[1] || $this->o->ends === 0,
                ! $this->ends[1] || $this->o->ends === 0, ! $this->ends[0] || $this->o->ends === 0, $this->o->recessed);
        }
        $lap = $frame->stile->minus($t);
        $shared = $lap->half();
        [$left, $right] = [$outer[0] ? $lap : $shared, $outer[1] ? $lap : $lap->minus($shared)];
        $headLap = ($this->ends[1] ? $frame->topRail : $frame->rail)->minus($t);
        // The lowest rail passes before a bay that is open to the floor too.
        $footLap = $this->ends[0] ? $this->o->z->minus($t)->plus($frame->rail)->minus($z) : Length::zero();
        $wide = Span::of($x->from->plus($left), $x->value()->minus($left)->minus($right), Text::of('piece.frame_opening'));
        $high = Span::of($z->plus($footLap), $height->minus($footLap)->minus($headLap), Text::of('piece.frame_opening'));
        $halfStile = $frame->stile->splitInto(2)[1];

        return new Mouth($wide, $high, $this->o->y->to()->plus($t), true, $outer[0] ? $frame->stile : $halfStile, $outer[1] ? $frame->stile : $halfStile,
            $this->ends[1] ? $frame->topRail : $frame->rail->splitInto(2)[1],
            $this->ends[0] ? $frame->rail : $frame->rail->splitInto(2)[1], ! $outer[0], ! $outer[1], ! $this->ends[1], ! $this->ends[0]);
    }
}

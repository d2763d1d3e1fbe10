<?php

declare(strict_types=1);

namespace Incastro\Core\Design\Fills;

use Incastro\Core\Design\Belongs;
use Incastro\Core\Design\Cell;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Workplace;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Findings\Finding;
use Incastro\Core\Findings\Severity;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** Drawers on slides, or one on castors. Side slides need 12.7 each side, and a length no more than the clear depth less 10 (fieldbook §6). */
final class Drawers implements FillMaker
{
    private const SLIDE_MM = 12.7;

    private const CASTOR_PLAY_MM = 6;

    private const BEHIND_MM = 10;

    /** Slides come in steps of this, from the shortest. */
    private const STEP_MM = 50;

    private const SHORTEST_MM = 250;

    private const LONGEST_MM = 700;

    /** What a box is lower than its front. */
    private const LOWER_MM = 40;

    private const LEAST_FRONT_MM = 80;

    /** A hinge must open this far before a drawer behind it comes out. */
    private const OPENS = 95;

    public function make(Workplace $at): void
    {
        $cell = $at->cell;
        $castors = $cell->bay->fill->is->choice('on') === 'castors';
        if ($this->isBehindDoor($at) || ($castors && $this->cannotRoll($at))) {
            return;
        }
        $length = $this->slideLength($cell, $castors);
        $fronts = $length === null ? [] : $this->fronts($cell);
        if ($length === null) {
            $at->cannot('piece.drawer_too_short', $this->free($cell), Length::fromMillimetres(self::SHORTEST_MM));
        } elseif (! $this->isTooNarrow($at) && ! $this->isTooLow($fronts, $at)) {
            foreach ($fronts as $i => $front) {
                $this->drawer($at, $i + 1, $front, $length);
            }
            $at->need($castors ? 'castor' : 'slide_pair', $castors ? 4 : count($fronts), $castors ? $cell->bay->fill->is->length('castor') : $length);
            $at->need('pull', count($fronts));
        }
    }

    private function isBehindDoor(Workplace $at): bool
    {
        $cell = $at->cell;
        $door = $cell->bay->door;
        if ($door === null || $door->kind !== DoorKind::Hinged || $door->is->count('opens') >= self::OPENS) {
            return false;
        }
        $at->bench->find(Finding::ofPiece('piece.drawer_behind_door', Severity::Stop, $cell->bay->id,
            Text::of('piece.drawer_behind_door', bay: $cell->label, opens: $door->is->count('opens'), needs: self::OPENS)));

        return true;
    }

    /** One drawer rolls on castors, on the floor of its bay and over no rail. */
    private function cannotRoll(Workplace $at): bool
    {
        $cell = $at->cell;
        $n = $cell->bay->fill->is->count('count');
        $rail = $cell->mouth->z->from->minus($cell->z->from);
        if ($cell->by->floor !== null) {
            $at->cannot('piece.castors_drop', Length::zero(), $cell->z->from->minus($cell->floor));
        } elseif ($n > 1) {
            $at->bench->find(Finding::ofPiece('piece.castors_one', Severity::Stop, $cell->bay->id, Text::of('piece.castors_one', bay: $cell->label, n: $n)));
        } elseif ($rail->isPositive()) {
            $at->cannot('piece.castors_over_rail', Length::zero(), $rail);
        }

        return $n > 1 || $rail->isPositive() || $cell->by->floor !== null;
    }

    private function isTooNarrow(Workplace $at): bool
    {
        $cell = $at->cell;
        $inside = $cell->mouth->x->value()->minus(Length::fromMillimetres(2 * self::SLIDE_MM));
        $least = $cell->board->thickness->times(4);
        if ($inside->isLessThan($least)) {
            $at->cannot('piece.drawer_narrow', $inside, $least);
        }

        return $inside->isLessThan($least);
    }

    /** @param  list<Span>  $fronts */
    private function isTooLow(array $fronts, Workplace $at): bool
    {
        $cell = $at->cell;
        $least = Length::fromMillimetres(self::LEAST_FRONT_MM);
        foreach ($fronts as $front) {
            if ($front->value()->isLessThan($least)) {
                $at->cannot('piece.drawers_low', $front->value(), $least);

                return true;
            }
        }

        return false;
    }

    private function isInset(Cell $cell): bool
    {
        return $cell->bay->fill->is->choice('front') === 'inset' || $cell->bay->door !== null || $cell->mouth->recessed;
    }

    /** y of the rear face of the fronts. */
    private function frontY(Cell $cell): Length
    {
        return $cell->bay->door !== null ? $cell->y->to()->minus($cell->board->thickness)
            : ($this->isInset($cell) ? $cell->mouth->y->minus($cell->board->thickness) : $cell->mouth->y);
    }

    /** What a slide may use: clear depth behind the front, before the nailer, less 10. */
    private function free(Cell $cell): Length
    {
        return $this->frontY($cell)->minus($cell->y->from)->minus($cell->board->thickness)->minus(Length::fromMillimetres(self::BEHIND_MM));
    }

    private function slideLength(Cell $cell, bool $castors): ?Length
    {
        $free = $this->free($cell);
        if ($castors) {
            return $free->isLessThan(Length::fromMillimetres(self::SHORTEST_MM)) ? null : $free;
        }
        $steps = intdiv($free->units, self::STEP_MM * Length::PER_MM) * self::STEP_MM;

        return $steps < self::SHORTEST_MM ? null : Length::fromMillimetres(min($steps, self::LONGEST_MM));
    }

    /** @return list<Span> the fronts from the bottom up: inset (H − (n + 1)·gap)/n, overlay over half the boards around (fieldbook §6) */
    private function fronts(Cell $cell): array
    {
        $is = $cell->bay->fill->is;
        [$n, $gap] = [$is->count('count'), $is->length('gap')];
        $inset = $this->isInset($cell);
        $castor = $is->choice('on') === 'castors' ? Length::fromMillimetres(5) : Length::zero();
        $low = $inset ? Length::zero() : $cell->mouth->footFace->minus($gap)->half();
        $high = $inset ? Length::zero() : $cell->mouth->headFace->minus($gap)->half();
        $mouth = Length::least($cell->mouth->z->value(), $cell->mouth->z->from->minus($cell->z->from)->plus($cell->least));
        $whole = Figure::of($mouth, Text::of('piece.mouth_height'))->plus($low->plus($high), Text::of('piece.overlay_both'));
        $rest = $whole->minus($gap->times($inset ? $n + 1 : $n - 1), Text::of('piece.gaps', n: $inset ? $n + 1 : $n - 1, gap: $gap))
            ->minus($castor, Text::of('piece.floor_air'));
        $z = $cell->mouth->z->from->minus($low)->plus($inset ? $gap : Length::zero())->plus($castor);
        $fronts = [];
        foreach ($this->heights($rest, $n, $is->choice('heights') === 'deeper_below') as $height) {
            $fronts[] = new Span($z, $height);
            $z = $z->plus($height->value)->plus($gap);
        }

        return $fronts;
    }

    /** @return list<Figure> */
    private function heights(Figure $rest, int $n, bool $deeper): array
    {
        if ($n === 1) {
            return [$rest];
        }
        if (! $deeper) {
            return $rest->sharedInto($n, Text::of('piece.equal_fronts'));
        }
        // Weights n + 1 … 2: the lowest of three is twice the highest.
        $weights = range($n + 1, 2);
        $sum = array_sum($weights);
        $heights = [];
        $given = 0;
        foreach ($weights as $i => $weight) {
            $to = intdiv($rest->value->units * array_sum(array_slice($weights, 0, $i + 1)), $sum);
            $heights[] = Figure::of(Length::ofUnits($to - $given),
                Text::of('piece.share_of', weight: $weight, of: $sum, rest: $rest->value), null, $rest->value->units * $weight % $sum === 0);
            $given = $to;
        }

        return $heights;
    }

    private function drawer(Workplace $at, int $n, Span $front, Length $length): void
    {
        $cell = $at->cell;
        $is = $cell->bay->fill->is;
        $castors = $is->choice('on') === 'castors';
        $gap = $is->length('gap');
        $y = $this->frontY($cell);
        $inset = $this->isInset($cell);
        $mouth = $cell->bay->door !== null ? $cell->x : $cell->mouth->x;
        $x = $inset ? $mouth->inside($gap, Text::of('piece.gap_each', gap: $gap))
            : new Span($mouth->from->minus($this->lap($cell, true, $gap)),
                $mouth->size->plus($this->lap($cell, true, $gap)->plus($this->lap($cell, false, $gap)), Text::of('piece.overlay_both')));
        $name = Text::of('part.drawer', n: $n, bay: $cell->label);
        $panel = $at->maker()->belongingTo(new Belongs(set: "{$cell->bay->id}:drawer_$n"))
            ->banded(['left', 'right', 'top', 'bottom'])->strip(new Named("{$cell->bay->id}:drawer_$n:front", Role::Front,
                Text::of('part.drawer_front', n: $n, bay: $cell->label)), $x, $y, $front);
        $play = Length::fromMillimetres($castors ? self::CASTOR_PLAY_MM : self::SLIDE_MM);
        $between = $cell->mouth->framed ? $cell->mouth->x : $cell->x;
        $box = $between->inside($play, Text::of($castors ? 'piece.castor_play' : 'piece.slide_each', each: $play));
        $up = $castors ? $is->length('castor')->plus($cell->z->from)->minus($front->from) : Length::fromMillimetres(10);
        // The box passes inside the opening, above its lower edge and below its upper one.
        $air = Length::fromMillimetres(3);
        $up = Length::greatest($up, $cell->mouth->z->from->plus($air)->minus($front->from));
        $top = Length::least($front->to()->minus(Length::fromMillimetres(self::LOWER_MM - 10)), $cell->mouth->z->to()->minus($air));
        $height = Length::greatest(Length::fromMillimetres(30), $top->minus($front->from)->minus($up));
        (new BoxOf($at, "{$cell->bay->id}:drawer_$n", $name, $castors))->make($box, Span::of($y->minus($length), $length, Text::of('piece.slide_length')),
            Span::of($front->from->plus($up), $height, Text::of('piece.drawer_height', front: $front->value())));
        $at->bench->join($panel->id, "{$cell->bay->id}:drawer_$n:front_inner", JointKind::Faced, Axis::Y);
        if (! $cell->mouth->framed) {
            $at->bench->clear("{$cell->bay->id}:drawer_$n:side_left", $cell->by->left, Axis::X, $play);
            $at->bench->clear("{$cell->bay->id}:drawer_$n:side_right", $cell->by->right, Axis::X, $play);
        }
    }

    private function lap(Cell $cell, bool $left, Length $gap): Length
    {
        $face = $left ? $cell->mouth->leftFace : $cell->mouth->rightFace;
        $shares = $left ? $cell->mouth->sharesLeft : $cell->mouth->sharesRight;

        return $shares ? $face->minus($gap->half()) : Length::greatest(Length::zero(), $face->minus($gap));
    }
}

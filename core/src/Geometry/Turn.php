<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/**
 * How a run's own frame lies in the house: along its wall to the right as one faces it, out of the wall, up.
 * Along the back wall the two are the same but for the origin.
 */
final readonly class Turn
{
    private function __construct(public int $quarter, private Length $x, private Length $y)
    {
    }

    public static function none(): self
    {
        return new self(0, Length::zero(), Length::zero());
    }

    /** Along the left wall, whose face is at `wall`: the run begins at its free end, so far out of the back wall. */
    public static function left(Length $wall, Length $free): self
    {
        return new self(1, $wall, $free);
    }

    /** Along the right wall, whose face is at `wall`: the run begins at the back wall. */
    public static function right(Length $wall): self
    {
        return new self(-1, $wall, Length::zero());
    }

    public function isNone(): bool
    {
        return $this->quarter === 0;
    }

    public function axis(Axis $axis): Axis
    {
        return match (true) {
            $this->quarter === 0 || $axis === Axis::Z => $axis,
            default => $axis === Axis::X ? Axis::Y : Axis::X,
        };
    }

    public function block(Block $b): Block
    {
        if ($this->quarter === 0) {
            return $b;
        }
        [$u, $v, $du, $dv] = [$b->corner->x, $b->corner->y, $b->size->x, $b->size->y];

        return $this->quarter === 1
            ? new Block(new Place3($this->x->plus($v), $this->y->minus($u)->minus($du), $b->corner->z), new Place3($dv, $du, $b->size->z))
            : new Block(new Place3($this->x->minus($v)->minus($dv), $this->y->plus($u), $b->corner->z), new Place3($dv, $du, $b->size->z));
    }

    /** A line of the house in the run's own frame. */
    public function slantFromHouse(Slant $line): Slant
    {
        if ($this->quarter === 0) {
            return $line;
        }

        return $line->along === Axis::Y
            ? new Slant(Axis::X, $line->at($this->y), -$this->quarter * $line->rise)
            : new Slant(Axis::Y, $line->at($this->x), $this->quarter * $line->rise);
    }

    public function prism(Prism $p): Prism
    {
        if ($this->quarter === 0) {
            return $p;
        }
        $along = fn (Length $u): Length => $this->quarter === 1 ? $this->y->minus($u) : $this->y->plus($u);
        $out = fn (Length $v): Length => $this->quarter === 1 ? $this->x->plus($v) : $this->x->minus($v);
        $move = match ($p->axis) {
            Axis::X => $along,
            Axis::Y => $out,
            Axis::Z => fn (Length $z): Length => $z,
        };
        $point = match ($p->axis) {
            Axis::X => fn (Point $q): Point => new Point($out($q->across), $q->up),
            Axis::Y => fn (Point $q): Point => new Point($along($q->across), $q->up),
            Axis::Z => fn (Point $q): Point => new Point($out($q->up), $along($q->across)),
        };
        [$a, $b] = [$move($p->from), $move($p->to)];

        return new Prism($this->axis($p->axis), array_map($point, $p->outline), Length::least($a, $b), Length::greatest($a, $b));
    }
}

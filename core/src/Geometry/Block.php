<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/** A square-edged solid: its corner nearest the origin and its extents. */
final readonly class Block
{
    public function __construct(public Place3 $corner, public Place3 $size)
    {
    }

    /** Without extent, at the origin: to be laid out axis by axis (along). */
    public static function nothing(): self
    {
        $zero = Length::zero();

        return new self(new Place3($zero, $zero, $zero), new Place3($zero, $zero, $zero));
    }

    /** Larger by so much on all sides; smaller where it is negative. */
    public function grownBy(Length $by): self
    {
        $all = $this;
        foreach (Axis::cases() as $axis) {
            $all = $all->stretched($axis, $by, $by);
        }

        return $all;
    }

    /** Further by so much at its lower and at its upper end along an axis. */
    public function stretched(Axis $axis, Length $before, Length $after): self
    {
        $k = $axis->value;

        return $this->along($axis, $this->corner->$k->minus($before), $this->size->$k->plus($before)->plus($after));
    }

    /** The same, but from here and so long along one axis. */
    public function along(Axis $axis, Length $from, Length $size): self
    {
        $c = $this->corner;
        $s = $this->size;

        return match ($axis) {
            Axis::X => new self(new Place3($from, $c->y, $c->z), new Place3($size, $s->y, $s->z)),
            Axis::Y => new self(new Place3($c->x, $from, $c->z), new Place3($s->x, $size, $s->z)),
            Axis::Z => new self(new Place3($c->x, $c->y, $from), new Place3($s->x, $s->y, $size)),
        };
    }

    public function from(Axis $axis): Length
    {
        return match ($axis) {
            Axis::X => $this->corner->x,
            Axis::Y => $this->corner->y,
            Axis::Z => $this->corner->z,
        };
    }

    public function extent(Axis $axis): Length
    {
        return match ($axis) {
            Axis::X => $this->size->x,
            Axis::Y => $this->size->y,
            Axis::Z => $this->size->z,
        };
    }

    public function to(Axis $axis): Length
    {
        return $this->from($axis)->plus($this->extent($axis));
    }

    public function middle(Axis $axis): Length
    {
        return $this->from($axis)->plus($this->extent($axis)->half());
    }

    /** Faces included. */
    public function holds(Place3 $at): bool
    {
        foreach (Axis::cases() as $axis) {
            $k = $axis->value;
            if ($at->$k->isLessThan($this->from($axis)) || $at->$k->isGreaterThan($this->to($axis))) {
                return false;
            }
        }

        return true;
    }

    /** Shares room with it. */
    public function overlaps(self $other): bool
    {
        [$p, $a, $q, $b] = [$this->corner, $this->size, $other->corner, $other->size];

        return $p->x->units < $q->x->units + $b->x->units && $q->x->units < $p->x->units + $a->x->units
            && $p->y->units < $q->y->units + $b->y->units && $q->y->units < $p->y->units + $a->y->units
            && $p->z->units < $q->z->units + $b->z->units && $q->z->units < $p->z->units + $a->z->units;
    }

    public function isEmpty(): bool
    {
        return ! $this->size->x->isPositive() || ! $this->size->y->isPositive() || ! $this->size->z->isPositive();
    }

    /** @return list<Point> the outline on paper, anticlockwise in the house's view */
    public function outlineIn(View $view): array
    {
        $a = $view->project($this->corner);
        $b = $view->project($this->corner->plus($this->size));

        return [$a, new Point($b->across, $a->up), $b, new Point($a->across, $b->up)];
    }
}

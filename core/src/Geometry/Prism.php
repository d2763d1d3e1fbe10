<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

use Incastro\Core\Measure\Length;

/**
 * A solid with one outline all along an axis: (y, z) along x, (x, z) along y, (x, y) along z. Boards are these, also where
 * an edge is bevelled or an end is cut to a slope.
 */
final readonly class Prism
{
    /** @param  list<Point>  $outline  no three in line, in the order of a walk around it */
    public function __construct(public Axis $axis, public array $outline, public Length $from, public Length $to)
    {
    }

    public static function of(Block $block, Axis $axis): self
    {
        $a = $block->corner;
        $b = $a->plus($block->size);
        [$p, $q, $from, $to] = match ($axis) {
            Axis::X => [new Point($a->y, $a->z), new Point($b->y, $b->z), $a->x, $b->x],
            Axis::Y => [new Point($a->x, $a->z), new Point($b->x, $b->z), $a->y, $b->y],
            Axis::Z => [new Point($a->x, $a->y), new Point($b->x, $b->y), $a->z, $b->z],
        };

        return new self($axis, [$p, new Point($q->across, $p->up), $q, new Point($p->across, $q->up)], $from, $to);
    }

    public function bounds(): Block
    {
        [$a0, $a1, $b0, $b1] = $this->reach();
        [$da, $db, $d] = [$a1->minus($a0), $b1->minus($b0), $this->to->minus($this->from)];

        return match ($this->axis) {
            Axis::X => new Block(new Place3($this->from, $a0, $b0), new Place3($d, $da, $db)),
            Axis::Y => new Block(new Place3($a0, $this->from, $b0), new Place3($da, $d, $db)),
            Axis::Z => new Block(new Place3($a0, $b0, $this->from), new Place3($da, $db, $d)),
        };
    }

    /** @return array{Length, Length, Length, Length} least and greatest across, least and greatest up */
    private function reach(): array
    {
        $first = $this->outline[0] ?? throw new \LogicException('A solid without an outline.');
        [$a0, $a1, $b0, $b1] = [$first->across, $first->across, $first->up, $first->up];
        foreach ($this->outline as $p) {
            [$a, $b] = [$p->across, $p->up];
            $a0 = $a->units < $a0->units ? $a : $a0;
            $a1 = $a->units > $a1->units ? $a : $a1;
            $b0 = $b->units < $b0->units ? $b : $b0;
            $b1 = $b->units > $b1->units ? $b : $b1;
        }

        return [$a0, $a1, $b0, $b1];
    }

    /** What is left of it under a line over its own `across`; null where nothing is. Cuts are rounded into the solid. */
    public function under(Slant $line): ?self
    {
        $kept = [];
        $n = count($this->outline);
        foreach ($this->outline as $i => $p) {
            $q = $this->outline[($i + 1) % $n];
            $isUnder = fn (Point $r): bool => ! $r->up->isGreaterThan($line->at($r->across));
            if ($isUnder($p)) {
                $kept[] = $p;
            }
            if ($isUnder($p) !== $isUnder($q)) {
                $kept[] = self::crossing($p, $q, $line);
            }
        }
        $kept = self::tidy($kept);

        return count($kept) < 3 ? null : new self($this->axis, $kept, $this->from, $this->to);
    }

    /** What is left of it above a height; null where nothing is. Not for solids that stand on their outline. */
    public function over(Length $z): ?self
    {
        $flipped = new self($this->axis, array_map(fn (Point $p): Point => new Point($p->across, $p->up->negated()), $this->outline), $this->from, $this->to);
        $kept = $flipped->under(new Slant($this->axis, $z->negated(), 0.0));

        return $kept === null ? null
            : new self($this->axis, array_map(fn (Point $p): Point => new Point($p->across, $p->up->negated()), $kept->outline), $this->from, $this->to);
    }

    /** Longer by so much at its lower or upper end along an axis: the corners that lie there move. */
    public function longer(Axis $axis, bool $upper, Length $by): self
    {
        if ($axis === $this->axis) {
            return $upper ? new self($axis, $this->outline, $this->from, $this->to->plus($by))
                : new self($axis, $this->outline, $this->from->minus($by), $this->to);
        }
        $isAcross = $axis === ($this->axis === Axis::X ? Axis::Y : Axis::X);
        $of = fn (Point $p): Length => $isAcross ? $p->across : $p->up;
        $all = array_map($of, $this->outline) ?: throw new \LogicException('A solid without an outline.');
        $end = $upper ? Length::greatest(...$all) : Length::least(...$all);
        $to = $upper ? $end->plus($by) : $end->minus($by);
        $move = fn (Point $p): Point => ! $of($p)->equals($end) ? $p : ($isAcross ? new Point($to, $p->up) : new Point($p->across, $to));

        return new self($this->axis, array_map($move, $this->outline), $this->from, $this->to);
    }

    /** @return list<Point> its outline on paper */
    public function outlineIn(View $view): array
    {
        $seen = match ($view) {
            View::Front => Axis::Y,
            View::Side => Axis::X,
            View::Top => Axis::Z,
        };
        if ($this->axis !== $seen) {
            return $this->bounds()->outlineIn($view);
        }

        return $view !== View::Top ? $this->outline
            : array_map(fn (Point $p): Point => new Point($p->across, $p->up->negated()), $this->outline);
    }

    /** @return array{float, float, float} its centre of gravity, mm: of the outline by its triangles from one corner, half way along */
    public function middle(): array
    {
        [$a0, $b0] = [$this->outline[0]->across->units, $this->outline[0]->up->units];
        $area = $across = $up = 0.0;
        foreach ($this->outline as $n => $p) {
            $q = $this->outline[($n + 1) % count($this->outline)];
            [$pa, $pb, $qa, $qb] = [$p->across->units - $a0, $p->up->units - $b0, $q->across->units - $a0, $q->up->units - $b0];
            $twice = (float) $pa * $qb - (float) $qa * $pb;
            $area += $twice;
            $across += $twice * ($pa + $qa) / 3;
            $up += $twice * ($pb + $qb) / 3;
        }
        $mm = Length::PER_MM;
        [$a, $b, $along] = [($a0 + ($area === 0.0 ? 0.0 : $across / $area)) / $mm, ($b0 + ($area === 0.0 ? 0.0 : $up / $area)) / $mm,
            ($this->from->units + $this->to->units) / 2 / $mm];

        return match ($this->axis) {
            Axis::X => [$along, $a, $b], Axis::Y => [$a, $along, $b], Axis::Z => [$a, $b, $along],
        };
    }

    public function litres(): float
    {
        $area = 0.0;
        $last = $this->outline[count($this->outline) - 1];
        [$a, $b] = [$last->across->units / Length::PER_MM / 100, $last->up->units / Length::PER_MM / 100];
        foreach ($this->outline as $p) {
            [$across, $up] = [$p->across->units / Length::PER_MM / 100, $p->up->units / Length::PER_MM / 100];
            $area += ($a * $up - $across * $b) / 2;
            [$a, $b] = [$across, $up];
        }

        return abs($area) * (($this->to->units - $this->from->units) / Length::PER_MM / 100);
    }

    /** Whether any of a block lies in it; its outline is convex (separating axes, edges of both). */
    public function touches(Block $block): bool
    {
        $other = self::of($block, $this->axis);
        if (! $other->from->isLessThan($this->to) || ! $this->from->isLessThan($other->to)) {
            return false;
        }
        foreach ([[$this->outline, $other->outline], [$other->outline, $this->outline]] as [$a, $b]) {
            foreach ($a as $i => $p) {
                $q = $a[($i + 1) % count($a)];
                [$du, $dv] = [$q->across->minus($p->across)->units, $q->up->minus($p->up)->units];
                $side = fn (Point $r): int => $du * $r->up->minus($p->up)->units - $dv * $r->across->minus($p->across)->units <=> 0;
                $own = array_filter(array_map($side, $a));
                // A line along an edge with all of one on its inner side and all of the other beyond keeps them apart.
                if ($own !== [] && array_filter(array_map($side, $b), fn (int $s): bool => $s === array_values($own)[0]) === []) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return array{Length, Length} lowest and highest `up` of its outline at an `across` inside it, by proportion along slanting edges */
    public function heightsAt(Length $across): array
    {
        $ups = [];
        foreach ($this->outline as $i => $p) {
            $q = $this->outline[($i + 1) % count($this->outline)];
            [$from, $to] = [$across->minus($p->across)->units, $q->across->minus($p->across)->units];
            if ($to !== 0 && $from / $to >= 0 && $from / $to <= 1) {
                $ups[] = Length::ofUnits((int) round($p->up->units + $from / $to * $q->up->minus($p->up)->units));
            }
        }
        if ($ups === []) {
            throw new \LogicException('Not inside the outline.');
        }

        return [Length::least(...$ups), Length::greatest(...$ups)];
    }

    public function isBlock(): bool
    {
        if (count($this->outline) !== 4) {
            return false;
        }
        [$a0, $a1, $b0, $b1] = array_map(fn (Length $l): int => $l->units, $this->reach());
        foreach ($this->outline as $p) {
            [$a, $b] = [$p->across->units, $p->up->units];
            if (($a !== $a0 && $a !== $a1) || ($b !== $b0 && $b !== $b1)) {
                return false;
            }
        }

        return true;
    }

    /** Upright edges are cut at the line's height there; level ones where the line has their height; slanting ones by proportion. */
    private static function crossing(Point $p, Point $q, Slant $line): Point
    {
        if ($p->across->equals($q->across)) {
            return new Point($p->across, $line->at($p->across));
        }
        if ($p->up->equals($q->up)) {
            return new Point($line->where($p->up) ?? $p->across, $p->up);
        }
        $over = fn (Point $r): float => $r->up->units - ($line->at0->units + $line->rise * $r->across->units);
        $share = $over($p) / ($over($p) - $over($q));
        $across = Length::ofUnits((int) round($p->across->units + $share * ($q->across->units - $p->across->units)));

        return new Point($across, $line->at($across));
    }

    /**
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private static function tidy(array $points): array
    {
        $kept = [];
        foreach ($points as $p) {
            $last = $kept[count($kept) - 1] ?? null;
            if ($last === null || ! $last->across->equals($p->across) || ! $last->up->equals($p->up)) {
                $kept[] = $p;
            }
        }
        if (count($kept) > 1 && $kept[0]->across->equals($kept[count($kept) - 1]->across) && $kept[0]->up->equals($kept[count($kept) - 1]->up)) {
            array_pop($kept);
        }

        return $kept;
    }
}

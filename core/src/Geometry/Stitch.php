<?php

declare(strict_types=1);

namespace Incastro\Core\Geometry;

/** Joins outlines that touch along a rectangle's lines into the outlines of their union: edges that run against each other cancel. */
final readonly class Stitch
{
    /** A corner nearer than this to the line between its neighbours is none: units of 25 nm. */
    private const STRAIGHT = 2.0;

    public function __construct(private Point $low, private Point $high)
    {
    }

    /**
     * @param  list<list<Point>>  $outlines
     * @return list<list<Point>>
     */
    public function loops(array $outlines): array
    {
        $next = [];
        foreach ($this->edges($outlines) as [$a, $b]) {
            $next[self::key($a)][] = [$a, $b];
        }
        $loops = [];
        while ($next !== []) {
            $loop = self::walk($next);
            $loop = self::straightened($loop);
            if (count($loop) > 2) {
                $loops[] = $loop;
            }
        }

        return $loops;
    }

    /**
     * One loop; what it walks is taken away. Where loops touch it turns as far left as it can, so that each stays simple.
     *
     * @param  array<string, list<array{Point, Point}>>  $next
     * @return list<Point>
     */
    private static function walk(array &$next): array
    {
        $start = array_key_first($next);
        $loop = [];
        $before = null;
        $at = $start;
        while (isset($next[$at])) {
            $choice = 0;
            foreach ($next[$at] as $i => $edge) {
                if ($before !== null && self::turn($before, $edge) > self::turn($before, $next[$at][$choice])) {
                    $choice = $i;
                }
            }
            $before = $next[$at][$choice];
            array_splice($next[$at], $choice, 1);
            if ($next[$at] === []) {
                unset($next[$at]);
            }
            $loop[] = $before[0];
            $at = self::key($before[1]);
            if ($at === $start) {
                break;
            }
        }

        return $loop;
    }

    /**
     * @param  array{Point, Point}  $a
     * @param  array{Point, Point}  $b
     */
    private static function turn(array $a, array $b): float
    {
        $turn = self::heading(...$b) - self::heading(...$a);

        return $turn <= -M_PI ? $turn + 2 * M_PI : ($turn > M_PI ? $turn - 2 * M_PI : $turn);
    }

    private static function heading(Point $from, Point $to): float
    {
        return atan2((float) $to->up->minus($from->up)->units, (float) $to->across->minus($from->across)->units);
    }

    /**
     * @param  list<list<Point>>  $outlines
     * @return list<array{Point, Point}> directed edges that nothing cancels, parted where others begin or end on them
     */
    private function edges(array $outlines): array
    {
        $corners = array_merge(...$outlines, ...[[]]);
        $count = $edge = [];
        foreach ($outlines as $outline) {
            foreach ($outline as $i => $p) {
                $points = $this->parted($p, $outline[($i + 1) % count($outline)], $corners);
                for ($k = 1; $k < count($points); $k++) {
                    [$a, $b] = [$points[$k - 1], $points[$k]];
                    $key = self::key($a).'>'.self::key($b);
                    $back = self::key($b).'>'.self::key($a);
                    if (($count[$back] ?? 0) > 0) {
                        $count[$back]--;
                    } else {
                        $count[$key] = ($count[$key] ?? 0) + 1;
                        $edge[$key] = [$a, $b];
                    }
                }
            }
        }
        $left = [];
        foreach ($count as $key => $n) {
            array_push($left, ...array_fill(0, $n, $edge[$key]));
        }

        return $left;
    }

    /**
     * @param  list<Point>  $corners
     * @return list<Point> the edge, with every corner that lies on it if it runs along one of the rectangle's lines
     */
    private function parted(Point $p, Point $q, array $corners): array
    {
        $isUpright = $p->across->equals($q->across) && ($p->across->equals($this->low->across) || $p->across->equals($this->high->across));
        $isLevel = $p->up->equals($q->up) && ($p->up->equals($this->low->up) || $p->up->equals($this->high->up));
        if (self::key($p) === self::key($q)) {
            return [];
        }
        if (! $isUpright && ! $isLevel) {
            return [$p, $q];
        }
        $of = fn (Point $r): int => $isUpright ? $r->up->units : $r->across->units;
        $on = fn (Point $r): bool => $isUpright ? $r->across->equals($p->across) : $r->up->equals($p->up);
        [$from, $to] = [min($of($p), $of($q)), max($of($p), $of($q))];
        $between = [];
        foreach ($corners as $r) {
            if ($on($r) && $of($r) > $from && $of($r) < $to) {
                $between[$of($r)] = $r;
            }
        }
        $of($p) < $of($q) ? ksort($between) : krsort($between);

        return [$p, ...array_values($between), $q];
    }

    /**
     * @param  list<Point>  $loop
     * @return list<Point>
     */
    private static function straightened(array $loop): array
    {
        for ($i = 0; $i < count($loop) && count($loop) > 2;) {
            $n = count($loop);
            if (self::off($loop[($i + $n - 1) % $n], $loop[$i], $loop[($i + 1) % $n]) < self::STRAIGHT) {
                array_splice($loop, $i, 1);
                $i = max(0, $i - 1);
            } else {
                $i++;
            }
        }

        return $loop;
    }

    /** How far a point lies off the line between two others, units. */
    private static function off(Point $a, Point $p, Point $b): float
    {
        [$dx, $dy] = [(float) $b->across->minus($a->across)->units, (float) $b->up->minus($a->up)->units];
        $length = hypot($dx, $dy);

        return $length < 1.0 ? 0.0 : abs($dx * (float) $p->up->minus($a->up)->units - $dy * (float) $p->across->minus($a->across)->units) / $length;
    }

    private static function key(Point $p): string
    {
        return $p->across->units.','.$p->up->units;
    }
}

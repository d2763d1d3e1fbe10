<?php

declare(strict_types=1);

namespace Incastro\Core\Cut\Saw;

use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\Rect;
use Incastro\Core\Document\Model\Saws;
use Incastro\Core\Document\Model\WantedCut;

/** The parts of a piece set apart along one axis, as far as a blade passes between them, with the empty strips beside them. */
final class SawRow
{
    /** @var list<array{int, int, list<Placement>}> from, to, and the parts there; none in an empty strip */
    public array $segments = [];

    /** @var list<int> where the kerf begins between each and the next */
    public array $between = [];

    /** The area of the largest strip it sets free at an end. */
    public readonly int $freed;

    /**
     * @param  non-empty-list<Placement>  $parts
     * @param  'x'|'y'  $axis
     */
    public function __construct(private readonly Rect $piece, array $parts, public readonly string $axis, private readonly int $kerf)
    {
        [$start, $end, $across] = $axis === 'x' ? [$piece->x, $piece->x + $piece->length, $piece->width]
            : [$piece->y, $piece->y + $piece->width, $piece->length];
        $groups = $this->grouped($parts);
        $this->freed = $across * max(0, $groups[0][0] - $kerf - $start, $end - $groups[count($groups) - 1][1] - $kerf);
        $at = $start;
        foreach ($groups as $i => [$from, $to, $own]) {
            if ($i > 0) {
                $this->between[] = $at;
                $at += $kerf;
            }
            if ($from > $at) {
                $this->segments[] = [$at, $from - $kerf, []];
                $this->between[] = $from - $kerf;
            }
            $this->segments[] = [$from, $to, $own];
            $at = $to;
        }
        if ($at < $end) {
            $this->between[] = $at;
            $this->segments[] = [$at + $kerf, $end, []];
        }
    }

    public function cuts(): int
    {
        return count($this->between);
    }

    /** Whether a saw can make each of its cuts, each part of the row taken off by its own size. */
    public function isCuttable(Saws $saws, int $stage): bool
    {
        foreach ($saws->areNamed() ? $this->segments : [] as [$from, $to, $own]) {
            if ($own !== [] && ! $saws->allow(new WantedCut($this->axis, $this->piece->length, $this->piece->width, $to - $from, $stage))) {
                return false;
            }
        }

        return true;
    }

    public function groups(): int
    {
        return count(array_filter($this->segments, fn (array $s): bool => $s[2] !== []));
    }

    /** Only the strips at the ends come off; what lies between them is looked at again. */
    public function joinGroups(): void
    {
        $segments = $this->segments;
        $first = $segments[0][2] === [] ? 1 : 0;
        $last = count($segments) - ($segments[count($segments) - 1][2] === [] ? 2 : 1);
        $inner = array_slice($segments, $first, $last - $first + 1);
        $joined = [$inner[0][0], $inner[count($inner) - 1][1], array_merge(...array_column($inner, 2))];
        $this->between = [...array_slice($this->between, 0, $first), ...array_slice($this->between, $last)];
        $this->segments = [...array_slice($segments, 0, $first), $joined, ...array_slice($segments, $last + 1)];
    }

    public function rect(int $from, int $to): Rect
    {
        [$p, $extent] = [$this->piece, max(0, $to - $from)];

        return $this->axis === 'x' ? new Rect($from, $p->y, $extent, $p->width) : new Rect($p->x, $from, $p->length, $extent);
    }

    /**
     * @param  non-empty-list<Placement>  $parts
     * @return non-empty-list<array{int, int, non-empty-list<Placement>}>
     */
    private function grouped(array $parts): array
    {
        $spans = array_map(fn (Placement $p): array => $this->axis === 'x' ? [$p->x, $p->right(), $p] : [$p->y, $p->top(), $p], $parts);
        usort($spans, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        $groups = [];
        foreach ($spans as [$from, $to, $part]) {
            $last = count($groups) - 1;
            if ($last >= 0 && $from < $groups[$last][1] + $this->kerf) {
                $groups[$last] = [$groups[$last][0], max($groups[$last][1], $to), [...$groups[$last][2], $part]];
            } else {
                $groups[] = [$from, $to, [$part]];
            }
        }

        return $groups;
    }
}

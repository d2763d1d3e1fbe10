<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

/**
 * Finds the cuts that free the parts of a sheet, and what is left over. Cutting wherever a cut is possible never
 * spoils a later one (every subset of a separable set is separable), so the choice is free: the cut that sets free
 * the largest empty piece first, rips before crosscuts where nothing is set free.
 */
final class Sawing
{
    /** @var list<SawCut> */
    public array $cuts = [];

    /** @var list<Rect> */
    public array $offcuts = [];

    /** What stays together although a blade should pass between: empty when the sheet can be sawn. */
    public bool $isSeparable = true;

    private function __construct(private readonly SheetKind $kind, private readonly int $kerf)
    {
    }

    public static function of(LaidSheet $sheet, int $kerf): self
    {
        $sawing = new self($sheet->kind, $kerf);
        $sawing->divide($sheet->kind->usable(), $sheet->placements, $sawing->trimmed());
        usort($sawing->offcuts, fn (Rect $a, Rect $b): int => $b->area() <=> $a->area());

        return $sawing;
    }

    /** The factory edges come off, each where it has a trim; the id of what remains. */
    private function trimmed(): string
    {
        [$left, $right, $near, $far] = $this->kind->trims;
        [$length, $width] = [$this->kind->length, $this->kind->width];
        $piece = '1';
        foreach ([
            [$near, 'y', $near - $this->kerf, 0, $length, '.2'],
            [$far, 'y', $width - $far, 0, $length, '.1'],
            [$left, 'x', $left - $this->kerf, $near, $width - $far, '.2'],
            [$right, 'x', $length - $right, $near, $width - $far, '.1'],
        ] as [$trim, $axis, $at, $from, $to, $kept]) {
            if ($trim > 0) {
                $this->cut($axis, $at, $from, $to, $piece, true);
                $piece .= $kept;
            }
        }

        return $piece;
    }

    /** @param  list<Placement>  $parts */
    private function divide(Rect $piece, array $parts, string $id): void
    {
        if ($parts === []) {
            array_push($this->offcuts, ...($piece->length > 0 && $piece->width > 0 ? [$piece] : []));

            return;
        }
        $cut = $this->bestCut($piece, $parts);
        if ($cut === null) {
            $this->isSeparable = $this->isSeparable && count($parts) === 1;

            return;
        }
        [$axis, $at] = $cut;
        $k = $this->kerf;
        [$x, $y, $l, $w] = [$piece->x, $piece->y, $piece->length, $piece->width];
        if ($axis === 'x') {
            $this->cut('x', $at, $y, $y + $w, $id);
            $near = new Rect($x, $y, $at - $x, $w);
            $far = $x + $l - $at - $k > 0 ? new Rect($at + $k, $y, $x + $l - $at - $k, $w) : null;
        } else {
            $this->cut('y', $at, $x, $x + $l, $id);
            $near = new Rect($x, $y, $l, $at - $y);
            $far = $y + $w - $at - $k > 0 ? new Rect($x, $at + $k, $l, $y + $w - $at - $k) : null;
        }
        $this->divide($near, self::within($parts, $near), "$id.1");
        if ($far !== null) {
            $this->divide($far, self::within($parts, $far), "$id.2");
        }
    }

    /**
     * @param  list<Placement>  $parts
     * @return array{string, int}|null axis and where the kerf begins
     */
    private function bestCut(Rect $piece, array $parts): ?array
    {
        $best = null;
        $most = [-1, 0, 0];
        foreach ($this->candidates($piece, $parts) as [$axis, $at, $strip]) {
            $rank = [$strip * ($axis === 'x' ? $piece->width : $piece->length), $axis === 'y' ? 1 : 0, -$at];
            if ($rank > $most) {
                [$most, $best] = [$rank, [$axis, $at]];
            }
        }

        return $best;
    }

    /**
     * Lines at the far edge of a part that no part crosses and where the blade touches none.
     *
     * @param  list<Placement>  $parts
     * @return list<array{string, int, int}> axis, where the kerf begins, and how wide a strip it frees whole
     */
    private function candidates(Rect $piece, array $parts): array
    {
        $found = [];
        foreach (['y', 'x'] as $axis) {
            $spans = array_map(fn (Placement $p): array => $axis === 'x' ? [$p->x, $p->right()] : [$p->y, $p->top()], $parts);
            sort($spans);
            [$start, $edge] = $axis === 'x' ? [$piece->x, $piece->x + $piece->length] : [$piece->y, $piece->y + $piece->width];
            $k = $this->kerf;
            // Does slack lie before the first part? An earlier cut may have stood further off than a kerf.
            if ($spans[0][0] > $start) {
                $found[] = [$axis, $spans[0][0] - $k, max(0, $spans[0][0] - $k - $start)];
            }
            $end = $spans[0][1];
            foreach (array_slice($spans, 1) as [$from, $to]) {
                if ($from >= $end + $k) {
                    $found[] = [$axis, $end, 0];
                }
                $end = max($end, $to);
            }
            if ($end < $edge) {
                $found[] = [$axis, $end, max(0, $edge - $end - $k)];
            }
        }

        return $found;
    }

    /**
     * @param  list<Placement>  $parts
     * @return list<Placement>
     */
    private static function within(array $parts, Rect $r): array
    {
        return array_values(array_filter($parts, fn (Placement $p): bool => $p->x >= $r->x && $p->y >= $r->y
            && $p->right() <= $r->x + $r->length && $p->top() <= $r->y + $r->width));
    }

    private function cut(string $axis, int $at, int $from, int $to, string $piece, bool $isTrim = false): void
    {
        $this->cuts[] = new SawCut(count($this->cuts) + 1, $axis, $at, $from, $to, $piece, $isTrim);
    }
}

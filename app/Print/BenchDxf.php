<?php

declare(strict_types=1);

namespace App\Print;

/**
 * What is drilled and let into a board, as it lies with one face up: a layer for each diameter and depth, and `_BACK` behind what is
 * worked from the other face. mm, from the lower left corner of the board at its cut size.
 *
 * @phpstan-import-type BenchFace from PlanShapes
 * @phpstan-import-type BoreRow from PlanShapes
 * @phpstan-import-type BenchRectangle from PlanShapes
 */
final readonly class BenchDxf
{
    /**
     * @param  BenchFace  $up  the face that is up
     * @param  array{float, float}  $off  what its banding adds at the left and at the lower side
     * @param  array{float, float}  $size  length and width it is cut at
     */
    public function __construct(private array $up, private array $off, private array $size)
    {
    }

    /** @return list<array{int, string}> loops of the outline and round openings, to be cut through */
    public function cut(string $layer): array
    {
        $out = [];
        $loops = array_map(fn (array $loop): array => $this->bare(array_map(fn (array $p): array => [$p[0] - $this->off[0], $p[1] - $this->off[1]], $loop)), $this->up['loops']);
        $areas = array_map(self::twice(...), $loops);
        // The outline runs anticlockwise and what is cut out of it clockwise, whichever face is up.
        $isTurned = $areas !== [] && max($areas) < -min($areas);
        foreach ($loops as $loop) {
            array_push($out, ...Dxf::polyline($layer, $isTurned ? array_reverse($loop) : $loop, true));
        }
        foreach ($this->up['round'] as $r) {
            [$x, $y] = [$r['x'] - $this->off[0], $r['y'] - $this->off[1]];
            $isCircle = abs($r['length'] - $r['width']) < 0.001;
            array_push($out, ...($isCircle ? Dxf::circle($layer, $x + $r['length'] / 2, $y + $r['width'] / 2, $r['length'] / 2) : Dxf::slot($layer, $x, $y, $r['length'], $r['width'])));
        }

        return $out;
    }

    /**
     * Twice the area, positive anticlockwise.
     *
     * @param  list<array{int|float, int|float}>  $loop
     */
    private static function twice(array $loop): float
    {
        $twice = 0.0;
        foreach ($loop as $i => [$x, $y]) {
            [$x2, $y2] = $loop[($i + 1) % count($loop)];
            $twice += $x * $y2 - $x2 * $y;
        }

        return $twice;
    }

    /**
     * Without what its banding will add: cut off at each side of the cut size (Sutherland and Hodgman 1974).
     *
     * @param  list<array{int|float, int|float}>  $loop
     * @return list<array{int|float, int|float}>
     */
    private function bare(array $loop): array
    {
        foreach ([[0, 0.0, 1], [0, $this->size[0], -1], [1, 0.0, 1], [1, $this->size[1], -1]] as [$axis, $at, $inward]) {
            $kept = [];
            foreach ($loop as $i => $p) {
                $q = $loop[($i + 1) % count($loop)];
                [$mine, $next] = [($p[$axis] - $at) * $inward, ($q[$axis] - $at) * $inward];
                if ($mine >= 0) {
                    $kept[] = $p;
                }
                if (($mine < 0 && $next > 0) || ($mine > 0 && $next < 0)) {
                    $share = $mine / ($mine - $next);
                    $kept[] = [$p[0] + $share * ($q[0] - $p[0]), $p[1] + $share * ($q[1] - $p[1])];
                }
            }
            $loop = $kept;
        }

        return $loop;
    }

    /**
     * @param  list<BenchFace>  $faces
     * @return list<array{int, string}>
     */
    public function worked(array $faces): array
    {
        $out = [];
        foreach ($faces as $face) {
            $end = $face['face'] === $this->up['face'] ? '' : '_BACK';
            foreach ($face['rows'] as $row) {
                array_push($out, ...$this->row($face, $row, $end));
            }
            foreach ($face['recesses'] as $r) {
                // What goes through is cut with the outline.
                if (! in_array($r['kind'], ['notch', 'cut_out', 'round_cut_out'], true)) {
                    [$x, $y] = $this->corner($face, $r);
                    array_push($out, ...Dxf::polyline('RECESS_'.self::deep($r['depth']).$end, [[$x, $y], [$x + $r['length'], $y], [$x + $r['length'], $y + $r['width']], [$x, $y + $r['width']]], true));
                }
            }
        }

        return $out;
    }

    /**
     * @param  BenchFace  $face
     * @param  BoreRow  $row
     * @return list<array{int, string}>
     */
    private function row(array $face, array $row, string $end): array
    {
        $layer = 'DRILL_D'.self::figure($row['diameter']).'_'.self::deep($row['depth']).$end;
        $out = [];
        foreach ($row['slots'] as $r) {
            [$x, $y] = $this->corner($face, $r);
            array_push($out, ...Dxf::slot('POCKET_SLOT'.$end, $x, $y, $r['length'], $r['width']));
        }
        foreach ($row['slots'] === [] ? $row['along'] : [] as $along) {
            foreach ($row['across'] as $across) {
                [$x, $y] = $this->point($face, $along, $across);
                array_push($out, ...Dxf::circle($layer, $x, $y, $row['diameter'] / 2));
            }
        }

        return $out;
    }

    /**
     * @param  BenchFace  $face
     * @param  BenchRectangle  $r
     * @return array{float, float} its lower left corner, seen from the face that is up
     */
    private function corner(array $face, array $r): array
    {
        [$x1, $y1] = $this->point($face, $r['x'], $r['y']);
        [$x2, $y2] = $this->point($face, $r['x'] + $r['length'], $r['y'] + $r['width']);

        return [min($x1, $x2), min($y1, $y2)];
    }

    /**
     * The other face is seen as through the board.
     *
     * @param  BenchFace  $face
     * @return array{float, float}
     */
    private function point(array $face, int|float $x, int|float $y): array
    {
        $x = $face['sides']['left'] === $this->up['sides']['left'] ? $x : $face['length'] - $x;
        $y = $face['sides']['lower'] === $this->up['sides']['lower'] ? $y : $face['width'] - $y;

        return [$x - $this->off[0], $y - $this->off[1]];
    }

    private static function deep(int|float|null $depth): string
    {
        return $depth === null ? 'THROUGH' : 'DEEP_'.self::figure($depth);
    }

    private static function figure(int|float $mm): string
    {
        return str_replace('.', '_', (string) round($mm, 2));
    }
}

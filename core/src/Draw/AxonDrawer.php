<?php

declare(strict_types=1);

namespace Incastro\Core\Draw;

use Incastro\Core\Design\Panel;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Axon;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Length;

/**
 * A piece in the round: the seen faces of every board, from the rearmost to the foremost, so that any of them may be left out and
 * the rest still covers rightly. Layers: axon_top, axon_front, axon_side.
 */
final class AxonDrawer
{
    /** @param  list<Panel>  $panels */
    public static function draw(array $panels): Drawing
    {
        $drawing = new Drawing(View::Front, round: true);
        foreach (self::behindFirst($panels) as $panel) {
            foreach (self::faces($panel->solid) as [$layer, $corners]) {
                $drawing->shape($layer, array_map(Axon::project(...), $corners), $panel->id);
            }
        }

        return $drawing;
    }

    /** @return list<array{string, list<Place3>}> those that are seen */
    private static function faces(Prism $prism): array
    {
        $at = fn (Point $p, Length $along): Place3 => match ($prism->axis) {
            Axis::X => new Place3($along, $p->across, $p->up),
            Axis::Y => new Place3($p->across, $along, $p->up),
            Axis::Z => new Place3($p->across, $p->up, $along),
        };
        // The end caps look along the axis; a picture shows the further along of them.
        $faces = [[array_map(fn (Point $p): Place3 => $at($p, $prism->to), $prism->outline), match ($prism->axis) {
            Axis::X => [1.0, 0.0, 0.0],
            Axis::Y => [0.0, 1.0, 0.0],
            Axis::Z => [0.0, 0.0, 1.0],
        }]];
        $area = self::area($prism->outline);
        foreach ($prism->outline as $i => $p) {
            $q = $prism->outline[($i + 1) % count($prism->outline)];
            [$da, $db] = [(float) $q->across->minus($p->across)->units, (float) $q->up->minus($p->up)->units];
            [$na, $nb] = $area > 0 ? [$db, -$da] : [-$db, $da];
            $faces[] = [[$at($p, $prism->from), $at($q, $prism->from), $at($q, $prism->to), $at($p, $prism->to)], match ($prism->axis) {
                Axis::X => [0.0, $na, $nb],
                Axis::Y => [$na, 0.0, $nb],
                Axis::Z => [$na, $nb, 0.0],
            }];
        }
        $seen = array_values(array_filter($faces, fn (array $f): bool => Axon::sees(...$f[1])));

        return array_map(fn (array $f): array => [self::layer(...$f[1]), $f[0]], $seen);
    }

    private static function layer(float $nx, float $ny, float $nz): string
    {
        return match (true) {
            abs($nz) >= abs($nx) && abs($nz) >= abs($ny) => 'axon_top',
            abs($ny) >= abs($nx) => 'axon_front',
            default => 'axon_side',
        };
    }

    /** @param  list<Point>  $outline */
    private static function area(array $outline): float
    {
        $area = 0.0;
        foreach ($outline as $i => $p) {
            $q = $outline[($i + 1) % count($outline)];
            $area += (float) $p->across->units * $q->up->units - (float) $q->across->units * $p->up->units;
        }

        return $area;
    }

    /**
     * A board is drawn before another that stands before it: where a plane square to an axis lies between them, the one on its far side
     * cannot cover the other.
     *
     * @param  list<Panel>  $panels
     * @return list<Panel>
     */
    private static function behindFirst(array $panels): array
    {
        $boxes = array_map(fn (Panel $p): array => [[$p->block->from(Axis::X)->units, $p->block->to(Axis::X)->units],
            [$p->block->from(Axis::Y)->units, $p->block->to(Axis::Y)->units], [$p->block->from(Axis::Z)->units, $p->block->to(Axis::Z)->units]], $panels);
        $behind = [];
        foreach ($boxes as $i => $a) {
            for ($k = $i + 1; $k < count($boxes); $k++) {
                $b = $boxes[$k];
                $isBehind = $a[0][1] <= $b[0][0] || $a[1][1] <= $b[1][0] || $a[2][1] <= $b[2][0];
                $isBefore = $b[0][1] <= $a[0][0] || $b[1][1] <= $a[1][0] || $b[2][1] <= $a[2][0];
                if ($isBehind !== $isBefore) {
                    $behind[$isBehind ? $k : $i][] = $isBehind ? $i : $k;
                }
            }
        }
        $order = $seen = [];
        $visit = function (int $i) use (&$visit, &$order, &$seen, $behind): void {
            if (! isset($seen[$i])) {
                $seen[$i] = true;
                array_map($visit, $behind[$i] ?? []);
                $order[] = $i;
            }
        };
        array_map($visit, array_keys($panels));

        return array_map(fn (int $i): Panel => $panels[$i], $order);
    }
}

<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/**
 * The parts as DXF, a block each at its cut size, by its mark: the length along x, the width along y. Laid out in rows to be seen; a layer for each material.
 *
 * @phpstan-import-type Part from PlanReader
 */
final class PartsDxf
{
    private const APART = 40.0;

    private const ROW = 3000.0;

    /** @param  array<string, mixed>  $plan */
    public static function of(array $plan, string $title): string
    {
        $words = Catalogue::english();
        $blocks = $entities = [];
        $x = $y = $high = 0.0;
        foreach (PlanReader::parts($plan) as $part) {
            if ($part['bought']) {
                continue;
            }
            [$length, $width] = [(float) $part['cut']['length']['mm'], (float) $part['cut']['width']['mm']];
            if ($x > 0 && $x + $length > self::ROW) {
                [$x, $y, $high] = [0.0, $y + $high + self::APART, 0.0];
            }
            $name = $part['label'].' '.$words->renderPlain($part['name']);
            array_push($blocks, ...Dxf::block($part['label'], [
                ...Dxf::polyline('CUT_'.$part['material_name'], self::outline($part, $length, $width), true),
                ...Dxf::text('MARKS', 5.0, 5.0, $name, min(20.0, max(3.0, $width / 6))),
            ]));
            array_push($entities, ...Dxf::insert($part['label'], $x, $y));
            [$x, $high] = [$x + $length + self::APART, max($high, $width)];
        }

        return Dxf::file([...$entities, ...Dxf::testSquare(0.0, -140.0, "$title, parts at their cut sizes")], $blocks);
    }

    /**
     * Its corners where it is no rectangle and nothing is added or taken for its banding; else its cut size.
     *
     * @param  Part  $part
     * @return list<array{int|float, int|float}>
     */
    private static function outline(array $part, float $length, float $width): array
    {
        $shape = $part['outline'];
        if ($shape !== null && count($shape) > 2) {
            [$across, $up] = [array_column($shape, 0), array_column($shape, 1)];
            [$dx, $dy] = [max($across) - min($across), max($up) - min($up)];
            $flat = abs($dx - $length) <= 0.001 && abs($dy - $width) <= 0.001;
            $stood = abs($dy - $length) <= 0.001 && abs($dx - $width) <= 0.001;
            if ($flat || $stood) {
                return array_map(fn (array $p): array => $flat ? [$p[0] - min($across), $p[1] - min($up)] : [$p[1] - min($up), $p[0] - min($across)], $shape);
            }
        }

        return [[0.0, 0.0], [$length, 0.0], [$length, $width], [0.0, $width]];
    }
}

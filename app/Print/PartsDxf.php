<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;

/**
 * The parts as DXF, a block each at its cut size, by its mark: the length along x, the width along y. Laid out in rows to be seen; a layer for each material, and one for each kind of hole.
 *
 * @phpstan-import-type Part from PlanShapes
 * @phpstan-import-type BenchFace from PlanShapes
 */
final class PartsDxf
{
    private const APART = 40.0;

    private const ROW = 3000.0;

    /** @param  array<string, mixed>  $plan */
    public static function of(array $plan, string $title): string
    {
        $words = Catalogue::own();
        $bench = PlanReader::benches($plan);
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
                ...self::board($part, $bench[$part['id']]['faces'] ?? [], $words),
                ...Dxf::text('MARKS', 5.0, 5.0, $name, min(20.0, max(3.0, $width / 6))),
            ]));
            array_push($entities, ...Dxf::insert($part['label'], $x, $y));
            [$x, $high] = [$x + $length + self::APART, max($high, $width)];
        }

        return Dxf::file([...$entities, ...Dxf::testSquare(0.0, -140.0, "$title, parts at their cut sizes")], $blocks);
    }

    /**
     * With its holes where it is known which face is up and how its cut size lies in it; a part cut larger, to be trimmed in place, is drilled after that.
     *
     * @param  Part  $part
     * @param  list<BenchFace>  $faces
     * @return list<array{int, string}>
     */
    private static function board(array $part, array $faces, Catalogue $words): array
    {
        [$length, $width] = [(float) $part['cut']['length']['mm'], (float) $part['cut']['width']['mm']];
        $layer = 'CUT_'.$part['material_name'];
        $up = $faces[0] ?? null;
        $off = $up === null ? null : self::banded($part['banded'], $up, $length, $width);
        if ($up === null || $off === null) {
            return Dxf::polyline($layer, self::outline($part, $length, $width), true);
        }
        $bench = new BenchDxf($up, $off, [$length, $width]);

        return [...$bench->cut($layer), ...$bench->worked($faces),
            ...Dxf::text('MARKS', 5.0, -8.0, ucfirst($words->say("board_face.{$up['face']}")).' up')];
    }

    /**
     * @param  list<string>  $banded
     * @param  BenchFace  $up
     * @return array{float, float}|null what the banding adds at the left and at the lower side; null where the part is not cut smaller by its banding alone
     */
    private static function banded(array $banded, array $up, float $length, float $width): ?array
    {
        $off = [];
        foreach ([['left', 'right', $up['length'] - $length], ['lower', 'upper', $up['width'] - $width]] as [$low, $high, $more]) {
            [$atLow, $atHigh] = [in_array($up['sides'][$low], $banded, true), in_array($up['sides'][$high], $banded, true)];
            if ($more < -0.001 || ($more > 0.001 && ! $atLow && ! $atHigh)) {
                return null;
            }
            $off[] = $atLow ? ($atHigh ? $more / 2 : $more) : 0.0;
        }

        return [$off[0], $off[1]];
    }

    /**
     * Its corners, an upright one turned a quarter, where it is no rectangle and nothing is added or taken for its banding; else its cut size.
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
                return array_map(fn (array $p): array => $flat ? [$p[0] - min($across), $p[1] - min($up)] : [$p[1] - min($up), max($across) - $p[0]], $shape);
            }
        }

        return [[0.0, 0.0], [$length, 0.0], [$length, $width], [0.0, $width]];
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Exchange\Dxf;

use Incastro\Core\Exchange\Dxf\DxfNotReadable;
use Incastro\Core\Exchange\Dxf\Outlines;
use Incastro\Core\Exchange\Dxf\TracedWall;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OutlinesTest extends TestCase
{
    public function test_four_lines_drawn_in_any_order_and_direction_are_one_closed_outline(): void
    {
        $this->assertOutline([[0, 0], [400, 0], [400, 300], [0, 300]], self::dxf(
            self::line(0, 0, 400, 0), self::line(0, 300, 0, 0), self::line(400, 300, 400, 0), self::line(400, 300, 0, 300)));
    }

    public function test_a_polyline_old_or_light_is_the_same_outline(): void
    {
        $old = "0\nPOLYLINE\n8\nCUT\n66\n1\n70\n1\n"
            .implode('', array_map(fn (array $p): string => "0\nVERTEX\n8\nCUT\n10\n$p[0]\n20\n$p[1]\n", [[10, 10], [110, 10], [110, 60]]))."0\nSEQEND\n";
        $light = "0\nLWPOLYLINE\n8\nCUT\n90\n3\n70\n1\n10\n10\n20\n10\n10\n110\n20\n10\n10\n110\n20\n60\n";
        foreach ([$old, $light] as $entity) {
            $outline = Outlines::of(self::dxf($entity), 1.0)[0];
            self::assertSame(['CUT', true], [$outline['layer'], $outline['closed']]);
            self::assertEqualsCanonicalizing([[0.0, 0.0], [100.0, 0.0], [100.0, 50.0]], $outline['points']);
        }
    }

    public function test_a_circle_has_the_area_of_its_circle_to_a_tenth_of_a_millimetre_of_radius(): void
    {
        $circle = Outlines::of(self::dxf("0\nCIRCLE\n8\n0\n10\n50\n20\n70\n40\n200\n"), 1.0)[0];
        self::assertTrue($circle['closed']);
        self::assertEqualsWithDelta(M_PI * 200 ** 2, self::area($circle['points']), 2 * M_PI * 200 * 0.1);
    }

    public function test_two_lines_and_two_half_circles_make_a_slot(): void
    {
        $slot = Outlines::of(self::dxf(self::line(0, 0, 300, 0), self::line(300, 100, 0, 100),
            self::arc(300, 50, 50, 270, 90), self::arc(0, 50, 50, 90, 270)), 1.0);
        self::assertCount(1, $slot);
        self::assertTrue($slot[0]['closed']);
        self::assertEqualsWithDelta(300 * 100 + M_PI * 2500, self::area($slot[0]['points']), 2 * M_PI * 50 * 0.1);
        self::assertEqualsWithDelta([400.0, 100.0], [max(array_column($slot[0]['points'], 0)), max(array_column($slot[0]['points'], 1))], 0.25);
    }

    public function test_a_bulge_of_one_is_half_a_circle(): void
    {
        $half = Outlines::of(self::dxf("0\nLWPOLYLINE\n8\n0\n90\n2\n70\n1\n10\n0\n20\n0\n42\n1\n10\n100\n20\n0\n42\n0\n"), 1.0)[0];
        self::assertEqualsWithDelta(M_PI * 50 ** 2 / 2, self::area($half['points']), M_PI * 50 * 0.1);
        self::assertEqualsWithDelta([100.0, 50.0], [max(array_column($half['points'], 0)), max(array_column($half['points'], 1))], 0.1);
    }

    public function test_a_block_comes_where_how_large_and_how_turned_it_is_put(): void
    {
        $block = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n8\n0\n2\nPART\n70\n0\n10\n5\n20\n5\n3\nPART\n".self::line(5, 5, 105, 5)."0\nENDBLK\n0\nENDSEC\n";
        $dxf = "$block".self::dxf("0\nINSERT\n8\n0\n2\nPART\n10\n1000\n20\n0\n41\n2\n42\n2\n50\n90\n");
        self::assertEqualsCanonicalizing([[0.0, 0.0], [0.0, 200.0]], Outlines::of($dxf, 1.0)[0]['points']);
    }

    public function test_the_unit_makes_inches_of_it(): void
    {
        $this->assertOutline([[0, 0], [254, 0], [254, 127], [0, 127]],
            self::dxf(self::line(0, 0, 10, 0), self::line(10, 0, 10, 5), self::line(10, 5, 0, 5), self::line(0, 5, 0, 0)), 25.4);
    }

    public function test_lines_on_two_layers_are_not_joined(): void
    {
        $paths = Outlines::of(self::dxf(self::line(0, 0, 100, 0, 'A'), self::line(100, 0, 100, 100, 'B')), 1.0);
        self::assertSame([false, false], array_column($paths, 'closed'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function damaged(): iterable
    {
        $whole = self::dxf(self::line(0, 0, 1, 1));
        yield 'nothing' => ['', 'not a DXF drawing'];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0", 'binary drawing'];
        yield 'a letter' => ["Dear all,\nhere is the drawing.\nYours\nIvo\n", 'not a DXF drawing'];
        yield 'cut off' => [substr($whole, 0, -20), 'ends in the middle'];
        yield 'a code that is none' => [str_replace("\n10\n", "\nten\n", $whole), 'expected a group code'];
        yield 'a coordinate that is none' => [str_replace("10\n0\n", "10\nzero\n", $whole), 'where a coordinate was expected'];
        yield 'no lines' => [self::dxf("0\nTEXT\n8\n0\n10\n0\n20\n0\n1\nHello\n"), 'holds no line'];
        yield 'not even entities' => ["0\nSECTION\n2\nHEADER\n0\nENDSEC\n0\nEOF\n", 'not a DXF drawing'];
        yield 'a block within itself' => ["0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nA\n0\nINSERT\n2\nA\n0\nENDBLK\n0\nENDSEC\n"
            .self::dxf("0\nINSERT\n8\n0\n2\nA\n"), 'holds no line'];
        yield 'far too much' => [self::dxf(str_repeat(self::line(0, 0, 1, 1), 40_001)), 'more than 40000 lines'];
    }

    #[DataProvider('damaged')]
    public function test_what_is_damaged_or_foreign_is_refused_with_the_reason(string $text, string $says): void
    {
        $this->expectException(DxfNotReadable::class);
        $this->expectExceptionMessage($says);
        Outlines::of($text, 1.0);
    }

    public function test_a_wall_traced_against_a_straight_side_has_its_gaps_station_by_station(): void
    {
        // The wall at the left leans from 20 out at the foot to 44 at the head; the straight side is at x = 100.
        $gaps = TracedWall::along([[80.0, 0.0], [100.0, 0.0], [100.0, 2400.0], [56.0, 2400.0]], true, 'left');
        self::assertNotNull($gaps);
        self::assertCount(25, $gaps);
        foreach ($gaps as $gap) {
            self::assertEqualsWithDelta(20 + 24 * $gap['at'] / 2400, $gap['gap'], 0.02);
        }
        self::assertNull(TracedWall::along([[0.0, 0.0], [400.0, 0.0], [400.0, 2400.0], [0.0, 2400.0]], true, 'left'));
    }

    public function test_an_open_line_counts_from_where_it_comes_in_furthest(): void
    {
        $gaps = TracedWall::along([[0.0, 0.0], [6.0, 600.0], [0.0, 1200.0]], false, 'left');
        self::assertSame([0.0, 6.0], [min(array_column($gaps ?? [], 'gap')), max(array_column($gaps ?? [], 'gap'))]);
        self::assertSame(6.0, $gaps[0]['gap'] ?? null);
    }

    /** @param  list<array{int|float, int|float}>  $expected */
    private function assertOutline(array $expected, string $dxf, float $mm = 1.0): void
    {
        $paths = Outlines::of($dxf, $mm);
        self::assertCount(1, $paths);
        self::assertTrue($paths[0]['closed']);
        self::assertEqualsCanonicalizing($expected, $paths[0]['points']);
    }

    /** @param  list<array{float, float}>  $points */
    private static function area(array $points): float
    {
        $sum = 0.0;
        foreach ($points as $i => [$x, $y]) {
            [$nx, $ny] = $points[($i + 1) % count($points)];
            $sum += $x * $ny - $nx * $y;
        }

        return abs($sum) / 2;
    }

    private static function dxf(string ...$entities): string
    {
        return "0\nSECTION\n2\nENTITIES\n".implode('', $entities)."0\nENDSEC\n0\nEOF\n";
    }

    private static function line(float $x1, float $y1, float $x2, float $y2, string $layer = '0'): string
    {
        return "0\nLINE\n8\n$layer\n10\n$x1\n20\n$y1\n11\n$x2\n21\n$y2\n";
    }

    private static function arc(float $x, float $y, float $r, float $from, float $to): string
    {
        return "0\nARC\n8\n0\n10\n$x\n20\n$y\n40\n$r\n50\n$from\n51\n$to\n";
    }
}

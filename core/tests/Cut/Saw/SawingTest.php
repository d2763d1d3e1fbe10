<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut\Saw;

use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Saw\SawCut;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Document\Model\Saws;
use PHPUnit\Framework\TestCase;

/** Sheets small enough to follow by hand; one unit is one step. */
final class SawingTest extends TestCase
{
    public function test_one_part_in_the_corner_takes_two_cuts_and_leaves_two_offcuts(): void
    {
        // 100 × 60, kerf 2, part 40 × 20: a rip frees 100 × 38, more than a crosscut's 58 × 60; then 58 × 20.
        $sawing = self::sawn([self::at('A', 0, 0, 40, 20)], 100, 60, 0, 2);
        self::assertSame([['y', 20, 0, 100, '1'], ['x', 40, 0, 20, '1.1']], self::cuts($sawing));
        self::assertSame([[0, 22, 100, 38], [42, 0, 58, 20]], array_map(fn ($r): array => [$r->x, $r->y, $r->length, $r->width], $sawing->offcuts));
    }

    public function test_what_is_known_of_a_sheet_holds_for_its_blade_and_its_saws_alone(): void
    {
        $sheet = new LaidSheet(new SheetKind('', '', 100, 60, [0, 0, 0, 0], 0, null), [self::at('A', 0, 0, 40, 20)]);
        $offcuts = fn (int $kerf): array => array_map(fn ($r): array => [$r->length, $r->width], Sawing::of($sheet, $kerf)->offcuts);
        self::assertSame([[100, 38], [58, 20]], $offcuts(2));
        self::assertSame([[100, 36], [56, 20]], $offcuts(4));
        self::assertSame([[100, 38], [58, 20]], $offcuts(2));
        $saws = new Saws;
        self::assertSame(Sawing::of($sheet, 2, $saws), Sawing::of($sheet, 2, $saws), 'worked out once');
        self::assertNotSame(Sawing::of($sheet, 2, $saws), Sawing::of($sheet, 2, new Saws));
    }

    public function test_the_factory_edges_come_off_first(): void
    {
        $sawing = self::sawn([self::at('A', 5, 5, 90, 50)], 100, 60, 5, 2);
        self::assertSame([true, true, true, true], array_map(fn (SawCut $c): bool => $c->isTrim, $sawing->cuts));
        self::assertSame([['y', 3], ['y', 55], ['x', 3], ['x', 95]], array_map(fn (SawCut $c): array => [$c->axis, $c->at], $sawing->cuts));
        self::assertSame([], $sawing->offcuts);
    }

    public function test_slack_before_a_part_is_cut_off(): void
    {
        $sawing = self::sawn([self::at('A', 30, 0, 70, 60)], 100, 60, 0, 2);
        self::assertSame([['x', 28, 0, 60, '1']], self::cuts($sawing));
        self::assertSame(28, $sawing->offcuts[0]->length);
    }

    public function test_a_remainder_narrower_than_the_blade_is_still_cut_off(): void
    {
        $sawing = self::sawn([self::at('A', 0, 0, 99, 60)], 100, 60, 0, 2);
        self::assertSame([['x', 99, 0, 60, '1']], self::cuts($sawing));
        self::assertSame([], $sawing->offcuts);
    }

    public function test_a_pinwheel_cannot_be_sawn(): void
    {
        $arms = [self::at('A', 0, 0, 20, 10), self::at('B', 20, 0, 10, 20), self::at('C', 10, 20, 20, 10), self::at('D', 0, 10, 10, 20)];
        self::assertFalse(self::sawn($arms, 30, 30, 0, 0)->isSeparable);
        self::assertTrue(self::sawn(array_slice($arms, 0, 2), 30, 30, 0, 0)->isSeparable);
    }

    public function test_parts_closer_than_a_blade_cannot_be_sawn_apart(): void
    {
        $pair = fn (int $gap): array => [self::at('A', 0, 0, 40, 60), self::at('B', 40 + $gap, 0, 40, 60)];
        self::assertTrue(self::sawn($pair(2), 100, 60, 0, 2)->isSeparable);
        self::assertFalse(self::sawn($pair(1), 100, 60, 0, 2)->isSeparable);
    }

    /** @param  non-empty-list<Placement>  $placements */
    private static function sawn(array $placements, int $length, int $width, int $trim, int $kerf): Sawing
    {
        return Sawing::of(new LaidSheet(new SheetKind('s', 's', $length, $width, [$trim, $trim, $trim, $trim]), $placements), $kerf);
    }

    private static function at(string $id, int $x, int $y, int $l, int $w): Placement
    {
        return new Placement($id, $x, $y, $l, $w, false);
    }

    /** @return list<array{string, int, int, int, string}> */
    private static function cuts(Sawing $sawing): array
    {
        return array_map(fn (SawCut $c): array => [$c->axis, $c->at, $c->from, $c->to, $c->piece], $sawing->cuts);
    }
}

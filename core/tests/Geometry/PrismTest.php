<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Geometry;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Point;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Geometry\Slant;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

final class PrismTest extends TestCase
{
    use TestTrait;

    private static function mm(int|float $mm): Length
    {
        return Length::fromMillimetres($mm);
    }

    private static function board(): Block
    {
        return new Block(new Place3(self::mm(10), self::mm(0), self::mm(100)), new Place3(self::mm(18), self::mm(400), self::mm(1000)));
    }

    public function test_a_line_cuts_a_side_where_it_crosses_it(): void
    {
        // z = 600 + y: at the rear 600; reaches the top of 1100 at y 500, outside: at the front 1000.
        $cut = Prism::of(self::board(), Axis::X)->under(new Slant(Axis::Y, self::mm(600), 1.0));
        self::assertNotNull($cut);
        self::assertSame([[0, 100], [400, 100], [400, 1000], [0, 600]],
            array_map(fn (Point $p): array => [$p->across->millimetres(), $p->up->millimetres()], $cut->outline));
        self::assertFalse($cut->isBlock());
        self::assertSame(900, $cut->bounds()->size->z->millimetres());
    }

    public function test_degenerate_cuts(): void
    {
        $board = Prism::of(self::board(), Axis::X);
        self::assertNull($board->under(new Slant(Axis::Y, self::mm(50), 0.0)), 'all above');
        self::assertEquals($board, $board->under(new Slant(Axis::Y, self::mm(1100), 0.0)), 'just touching');
        self::assertTrue($board->under(new Slant(Axis::Y, self::mm(500), 0.0))?->isBlock(), 'a level cut leaves a square board');
        self::assertSame(600, $board->over(self::mm(500))?->bounds()->size->z->millimetres());
        self::assertNull($board->over(self::mm(1100)));
    }

    public function test_what_is_cut_lies_under_the_line_and_inside_what_was_there(): void
    {
        $this->limitTo(400)->forAll(Generators::choose(-3_000, 3_000), Generators::choose(-1_000, 2_000))->then(function (int $rise, int $at): void {
            $line = new Slant(Axis::Y, self::mm($at), $rise / 1000);
            foreach (Prism::of(self::board(), Axis::X)->under($line)->outline ?? [] as $p) {
                self::assertLessThanOrEqual($line->at($p->across)->units + 2, $p->up->units);
                self::assertGreaterThanOrEqual(0, $p->across->units);
                self::assertLessThanOrEqual(self::mm(400)->units, $p->across->units);
                self::assertGreaterThanOrEqual(self::mm(100)->units, $p->up->units);
            }
        });
    }

    public function test_lowering_is_square_to_the_line(): void
    {
        // tanθ = 0.75: 8 square to it is 10 upright (fieldbook §4: c/cosθ).
        self::assertSame(990, (new Slant(Axis::X, self::mm(1000), -0.75))->loweredBy(self::mm(8))->at0->millimetres());
        self::assertSame(400, (new Slant(Axis::X, self::mm(1000), -0.75))->where(self::mm(700))?->millimetres());
        self::assertNull((new Slant(Axis::X, self::mm(1000), 0.0))->where(self::mm(700)));
    }

    public function test_a_run_along_a_side_wall_keeps_its_hand(): void
    {
        // In its own frame a bracket: 300 along the wall from its left end, 100 out, 50 up from 20.
        $own = new Block(new Place3(self::mm(0), self::mm(0), self::mm(20)), new Place3(self::mm(300), self::mm(100), self::mm(50)));
        // Left wall: facing it, its left end is the free one, 1500 from the back wall; out is to the right.
        $left = Turn::left(self::mm(5), self::mm(1500))->block($own);
        self::assertSame([5, 1200, 20, 100, 300, 50], self::numbers($left));
        // Right wall: facing it, its left end is at the back wall; out is to the left.
        $right = Turn::right(self::mm(2000))->block($own);
        self::assertSame([1900, 0, 20, 100, 300, 50], self::numbers($right));
        foreach ([Turn::left(self::mm(5), self::mm(1500)), Turn::right(self::mm(2000))] as $turn) {
            foreach (Axis::cases() as $axis) {
                self::assertSame(self::numbers($turn->block($own)), self::numbers($turn->prism(Prism::of($own, $axis))->bounds()));
            }
        }
    }

    public function test_a_slope_is_the_same_slope_in_a_run_s_own_frame(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(-900, 900), Generators::choose(0, 1400))->then(function (int $rise, int $along): void {
            foreach ([Turn::left(self::mm(5), self::mm(1500)), Turn::right(self::mm(2000))] as $turn) {
                foreach ([Axis::X, Axis::Y] as $axis) {
                    $line = new Slant($axis, self::mm(1000), $rise / 1000);
                    $own = $turn->slantFromHouse($line);
                    $block = $turn->block(new Block(new Place3(self::mm($along), self::mm($along), self::mm(0)),
                        new Place3(Length::zero(), Length::zero(), Length::zero())));
                    self::assertEqualsWithDelta($line->at($block->corner->{$axis->value})->units, $own->at(self::mm($along))->units, 2);
                }
            }
        });
    }

    /** @return list<int|float> */
    private static function numbers(Block $b): array
    {
        return array_map(fn (Length $l): int|float => $l->millimetres(), [$b->corner->x, $b->corner->y, $b->corner->z, $b->size->x, $b->size->y, $b->size->z]);
    }
}

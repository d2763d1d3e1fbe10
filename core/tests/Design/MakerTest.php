<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Design;

use Incastro\Core\Design\Bench;
use Incastro\Core\Design\Board;
use Incastro\Core\Design\BoughtAs;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Maker;
use Incastro\Core\Design\Named;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Span;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Document\Model\Material;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use PHPUnit\Framework\TestCase;

/** Boards of 18 in a box 800 wide, 300 deep and 2000 high. */
final class MakerTest extends TestCase
{
    /** No two boards on a bench have one id. */
    private static int $made = 0;

    public function test_each_way_a_board_lies_has_its_thickness_and_its_grain(): void
    {
        $made = fn (string $how, mixed ...$stretches): array => self::measured(self::maker()->{$how}(self::named(), ...$stretches));
        [$x, $y, $z] = [self::span(800), self::span(300), self::span(2000)];
        self::assertSame([2000, 300, 'z', 'x'], $made('upright', Length::zero(), $y, $z));
        self::assertSame([800, 300, 'x', 'z'], $made('level', $x, $y, Length::zero()));
        self::assertSame([800, 2000, 'x', 'y'], $made('strip', $x, Length::zero(), $z));
        self::assertSame([2000, 800, 'z', 'y'], $made('face', $x, Length::zero(), $z));
        self::assertSame([300, 800, 'y', 'z'], $made('out', $x, $y, Length::zero()));
        self::assertSame([300, 2000, 'y', 'x'], $made('cheek', Length::zero(), $y, $z));
    }

    public function test_what_it_is_set_for_goes_into_what_it_makes_next_and_not_into_what_it_makes_otherwise(): void
    {
        $maker = self::maker();
        $lid = $maker->banded(['front'])->closing('BAY1')->hung(Side::Left);
        $level = fn (Maker $by): Panel => $by->level(self::named(), self::span(800), self::span(300), Length::zero());
        self::assertSame([['front'], 'BAY1', Side::Left], [$level($lid)->banded, $level($lid)->closes, $level($lid)->hand]);
        self::assertSame([[], null, null], [$level($maker)->banded, $level($maker)->closes, $level($maker)->hand]);
    }

    public function test_what_is_bought_is_lumber_where_nothing_else_was_said(): void
    {
        $spans = [self::span(800), self::span(25), self::span(25)];
        $rail = fn (Maker $by): Panel => $by->bought(self::named(), $spans, Axis::X, Axis::Y);
        self::assertSame(BoughtAs::Lumber, $rail(self::maker())->boughtAs);
        self::assertSame(BoughtAs::Tube, $rail(self::maker()->boughtAs(BoughtAs::Tube))->boughtAs);
        self::assertNull(self::maker()->upright(self::named(), Length::zero(), self::span(300), self::span(2000))->boughtAs);
    }

    public function test_a_board_let_in_takes_its_room_out_of_the_other_and_one_with_air_takes_nothing(): void
    {
        foreach ([['house', JointKind::Dado, TakenKind::Dado], ['tenon', JointKind::Tenon, TakenKind::Mortise]] as [$how, $kind, $taken]) {
            $bench = self::sideAndShelf();
            $bench->{$how}('shelf', 'side', Axis::X, Length::fromMillimetres(6));
            self::assertSame([$kind, 6], [$bench->joints[0]->kind, $bench->joints[0]->depth->millimetres()]);
            self::assertSame([$taken], array_map(fn (Taken $t): TakenKind => $t->kind, $bench->panels['side']->taken));
            self::assertSame(6, $bench->panels['side']->taken[0]->block->size->x->millimetres());
        }
        $bench = self::sideAndShelf();
        $bench->clear('shelf', 'side', Axis::X, Length::fromMillimetres(2));
        self::assertSame([JointKind::Clears, 2, []],
            [$bench->joints[0]->kind, $bench->joints[0]->play->millimetres(), $bench->panels['side']->taken]);
    }

    public function test_a_bound_that_is_no_board_joins_nothing(): void
    {
        $bench = self::sideAndShelf();
        $bench->join('shelf', null, JointKind::Screws, Axis::X);
        $bench->house('shelf', null, Axis::X, Length::fromMillimetres(6));
        $bench->clear('shelf', null, Axis::X, Length::fromMillimetres(2));
        self::assertSame([], $bench->joints);
    }

    /** A side from 0 to 18; a shelf that reaches 6 into it. */
    private static function sideAndShelf(): Bench
    {
        $bench = new Bench('piece');
        $maker = Maker::at($bench, self::board());
        $maker->upright(new Named('side', Role::Side, Text::of('part.top')), Length::zero(), self::span(300), self::span(2000));
        $maker->level(new Named('shelf', Role::Shelf, Text::of('part.top')), self::span(782, 12), self::span(300), Length::fromMillimetres(1000));

        return $bench;
    }

    private static function maker(): Maker
    {
        return Maker::at(new Bench('piece'), self::board());
    }

    private static function board(): Board
    {
        $mm = Length::fromMillimetres(...);

        return new Board(new Material('ply', 'Ply', $mm(18), $mm(2440), $mm(1220), true, 0, 650.0), Length::zero());
    }

    private static function named(): Named
    {
        return new Named('board_'.self::$made++, Role::Board, Text::of('part.top'));
    }

    private static function span(int $size, int $from = 0): Span
    {
        return Span::of(Length::fromMillimetres($from), Length::fromMillimetres($size), Text::of('piece.height_chosen'));
    }

    /** @return array{int|float, int|float, string, string} length, width, along which axis the grain and the thickness lie */
    private static function measured(Panel $panel): array
    {
        $thick = $panel->block->size->{$panel->thin->value}->millimetres();
        self::assertSame(18, $thick);

        return [$panel->length->value->millimetres(), $panel->width->value->millimetres(), $panel->long->value, $panel->thin->value];
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut\Machining;

use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\BoreKind;
use Incastro\Core\Assembly\Fastening\Drill;
use Incastro\Core\Assembly\Fastening\Hole;
use Incastro\Core\Cut\Machining\BoardFace;
use Incastro\Core\Cut\Machining\Hand;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\SideBySide;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Cut\Part;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Design\Taken;
use Incastro\Core\Design\TakenKind;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Geometry\Turn;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Tests\Planned;
use PHPUnit\Framework\TestCase;

/** Boards and their mirror images; which way up a face is seen. */
final class HandTest extends TestCase
{
    private const MM = Length::PER_MM;

    public function test_the_sides_of_a_box_are_mirror_images_and_its_shelves_are_not(): void
    {
        $plan = Planned::of(Niche::document(['shelves' => 'pins'], [[400, 500]]));
        [$left, $right] = [$plan->part('side_left'), $plan->part('side_right')];
        self::assertSame([$right['id'], $left['id']], [$left['mirror_of'], $right['mirror_of']]);
        self::assertNotSame($left['label'][0], $right['label'][0]);
        self::assertNull($plan->part('shelf')['mirror_of']);
        self::assertSame(['E1', 'E2'], array_map(fn (int $n): string => $plan->part('shelf', $n)['label'], [0, 1]));
    }

    public function test_a_board_turned_round_is_the_same_and_its_mirror_image_is_not(): void
    {
        $notch = fn (int $x, int $y): Part => self::board([[$x, $y, 60, 40]]);
        $own = Hand::of($notch(0, 0));
        self::assertSame($own->key, Hand::of($notch(0, 260))->key, 'a plain notch: turned over it is at the other edge');
        self::assertTrue($own->isEvenHanded());
        $drilled = fn (int $x, int $y, int $z, bool $up): Hand => Hand::of(self::board([[0, 0, 60, 40]], [[$x, $y, $z, $up]]));
        $blind = $drilled(500, 100, 18, false);
        self::assertFalse($blind->isEvenHanded());
        self::assertSame($blind->mirrored, $drilled(500, 100, 0, true)->key, 'drilled from the other face');
        self::assertNotSame($blind->key, $drilled(500, 100, 0, true)->key);
    }

    public function test_each_part_is_paired_once_with_one_of_its_own_piece(): void
    {
        $parts = ['a' => 18, 'b' => 18, 'c' => 0, 'd' => 18, 'e' => 0];
        $made = $hands = [];
        foreach ($parts as $id => $z) {
            $made[] = $part = self::board([[0, 0, 60, 40]], [[500, 100, $z, $z === 0]], $id);
            $hands[$id] = Hand::of($part);
        }
        self::assertSame(['a' => 'c', 'c' => 'a', 'b' => 'e', 'e' => 'b'], Hand::pairs($made, $hands), 'd is left without');
    }

    /** Looked at from outside, right × up points toward the eye; the house's axes are left-handed. */
    public function test_no_face_is_seen_mirrored(): void
    {
        foreach ([[Axis::X, Axis::Z], [Axis::Z, Axis::X], [Axis::X, Axis::Y], [Axis::Y, Axis::Z], [Axis::Y, Axis::X], [Axis::Z, Axis::Y]] as [$long, $thin]) {
            $panel = self::panel($long, $thin);
            foreach ([true, false] as $upper) {
                $face = new BoardFace($panel, $upper);
                $from = $face->point($panel->block->corner);
                $directions = [];
                foreach (Axis::cases() as $axis) {
                    $p = $face->point($panel->block->corner->with($axis, $panel->block->corner->{$axis->value}->plus(Length::fromMillimetres(1))));
                    $directions[] = [$p->across->minus($from->across)->units / self::MM, $p->up->minus($from->up)->units / self::MM];
                }
                [$right, $up] = [array_column($directions, 0), array_column($directions, 1)];
                $cross = [$right[1] * $up[2] - $right[2] * $up[1], $right[2] * $up[0] - $right[0] * $up[2], $right[0] * $up[1] - $right[1] * $up[0]];
                $outward = array_map(fn (Axis $a): int => $a !== $thin ? 0 : ($upper ? 1 : -1), Axis::cases());
                self::assertEquals($outward, array_map(fn (float|int $c): int => (int) -$c, $cross), "$long->value $thin->value");
            }
        }
    }

    public function test_a_run_along_a_side_wall_names_its_ends_as_one_faces_that_wall(): void
    {
        $along = fn (int $quarter): Panel => self::panel(Axis::X,
            Axis::Z)->turnedBy($quarter > 0 ? Turn::left(Length::zero(), Length::zero()) : Turn::right(Length::zero()));
        self::assertSame(['rear', 'front', 'right', 'left'],
            [$along(1)->facing(Axis::X, false), $along(1)->facing(Axis::X, true), $along(1)->facing(Axis::Y, false), $along(1)->facing(Axis::Y, true)]);
        self::assertSame(['front', 'rear', 'left', 'right'],
            [$along(-1)->facing(Axis::X, false), $along(-1)->facing(Axis::X, true), $along(-1)->facing(Axis::Y, false), $along(-1)->facing(Axis::Y, true)]);
    }

    public function test_pairs_of_one_size_get_neighbouring_places_and_nothing_else_changes(): void
    {
        $mm = fn (int $mm): int => $mm * self::MM;
        $items = array_map(fn (string $id): Item => new Item($id, $mm(700), $mm(300), false), ['a', 'b', 'c', 'd', 'x']);
        $place = fn (string $id, int $x, int $y): Placement => new Placement($id, $mm($x), $mm($y), $mm(700), $mm(300), false);
        $stock = Stock::ofOneSize(SheetKind::plain('ply', $mm(2440), $mm(1220), $mm(6)), $mm(3));
        // a is mirrored by d and b by c; as they were laid each lies beside another's.
        $sheets = [new LaidSheet($stock->kinds[0], [$place('a', 6, 6), $place('b', 6, 309)]),
            new LaidSheet($stock->kinds[0], [$place('c', 6, 6), $place('x', 6, 700), $place('d', 6, 309)])];
        $laid = (new SideBySide($items, ['a' => 'd', 'd' => 'a', 'b' => 'c', 'c' => 'b'], $mm(3)))->of(new Nested($stock, $sheets, [], 0));
        $on = array_map(fn (LaidSheet $s): array => array_map(fn (Placement $p): string => $p->item, $s->placements), $laid->sheets);
        self::assertSame([['a', 'd'], ['b', 'x', 'c']], $on);
        $spots = fn (array $sheets): array => array_map(
            fn (LaidSheet $s): array => array_map(fn (Placement $p): array => [$p->x, $p->y], $s->placements), $sheets);
        self::assertSame($spots($sheets), $spots($laid->sheets));
    }

    public function test_a_locked_part_keeps_its_place(): void
    {
        $mm = fn (int $mm): int => $mm * self::MM;
        $items = array_map(fn (string $id): Item => new Item($id, $mm(700), $mm(300), false), ['a', 'b', 'c']);
        $place = fn (string $id, int $y): Placement => new Placement($id, $mm(6), $mm($y), $mm(700), $mm(300), false);
        $stock = Stock::ofOneSize(SheetKind::plain('ply', $mm(2440), $mm(1220), $mm(6)), $mm(3));
        $sheet = new LaidSheet($stock->kinds[0], [$place('a', 6), $place('b', 309), $place('c', 612)], ['a']);
        $laid = (new SideBySide($items, ['a' => 'c', 'c' => 'a'], $mm(3)))->of(new Nested($stock, [$sheet], [], 0));
        self::assertSame('a', $laid->sheets[0]->placements[0]->item);
        self::assertEqualsCanonicalizing(['a', 'b', 'c'], array_map(fn (Placement $p): string => $p->item, $laid->sheets[0]->placements));
    }

    private static function panel(Axis $long, Axis $thin, string $id = 'p'): Panel
    {
        $mm = fn (Axis $a): Length => Length::fromMillimetres($a === $thin ? 18 : ($a === $long ? 1000 : 300));
        $zero = Length::zero();
        $block = new Block(new Place3($zero, $zero, $zero), new Place3($mm(Axis::X), $mm(Axis::Y), $mm(Axis::Z)));

        return new Panel($id, 'piece', Role::Shelf, Text::of('part.shelf'), 'ply', Figure::of($mm($long), Text::of('x')),
            Figure::of($zero, Text::of('x')), Prism::of($block, $thin), $long, $thin);
    }

    /**
     * A level board 1000 × 300 × 18.
     *
     * @param  list<array{int, int, int, int}>  $notches  x, y, dx, dy
     * @param  list<array{int, int, int, bool}>  $holes  x, y, z of the mouth, drilled upward; 10 deep
     */
    private static function board(array $notches, array $holes = [], string $id = 'p'): Part
    {
        $l = Length::fromMillimetres(...);
        $taken = array_map(fn (array $n): Taken => new Taken(TakenKind::Notch,
            new Block(new Place3($l($n[0]), $l($n[1]), $l(0)), new Place3($l($n[2]), $l($n[3]), $l(18)))), $notches);
        $panel = self::panel(Axis::X, Axis::Z, $id)->taking(...$taken);
        $bores = array_map(
            fn (array $h): Bore => Bore::round(new Hole(BoreKind::Dowel, $l(8), $l(10)), $panel, null,
                new Drill(new Place3($l($h[0]), $l($h[1]), $l($h[2])), Axis::Z, $h[3])),
            $holes);

        return new Part($panel, $panel->length, $panel->width, true, $bores);
    }
}

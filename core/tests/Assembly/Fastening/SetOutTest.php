<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly\Fastening;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Assembly\Fastening\Boards;
use Incastro\Core\Assembly\Fastening\Bore;
use Incastro\Core\Assembly\Fastening\BoreKind;
use Incastro\Core\Assembly\Fastening\ClashKind;
use Incastro\Core\Assembly\Fastening\Fastened;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Fastening\HiddenFace;
use Incastro\Core\Assembly\Fastening\JointFasteners;
use Incastro\Core\Assembly\Fastening\SetOut;
use Incastro\Core\Design\Joint;
use Incastro\Core\Design\JointKind;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Geometry\Prism;
use Incastro\Core\Measure\Figure;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Cut\Machining\Niche;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Holes of a carcass 1000 × 2200 × 350 of 18 mm, reckoned by hand; and of random pieces. */
final class SetOutTest extends TestCase
{
    use TestTrait;

    /** Shelf's underside 18 + 400 over the side's lower end, the pin's middle 2.5 below it; 37 from each edge; 8 deep: (18 − 2)/2. */
    public function test_pins_of_a_shelf_with_two_spare_heights_each_way(): void
    {
        $side = Niche::rows(Niche::bench(Planned::of(Niche::document(['shelves' => 'pins'], [[400]])), 'side_left'), 'right');
        self::assertSame(['pin' => [[[415.5], [37, 313]]], 'spare_pin' => [[[351.5, 383.5, 447.5, 479.5], [37, 313]]]], $side);
    }

    public function test_a_spare_height_without_clear_room_under_it_is_left_out(): void
    {
        $side = Niche::rows(Niche::bench(Planned::of(Niche::document(['shelves' => 'pins'], [[110]])), 'side_left'), 'right');
        // At 110 the pin is 107.5 over the bottom: one pitch lower leaves 75.5, two leave 43.5 of the 64 wanted.
        self::assertSame([[[93.5, 157.5, 189.5], [37, 313]]], $side['spare_pin']);
    }

    /** Bottom at the side's lower end: 9 is half of 18. One per 150 and 50 from the edges of 350: three, 125 apart. Screw 2.5 × 18 = 45. */
    public function test_screws_through_the_side_into_the_ends(): void
    {
        $plan = Planned::of(Niche::document());
        $side = Niche::rows(Niche::bench($plan, 'side_left'), 'left');
        self::assertSame([[[9], [50, 175, 300]], [[2191], [50, 175, 300]]], array_slice($side['clearance'], 0, 2));
        $bottom = Niche::bench($plan, 'bottom');
        self::assertSame(['left', 'right'], array_column($bottom['edges'], 'edge'));
        self::assertSame([[[50, 175, 300], [9]]], Niche::rows($bottom, 'left')['pilot']);
        $row = $bottom['edges'][0]['rows'][0];
        self::assertSame([2.5, 27, 45], [$row['diameter'], $row['depth'], $row['screw']], '45 less the 18 it goes through');
    }

    /** Half of 18 over tan 15° = 33.6; half a pocket is 4.75 over sin 15° = 18.4. The bottom is seen from above, the top from below. */
    public function test_pockets_lie_in_the_face_that_is_not_seen(): void
    {
        $plan = Planned::of(Niche::document(['joint' => 'pocket_screws']));
        foreach (['bottom' => 'under', 'top' => 'upper'] as $part => $face) {
            $bench = Niche::bench($plan, $part);
            self::assertSame([$face], array_column($bench['faces'], 'face'));
            self::assertSame([[[33.6], [50, 175, 300]], [[930.4], [50, 175, 300]]], Niche::rows($bench, $face)['pocket']);
            $row = $bench['faces'][0]['rows'][0];
            self::assertSame([32, 51.9], [$row['screw'], $row['slots'][0]['length']]);
        }
    }

    /**
     * Leaf 2197.5 high over a carcass of 2200: cups 100 from its ends and three between, 22.5 from the hinged edge; plates 16 above and
     * below, 37 behind it.
     */
    public function test_hinge_cups_and_plates_face_each_other(): void
    {
        $plan = Planned::of(Niche::withDoor(Niche::document(), 1, ['leaves' => 1, 'hang' => 'overlay', 'hinge' => 'left']));
        $door = Niche::bench($plan, 'door_hinged_left');
        $cups = Niche::rows($door, 'rear')['hinge_cup'];
        self::assertSame([[[100, 599.375, 1098.75, 1598.125, 2097.5], [22.5]]], $cups);
        self::assertSame('left', $door['faces'][0]['sides']['lower'], 'with its rear up and its foot at the left, the hinges are near you');
        $plates = Niche::rows(Niche::bench($plan, 'side_left'), 'right')['hinge_plate'];
        // The leaf begins 1.25 above the side's lower end: 100 + 1.25 − 16 = 85.25.
        self::assertSame([85.25, 117.25], array_slice($plates[0][0], 0, 2));
        self::assertSame([313], $plates[0][1], '350 − 37');
    }

    public function test_a_hinge_moves_clear_of_a_fixed_shelf_and_of_pins(): void
    {
        $cups = function (array $methods, array $shelves): array {
            $document = Niche::withDoor(Niche::document($methods, [$shelves]), 1, ['leaves' => 1, 'hang' => 'overlay', 'hinge' => 'left']);
            $plan = Planned::of($document);
            self::assertNotContains('cut.hinge_meets_board', $plan->codes());

            return Niche::rows(Niche::bench($plan, 'door_hinged_left'), 'rear')['hinge_cup'][0][0];
        };
        // Shelf at 18 + 75 = 93 to 111 over the side's end, plate body 71.25 to 131.25 there: 40 up is the nearest step that clears 111 + 30.
        self::assertSame(140, $cups(['shelves' => 'fixed'], [75])[0]);
        // A pin 117 over the side's end would meet the plate's upper hole at 117.25.
        self::assertNotSame(100, $cups(['shelves' => 'pins'], [101.5])[0]);
    }

    public function test_a_hinge_without_a_free_place_is_told_with_the_board_in_its_way(): void
    {
        $shelves = [40, 40, 40, 40, 40];
        $plan = Planned::of(Niche::withDoor(Niche::document(['shelves' => 'fixed'], [$shelves]), 1, ['leaves' => 1, 'hang' => 'overlay', 'hinge' => 'left']));
        $finding = $plan->finding('cut.hinge_meets_board');
        self::assertSame('look', $finding['severity']);
        self::assertSame(['cut', $plan->part('door_hinged_left')['id']], [$finding['place']['stage'], $finding['place']['ref']]);
        self::assertSame('part.shelf', $finding['says']['args']['other']['text']['key']);
    }

    /** Shelves at one height on both sides of a divider: 12 + 12 is more than 18, so those of one side stand 16 further along. */
    public function test_dowels_from_both_sides_make_way_for_each_other(): void
    {
        $plan = Planned::of(Niche::document(['joint' => 'dowels'], [[400], [400]]));
        $divider = Niche::bench($plan, 'divider');
        self::assertSame([[[409], [66, 191, 316]]], Niche::rows($divider, 'right')['dowel']);
        self::assertSame([[[409], [50, 175, 300]]], Niche::rows($divider, 'left')['dowel'], 'from the front: 350 less 300, 175, 50');
        self::assertNotContains('cut.bores_meet', $plan->codes());
    }

    public function test_a_pipe_where_a_nailer_is_fixed_leaves_its_screws_without_wood(): void
    {
        $document = Niche::document();
        $document['spaces'][Sample::SPACE]['things'] = [Sample::id('THNG', 1) => ['kind' => 'hose', 'order' => 'a', 'face' => 'right',
            'across' => 20, 'up' => 2150, 'width' => 40, 'height' => 140, 'out' => 60, 'treatment' => 'notch']];
        $codes = fn (array $d): array => Planned::of($d)->codes();
        self::assertContains('cut.bore_off', $codes($document));
        $document['spaces'][Sample::SPACE]['things'][Sample::id('THNG', 1)]['up'] = 1000;
        self::assertNotContains('cut.bore_off', $codes($document), 'lower down the nailer has its wood');
    }

    public function test_a_cup_comes_out_of_a_thin_door_and_not_out_of_a_thicker_one(): void
    {
        $codes = function (int|float $thickness): array {
            $document = Niche::withDoor(Niche::document(), 1, ['leaves' => 1, 'hang' => 'overlay', 'hinge' => 'left']);
            $document['stock'][Sample::PLY]['thickness'] = $thickness;

            return Planned::of($document)->codes();
        };
        self::assertContains('cut.bore_through', $codes(14.9));
        self::assertNotContains('cut.bore_through', $codes(15), '13 deep and 2 left');
    }

    public function test_a_toe_board_behind_a_lip_stands_against_the_side_and_not_in_its_notch(): void
    {
        $document = Niche::document();
        $document['pieces'][Sample::PIECE]['left'] = ['kind' => 'scribed_side', 'set_off' => 12];
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::PLINTH] = ['order' => 'a',
            'kind' => 'toe_kick', 'height' => 100, 'set_back' => 46];
        $plan = Planned::of($document);
        self::assertNotContains('cut.bore_off', $plan->codes());
        $notch = array_values(array_filter($plan->part('side_left')['taken'], fn (array $t): bool => $t['kind'] === 'notch'))[0];
        self::assertSame(28, $notch['width'], '46 back from the front of the lip, which is 18 thick');
    }

    public function test_random_pieces_have_every_hole_in_wood_and_clear_or_told(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            [$fit, $bored] = self::bored($seed);
            $told = [];
            foreach ($bored->clashes as $clash) {
                array_push($told, spl_object_id($clash->bore), ...$clash->other instanceof Bore ? [spl_object_id($clash->other)] : []);
            }
            foreach ($fit->panels as $panel) {
                $bores = array_values(array_filter($bored->bores[$panel->id], fn (Bore $b): bool => ! in_array(spl_object_id($b), $told, true)));
                foreach ($bores as $i => $bore) {
                    self::assertTrue(self::isWithin($bore, $panel), "seed $seed: {$bore->kind->value} of $panel->id");
                    foreach (array_slice($bores, $i + 1) as $other) {
                        self::assertGreaterThanOrEqual(1.0, self::apart($bore, $other), "seed $seed: two holes of $panel->id");
                    }
                }
            }
            $ids = array_map(fn (Fastener $f): string => $f->id(), $bored->fasteners);
            self::assertSame($ids, array_unique($ids), "seed $seed: two fasteners by one id");
            foreach ($bored->of(FastenerKind::Screw, FastenerKind::PocketScrew, FastenerKind::Dowel) as $fastener) {
                self::assertSame([$fastener->from, $fastener->into], array_map(fn (Bore $b): string => $b->part, $fastener->bores),
                    "seed $seed: it goes out of one board and into the other");
            }
        });
    }

    /** Between the two lowest rails 1 mm is left: the posts that would stand there are not made, and no screws are bought for them. */
    public function test_no_screws_are_bought_for_boards_that_no_room_is_left_for(): void
    {
        [, $bored] = self::bored(587712);
        self::assertSame(['screw' => 39, 'pocket_screw' => 14], $bored->counts());
        self::assertSame([14, 39], [self::number($bored, BoreKind::Pocket), self::number($bored, BoreKind::Pilot)]);
    }

    public function test_an_end_that_a_side_meets_by_less_than_a_hole_is_told(): void
    {
        $panel = fn (string $id, Block $block, Axis $long, Axis $thin): Panel => new Panel($id, 'p', Role::Side, Text::of('part.side_left'), 'ply',
            Figure::of(Length::fromMillimetres(600), Text::of('x')),
            Figure::of(Length::fromMillimetres(300), Text::of('x')), Prism::of($block, $thin), $long, $thin);
        $mm = Length::fromMillimetres(...);
        // The side ends 1.85 over the underside of the top: a pilot of 2.5 has no wood all around.
        $side = $panel('side', new Block(new Place3($mm(0), $mm(0), $mm(0)), new Place3($mm(18), $mm(300), $mm(601.85))), Axis::Z, Axis::X);
        $top = $panel('top', new Block(new Place3($mm(18), $mm(0), $mm(600)), new Place3($mm(800), $mm(300), $mm(18))), Axis::X, Axis::Z);
        $boards = new Boards([$side, $top]);
        (new JointFasteners($boards, HiddenFace::of([$side, $top])))->make(new Joint('top', 'side', JointKind::Screws, Axis::X,
            Length::zero(), Length::zero()));
        self::assertSame(ClashKind::Off, $boards->all['top']->clash($boards->all['top']->bores[0])?->kind);
    }

    public function test_a_leaf_narrower_than_its_hinge_is_planned_and_told(): void
    {
        $plan = Planned::of((new AnyPiece(2663))->document());
        self::assertNotSame([], array_intersect(['cut.bore_off', 'cut.bore_meets', 'cut.bore_through'], $plan->codes()));
    }

    public function test_the_same_piece_is_drilled_the_same(): void
    {
        foreach ([7, 58] as $seed) {
            self::assertEquals(self::bored($seed)[1]->bores, self::bored($seed)[1]->bores);
        }
    }

    /** @return array{Fit, Fastened} */
    private static function bored(int $seed): array
    {
        $built = (new Planning((new AnyPiece($seed))->document()))->pieces()[Sample::PIECE];
        [$design, $fit] = [$built->design, $built->fit];

        return [$fit, SetOut::of($design, $fit)];
    }

    private static function number(Fastened $bored, BoreKind $kind): int
    {
        return count(array_filter(array_merge(...array_values($bored->bores), ...[[]]), fn (Bore $b): bool => $b->kind === $kind));
    }

    private static function isWithin(Bore $bore, Panel $panel): bool
    {
        foreach (['x', 'y', 'z'] as $k) {
            $from = $bore->room->corner->$k->units - $panel->block->corner->$k->units;
            if ($from < -Length::PER_MM / 100 || $from + $bore->room->size->$k->units > $panel->block->size->$k->units + Length::PER_MM / 100) {
                return false;
            }
        }

        return true;
    }

    /** mm of wood between the rooms of two holes, along the axis on which there is most. */
    private static function apart(Bore $a, Bore $b): float
    {
        $gaps = array_map(fn (string $k): int => max($a->room->corner->$k->units - $b->room->corner->$k->units - $b->room->size->$k->units,
            $b->room->corner->$k->units - $a->room->corner->$k->units - $a->room->size->$k->units), ['x', 'y', 'z']);

        return max($gaps) / Length::PER_MM;
    }
}

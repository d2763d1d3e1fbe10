<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit\Motion;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Fit\Motion\Mover;
use Incastro\Core\Fit\Motion\MoverKind;
use Incastro\Core\Fit\Motion\Obstacle;
use Incastro\Core\Fit\Motion\Sweep;
use Incastro\Core\Geometry\View;
use Incastro\Core\Measure\Text;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Doors, drawers and lids on E1 (carcass 21 to 1187, 350 deep), and swept shapes with known answers. */
final class MotionsTest extends TestCase
{
    use TestTrait;

    public function test_a_door_beside_a_post_opens_as_far_as_the_arc_allows(): void
    {
        // A leaf 400 wide, 20 thick, hinged at (0, 0); a post from 300 out to its left stops nothing; one ahead at x 100..120, y 300..320 is met
        // where the leaf's face, at angle α, passes (120, 300)'s corner: on its front face tan α = 300/120.
        $met = Sweep::of(self::door(400), [self::post(100, 300, 120, 320)]);
        self::assertEqualsWithDelta(rad2deg(atan2(300, 120)), $met['opens'], 0.2);
        self::assertSame('a post', $met['meets']->key);
        self::assertSame(90.0, Sweep::of(self::door(400), [self::post(-60, 300, -40, 320)])['opens'], 'behind the open leaf');
        self::assertSame(90.0, Sweep::of(self::door(400), [self::post(290, 300, 310, 320)])['opens'], '√(290² + 300²) = 417 is out of its reach');
        self::assertNull(Sweep::of(self::door(400), [self::post(100, 300, 120, 320, 900, 1000)])['meets'], 'above it');
    }

    public function test_what_is_swept_never_enters_what_it_stops_at(): void
    {
        $this->limitTo(80)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            [$x, $y] = [mt_rand(-200, 500), mt_rand(10, 500)];
            $post = [$x, $y, $x + mt_rand(5, 200), $y + mt_rand(5, 200)];
            $width = mt_rand(200, 600);
            $opens = Sweep::of(self::door($width), [self::post(...$post)])['opens'];
            // Points over the leaf, at angles up to there, are all outside.
            for ($a = 0.0; $a <= $opens; $a += 1.5) {
                for ($r = 0; $r <= $width; $r += 10) {
                    [$px, $py] = [$r * cos(deg2rad($a)), $r * sin(deg2rad($a))];
                    self::assertFalse($px > $post[0] + 1 && $px < $post[2] - 1 && $py > $post[1] + 1 && $py < $post[3] - 1, "seed $seed at $a");
                }
            }
            // And a little further it does enter, unless it opens wholly.
            if ($opens < 90.0) {
                self::assertNotNull(Sweep::of(self::door($width), [self::post(...$post)])['meets']);
                self::assertTrue(self::isEntered($width, $opens + 0.3, $post), "seed $seed stops at $opens before anything");
            }
        });
    }

    public function test_doors_and_drawers_of_a_piece_are_found_with_what_stops_them(): void
    {
        $document = self::withDoor(Sample::e1());
        $motions = Planned::of($document)->piece()['motions'];
        self::assertSame(['hinged', 'hinged'], array_column($motions, 'kind'));
        self::assertSame([90, -90], array_column($motions, 'opens'));
        // A radiator on the left wall just before the piece, 95 out of it, from 370: the left leaf's handle comes to it.
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)] = ['kind' => 'radiator', 'face' => 'left',
            'across' => 500, 'up' => 120, 'width' => 400, 'height' => 600, 'out' => 95, 'treatment' => 'keep_away'];
        $plan = Planned::of($document);
        $left = $plan->piece()['motions'][0];
        self::assertLessThan(90, $left['opens']);
        self::assertSame('thing.radiator', $left['meets']['key']);
        self::assertSame(-90, $plan->piece()['motions'][1]['opens']);
        // Taken out it opens again.
        unset($document['spaces'][Sample::SPACE]['things']);
        self::assertNull(Planned::of($document)->piece()['motions'][0]['meets']);
    }

    public function test_a_narrow_filler_lets_the_handle_meet_the_wall(): void
    {
        // A niche 600 deep, the piece 350: its left wall runs on 250 before the fronts. The leaf stands 5 off it, its handle 35 proud.
        $document = self::withDoor(Sample::reading(Sample::e1(), Sample::id('DPH', 1), ['kind' => 'depth', 'side' => 'left'], 1200));
        $document['pieces'][Sample::PIECE]['left'] = ['kind' => 'filler', 'set_off' => 13];
        $motion = Planned::of($document)->piece()['motions'][0];
        self::assertSame('motion.wall_left', $motion['meets']['key']);
        self::assertLessThan(90, $motion['opens']);
        $document['pieces'][Sample::PIECE]['left'] = ['kind' => 'filler', 'set_off' => 40];
        self::assertNull(Planned::of($document)->piece()['motions'][0]['meets']);
    }

    public function test_a_drawer_stops_at_what_stands_before_it(): void
    {
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [Sample::id('BAY',
            1) => ['order' => 'a', 'fill' => ['kind' => 'drawers']]];
        $motions = Planned::of($document)->piece()['motions'];
        self::assertSame(['drawn'], array_values(array_unique(array_column($motions, 'kind'))));
        self::assertSame(array_column($motions, 'wants'), array_column($motions, 'opens'));
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)] = ['kind' => 'post', 'face' => 'floor',
            'across' => 500, 'up' => 550, 'width' => 100, 'height' => 100, 'out' => 2300, 'treatment' => 'keep_clear'];
        $plan = Planned::of($document);
        // Its front is at 350: 200 before the post at 550.
        self::assertEqualsWithDelta(200, $plan->piece()['motions'][0]['opens'], 1.0);
        self::assertContains('fit.draws_little', $plan->codes());
    }

    public function test_a_lid_falls_back_under_a_sill_too_low(): void
    {
        $document = Sample::e1();
        $piece = &$document['pieces'][Sample::PIECE];
        $piece['height'] = 500;
        $piece['runs'][Sample::RUN]['bands'][Sample::id('BND', 1)] = ['order' => 'z', 'kind' => 'seat', 'lids' => true];
        $motion = fn (array $d): array => Planned::of($d)->piece()['motions'][0];
        self::assertSame(['lid', 95], [$motion($document)['kind'], $motion($document)['opens']]);
        // Hinge 62 from the wall at 500 high. A sill 200 out, its underside at 600: the lid's upper face meets its front lower edge at
        // atan2(100, 138) = 35.9°, less what its thickness of 18 adds.
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)] = ['kind' => 'sill', 'face' => 'back',
            'across' => 100, 'up' => 600, 'width' => 900, 'height' => 30, 'out' => 200, 'treatment' => 'keep_clear'];
        self::assertSame('thing.sill', $motion($document)['meets']['key']);
        self::assertEqualsWithDelta(35.9, $motion($document)['opens'], 1.5);
        self::assertContains('fit.opens_little', Planned::of($document)->codes());
        self::assertNotNull($motion($document)['struts']);
        $document['pieces'][Sample::PIECE]['struts'] = ['count' => 1];
        self::assertSame(1, $motion($document)['struts']['count']);
    }

    public function test_a_lid_under_a_shelf_of_its_own_piece_and_a_door_beside_another_piece(): void
    {
        // A seat with lids at 500 and a box over it from 700: 200 of room for a lid whose reach is 350 + 0 − 62.
        $document = Sample::e1();
        $piece = &$document['pieces'][Sample::PIECE];
        $bands = &$piece['runs'][Sample::RUN]['bands'];
        $bands[Sample::BOX]['height'] = 382;
        $bands[Sample::id('BND', 1)] = ['order' => 'c', 'kind' => 'seat', 'lids' => true];
        $bands[Sample::id('BND', 2)] = ['order' => 'd', 'kind' => 'gap', 'height' => 200, 'bays' => [Sample::id('BAY', 8) => ['order' => 'a']]];
        $bands[Sample::id('BND', 3)] = ['order' => 'e', 'kind' => 'box', 'bays' => [Sample::id('BAY', 9) => ['order' => 'a']]];
        $motion = Planned::of($document)->piece()['motions'][0];
        self::assertSame('lid', $motion['kind']);
        // Its front edge, 288 from the hinge, comes to 200 at asin(200/288) = 44°.
        self::assertEqualsWithDelta(44.0, $motion['opens'], 1.0);
        self::assertSame('part.in', $motion['meets']['key'], 'the bottom of the box over it');
        // Another piece, deeper by 300, right beside a door that is hinged toward it: the handle comes to its side.
        $document = self::withDoor(Sample::e1());
        [$document['pieces'][Sample::PIECE]['width'], $document['pieces'][Sample::PIECE]['stand']] = [600, ['from' => 'left', 'at' => 12]];
        $other = $document['pieces'][Sample::PIECE];
        $document['pieces'][Sample::id('P1EC', 2)] = ['name' => 'Deep one', 'depth' => 800, 'width' => 500, 'stand' => ['from' => 'left', 'at' => 613],
            'runs' => [Sample::id('RVN', 2) => ['order' => 'a',
                'bands' => [Sample::id('BND', 7) => ['order' => 'a', 'kind' => 'box', 'bays' => [Sample::id('BAY', 7) => ['order' => 'a']]]]]]] + $other;
        $right = Planned::of($document)->piece()['motions'][1];
        self::assertSame(['motion.neighbour', 'Deep one'], [$right['meets']['key'], $right['meets']['args']['name']['name']]);
        self::assertLessThan(90, abs($right['opens']));
    }

    public function test_a_drawer_comes_out_past_the_open_door_of_its_bay_where_that_hangs_over_the_edge(): void
    {
        $document = fn (array $door): array => self::withDoor(Sample::e1(), $door + ['kind' => 'hinged', 'leaves' => 2]);
        $with = function (array $document, array $fill): array {
            $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 1)]['fill'] = $fill;

            return $document;
        };
        // Inside its opening an open leaf takes its thickness of 18 out of the mouth: the front, at y 328, comes to it at 350.
        $plan = Planned::of($with($document(['hang' => 'inset']), ['kind' => 'drawers']));
        $drawer = self::drawn($plan->piece()['motions']);
        self::assertEqualsWithDelta(22.0, $drawer['opens'], 1.0);
        self::assertStringStartsWith('part.door_hinged', $drawer['meets']['key']);
        self::assertContains('fit.draws_behind', $plan->codes());
        self::assertNotContains('fit.draws_little', $plan->codes());
        // Over the edges it stands before the sides, and the drawer passes.
        $plan = Planned::of($with($document(['hang' => 'overlay']), ['kind' => 'drawers']));
        $drawer = self::drawn($plan->piece()['motions']);
        self::assertSame([$drawer['wants'], null], [$drawer['opens'], $drawer['meets']]);
        self::assertNotContains('fit.draws_behind', $plan->codes());
        // A door that cannot be opened keeps its drawer in: a post stands 20 before the middle of the leaf.
        $kept = $with($document(['hang' => 'overlay']), ['kind' => 'drawers']);
        $kept['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)] = ['kind' => 'post', 'face' => 'floor',
            'across' => 250, 'up' => 420, 'width' => 60, 'height' => 60, 'out' => 2300, 'treatment' => 'keep_clear'];
        self::assertLessThan(60, self::drawn(Planned::of($kept)->piece()['motions'])['opens']);
    }

    public function test_two_that_meet_when_both_are_open_are_opened_in_turn(): void
    {
        // A leaf 400 wide turns about (0, 0) to stand along y; a drawer 500 wide beside it comes out at x −600 to −100, or over it at −300 to 200.
        $drawer = fn (float $x): Mover => new Mover('r', MoverKind::Drawn, Text::of('a drawer'), [], null, View::Top,
            [[[$x, -400.0], [$x + 500, -400.0], [$x + 500, 0.0], [$x, 0.0]]], [0.0, 200.0], [0.0, 1.0], 400.0);
        $open = Obstacle::opened(self::door(400), 90.0);
        self::assertNull(Sweep::of($drawer(-600), [$open])['meets']);
        // The front is met by nothing until it moves: the leaf's own edge is at y 0.
        self::assertSame('a door', Sweep::of($drawer(-300), [$open])['meets']->key);
        // Half open it slants away: from the side it is a block, from above its slant counts.
        $half = Obstacle::opened(self::door(400), 45.0);
        self::assertFalse($half->isMetBy([[200.0, 20.0], [250.0, 20.0], [250.0, 60.0], [200.0, 60.0]], View::Top, 0.5), 'under the slant');
        self::assertTrue($half->isMetBy([[100.0, 80.0], [150.0, 80.0], [150.0, 160.0], [100.0, 160.0]], View::Top, 0.5), 'across it');
        self::assertTrue($half->isMetBy([[20.0, 100.0], [60.0, 100.0], [60.0, 200.0], [20.0, 200.0]], View::Side, 0.5), 'in its height');
        self::assertFalse($half->isMetBy([[20.0, 900.0], [60.0, 900.0], [60.0, 950.0], [20.0, 950.0]], View::Side, 0.5), 'over it');
    }

    public function test_drawers_on_both_sides_of_a_corner_are_opened_in_turn(): void
    {
        // The runs meet at x 500, y 350 with a slot of 60: each drawer comes out before the front of the other.
        $drawers = ['order' => 'b', 'fill' => ['kind' => 'drawers']];
        $document = Sample::e1();
        $runs = &$document['pieces'][Sample::PIECE]['runs'];
        $runs[Sample::RUN]['bands'][Sample::BOX]['bays'] = [
            Sample::id('BAY', 1) => ['order' => 'a', 'width' => ['by' => 'corner'], 'fill' => ['kind' => 'dead_corner']], Sample::id('BAY', 2) => $drawers];
        $runs[Sample::id('RVN', 2)] = ['order' => 'b', 'wall' => 'left', 'length' => 1500, 'depth' => 500, 'corner' => 'stops', 'corner_room' => 60,
            'bands' => [Sample::id('BOX', 7) => ['order' => 'a', 'kind' => 'box', 'bays' => [Sample::id('BAY', 7) => $drawers]]]];
        $isIt = fn (array $f): bool => $f['code'] === 'fit.opens_in_turn';
        $said = fn (array $d): array => array_values(array_filter(Planned::of($d)->plan['findings'], $isIt));
        $found = $said($document);
        self::assertCount(1, $found);
        self::assertSame('note', $found[0]['severity']);
        // Open shelves round the corner are in nobody's way.
        $runs[Sample::RUN]['bands'][Sample::BOX]['bays'][Sample::id('BAY', 2)]['fill'] = ['kind' => 'open'];
        self::assertSame([], $said($document));
    }

    public function test_a_door_that_lifts_wants_a_catch(): void
    {
        $document = self::withDoor(Sample::e1(), ['kind' => 'lift']);
        $plan = Planned::of($document);
        self::assertSame('lift', $plan->piece()['motions'][0]['kind']);
        self::assertContains('fit.flap_wants_catch', $plan->codes());
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $door
     * @return array<string, mixed>
     */
    private static function withDoor(array $document, array $door = ['kind' => 'hinged', 'leaves' => 2]): array
    {
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [Sample::id('BAY',
            1) => ['order' => 'a', 'fill' => ['kind' => 'open'], 'door' => $door]];

        return $document;
    }

    /**
     * @param  list<array<string, mixed>>  $motions
     * @return array<string, mixed>
     */
    private static function drawn(array $motions): array
    {
        return array_values(array_filter($motions, fn (array $m): bool => $m['kind'] === 'drawn'))[0];
    }

    /**
     * Whether any of a leaf 20 thick, so far open, comes within a millimetre of a post.
     *
     * @param  array{int, int, int, int}  $post
     */
    private static function isEntered(int $width, float $deg, array $post): bool
    {
        [$cos, $sin] = [cos(deg2rad($deg)), sin(deg2rad($deg))];
        for ($r = 0; $r <= $width; $r++) {
            for ($t = -20; $t <= 0; $t += 2) {
                [$x, $y] = [$r * $cos - $t * $sin, $r * $sin + $t * $cos];
                if ($x > $post[0] - 1 && $x < $post[2] + 1 && $y > $post[1] - 1 && $y < $post[3] + 1) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function door(float $width): Mover
    {
        return new Mover('d', MoverKind::Hinged, Text::of('a door'), [], null, View::Top,
            [[[0.0, -20.0], [$width, -20.0], [$width, 0.0], [0.0, 0.0]]], [0.0, 800.0], [0.0, 0.0], 90.0);
    }

    private static function post(float $x0, float $y0, float $x1, float $y1, float $z0 = 0.0, float $z1 = 2000.0): Obstacle
    {
        return new Obstacle(Text::of('a post'), [$x0, $y0, $z0], [$x1, $y1, $z1]);
    }
}

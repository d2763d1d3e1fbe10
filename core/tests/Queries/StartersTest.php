<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Queries;

use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Document\Model\Side;
use Incastro\Core\Document\Model\SpaceKind;
use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Queries\Starters;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every starter in a made-up room it is meant for; sizes worked by hand. Boards 18, backs 6, banding 1, fillers 30 at walls. */
final class StartersTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function keys(): iterable
    {
        foreach (array_keys(Starters::all()) as $key) {
            yield $key => [$key];
        }
    }

    public function test_there_are_at_least_fourteen_and_they_use_the_whole_vocabulary_of_bands(): void
    {
        $all = json_encode(Starters::all(), JSON_THROW_ON_ERROR);
        self::assertGreaterThanOrEqual(14, count(Starters::all()));
        foreach ([BandKind::Plinth, BandKind::ToeKick, BandKind::Box, BandKind::Gap, BandKind::Top, BandKind::Seat] as $kind) {
            self::assertStringContainsString("\"kind\":\"$kind->value\"", $all);
        }
    }

    #[DataProvider('keys')]
    public function test_each_fits_a_room_of_its_kind_in_one_step_and_can_be_built(string $key): void
    {
        $starter = Starters::all()[$key];
        foreach ($starter['spaces'] as $kind) {
            $room = self::room(SpaceKind::from($kind), str_contains($key, 'bunk') || str_contains($key, 'loft') ? 2200 : null);
            // What hangs wants a wall that somebody has described.
            $room['spaces'][array_key_first($room['spaces'])]['build'] = ['wall' => 'masonry', 'floor' => 'fixed'];
            $plan = self::fitted($key, $room);
            $stops = array_filter($plan->plan['findings'], fn (array $f): bool => $f['severity'] === 'stop' && $f['place']['stage'] !== 'site');
            self::assertSame([], array_map(fn (array $f): string => $f['code'].json_encode($f['says']['args']), array_values($stops)), "$key in a $kind");
            self::assertGreaterThan(3, count($plan->plan['parts']), "$key in a $kind");
        }
    }

    public function test_an_inch_room_gets_sizes_in_eighths(): void
    {
        $document = self::room(SpaceKind::Niche);
        $document['unit'] = 'in';
        foreach (self::ops('niche-shelves-on-cupboards', $document) as $op) {
            if ($op['op'] === 'add') {
                self::assertSame(0.0, fmod(round($op['value']['height'] / 25.4 * 8, 6), 1.0), (string) $op['value']['height']);
                $bands = array_values(array_values($op['value']['runs'])[0]['bands']);
                self::assertSame(88.9, $bands[0]['height'], '90 is 3 1/2 in');
            }
        }
    }

    public function test_fitting_takes_the_place_of_what_was_planned_and_gives_ids_of_its_own(): void
    {
        $ops = self::ops('niche-shelves-on-cupboards', self::room(SpaceKind::Niche));
        self::assertSame(['remove', 'add'], array_column($ops, 'op'));
        self::assertSame(['pieces', Sample::PIECE], $ops[0]['path']);
        self::assertCount(3, self::ops('fireside-flanks', self::room(SpaceKind::Fireside), false));
    }

    public function test_shelves_on_cupboards(): void
    {
        // Niche 1200: carcass 1140; openings (1140 − 54)/2 = 543; shelves on pins 540. Depth 380 − 6 = 374.
        // Doors over the edges: 543 + 16.75 + 7.75 = 567.5; 684 + 2 · 16.75 = 717.5; banded all round: − 2.
        // Upper box 2300 − 90 − 720 − 18 = 1472, 280 deep − 6 = 274.
        $plan = self::fitted('niche-shelves-on-cupboards', self::room(SpaceKind::Niche));
        self::assertSame([720, 373], self::cut($plan, 'side_left'));
        self::assertSame([540, 373], $plan->cut('shelf'));
        self::assertSame([715.5, 565.5], $plan->cut('door_hinged_left'));
        self::assertSame([715.5, 565.5], $plan->cut('door_hinged_right'));
        self::assertSame([718, 1138], self::cut($plan, 'back'));
        self::assertSame([1472, 273], self::cut($plan, 'side_left', 1));
        self::assertSame([1140, 394], $plan->cut('top'), 'the slab: 380 + 15, banded');
        self::assertSame([298, 90], self::cut($plan, 'rung'), '374 − 40 − 36');
    }

    public function test_wall_of_shelves_let_in(): void
    {
        // (1140 − 72)/3 = 356; let in 6 at each end: 368. Divider 2200 − 80 − 36 + 12 = 2096. Bottom 1104 + 12.
        $plan = self::fitted('wall-of-shelves', self::room(SpaceKind::Niche));
        self::assertSame([368, 273], $plan->cut('shelf'));
        self::assertSame([2096, 273], $plan->cut('divider'));
        self::assertSame([1116, 273], $plan->cut('bottom'));
        $side = $plan->part('side_left');
        self::assertSame(['dado', 6], [$side['taken'][0]['kind'], $side['taken'][0]['depth']]);
        self::assertCount(6, $side['taken'], 'bottom, top and four shelves are let into it');
    }

    public function test_linen_cupboard_slatted_behind_a_frame(): void
    {
        // Niche 1200: carcass 1140, opening 1104; mouth 1140 − 76 = 1064; pair inset (1064 − 7.5)/2 = 528.25.
        // Depth the niche gives: 400; 400 − 18 − 6 = 376 deep: n = ⌊396/65⌋ = 6 slats; gap (376 − 270)/5 = 21.2.
        // Height 2000 − 90 = 1910; doors 1910 − 60 − 38 − 5 = 1807.
        $plan = self::fitted('linen-cupboard', self::room(SpaceKind::Niche));
        self::assertSame([1101, 45], $plan->cut('slat'), '1104 less 1.5 at each end');
        self::assertCount(5 * 6, array_filter($plan->plan['parts'], fn (array $p): bool => $p['role'] === 'slat'));
        self::assertSame([1805, 526.25], $plan->cut('door_hinged_left'));
        self::assertSame([1910, 38], $plan->cut('stile_left'));
        self::assertSame([1064, 60], $plan->cut('rail_top'));
        self::assertSame([356, 30], $plan->cut('cleat_left'), '376 − 20');
    }

    public function test_washstand_around_a_pedestal(): void
    {
        // 1300 chosen: (1300 − 320 − 72)/2 = 454 beside the pedestal. Uprights beside it stand on the floor: 802 − 18 = 784.
        $plan = self::fitted('washstand', self::room(SpaceKind::Wall));
        self::assertSame([454, 453], $plan->cut('bottom'));
        self::assertSame([784, 453], $plan->cut('divider'));
        self::assertSame([451, 453], $plan->cut('shelf'));
        self::assertSame([454, 80], $plan->cut('toe_board'));
        self::assertSame([1300, 474], $plan->cut('top', 1));
        // The back leaves the pedestal's bay open: 18 + 454 + 18 less a reveal of 1 at each edge.
        self::assertSame([720, 488], $plan->cut('back'));
    }

    public function test_shelf_around_a_trap(): void
    {
        // Cupboard 800 inside: 740; (740 − 260 − 72)/2 = 204; on cleats 201. Cleats 440 − 20.
        $plan = self::fitted('sink-base-shelf', self::room(SpaceKind::InCupboard));
        self::assertSame([201, 439], $plan->cut('shelf'));
        self::assertSame([420, 30], $plan->cut('cleat_left'));
        self::assertSame([704, 439], $plan->cut('top'));
        self::assertSame([204, 439], $plan->cut('bottom', 1));
    }

    public function test_laundry_rack_and_cupboard(): void
    {
        // Gap 262 between appliances, 10 off each: 242. Rack 242 − 24 = 218, less a sheet of 6; 840 − 45 − 12 = 783 high; shelves
        // 560 − 18 for the rail behind − 36.
        // Cupboard 700 high: door (206 − 5) × (664 − 5), shelves behind it 320 − 6 − 22 = 292.
        $plan = self::fitted('laundry-caddy-and-cupboard', self::room(SpaceKind::ApplianceGap));
        self::assertSame([783, 212], $plan->cut('caddy_front'));
        self::assertSame([506, 212], $plan->cut('caddy_shelf'));
        self::assertSame([657, 199], $plan->cut('door_hinged_left'));
        self::assertSame([206, 291], $plan->cut('shelf'));
        self::assertSame([4], array_column(array_filter($plan->piece()['hardware'], fn (array $h): bool => $h['name']['key'] === 'hardware.castor'), 'count'));
    }

    public function test_window_bench(): void
    {
        // 1800: 1740; (1740 − 72)/3 = 556. Seat 480 + 20: the strip is as deep as
        // the foot of the back, 68.02 + 18/cos 12° = 86.42, gap 2, lids 500 − 88.42 = 411.58, less 1 of banding. Lids end over the dividers' middles:
        // 18 + 556 + 9 − 2 = 581; 556 + 18 − 2 = 572; 9 + 556 + 18 = 583.
        // Drawer: front 556 − 6; box 556 − 2 · 12.7 = 530.6; behind the front 480 − 18 − 18 − 10 = 434: slides of 400.
        $plan = self::fitted('window-bench', self::room(SpaceKind::FloorArea));
        self::assertEqualsWithDelta([[581, 410.58], [572, 410.58], [583, 410.58]], [$plan->cut('lid'), $plan->cut('lid', 1), $plan->cut('lid', 2)], 0.01);
        self::assertEqualsWithDelta([1740, 86.42], $plan->cut('hinge_strip'), 0.01);
        self::assertSame(548, $plan->cut('drawer_front')[0]);
        self::assertSame(400, $plan->cut('box_side_left')[0]);
        self::assertSame(494.6, $plan->cut('box_front')[0], '530.6 − 36');
        // The back leans 12° over 320: out 320 · tan 12° = 68.02; its width 320/cos 12° = 327.15.
        self::assertEqualsWithDelta(327.15, $plan->cut('seat_back')[1] + 1, 0.01);
        self::assertEquals([12.0], array_values(array_unique($plan->part('seat_back')['bevels'])));
        $foam = array_values(array_filter($plan->piece()['hardware'], fn (array $h): bool => $h['name']['key'] === 'hardware.foam'));
        self::assertSame([583, 500, 80], array_map(fn (string $a): int|float => $foam[0]['name']['args'][$a]['mm'], ['w', 'd', 'h']));
    }

    public function test_knee_wall_desk_under_the_slope_of_e2(): void
    {
        // Slope of worked example E2: z = 905.7 + 0.6857·y. Less 8 square: 896.0 at the wall. A raking board of 18 takes 18/cos 34.44° = 21.8.
        // Side: rear 874.2, front 1100. Bays (W − 800 − 72)/2. Shelves fixed. The desk stands on cleats of 560 − 18.
        $plan = self::fitted('knee-wall-shelves-with-desk', self::room(SpaceKind::UnderSlope));
        $side = $plan->part('side_left');
        self::assertEqualsWithDelta(1100, $side['finished']['length']['mm'], 0.01);
        self::assertEqualsWithDelta(874.2, $side['outline'][4][0], 0.4);
        self::assertSame(0, $side['outline'][4][1], 'its lowest corner is at the wall');
        self::assertSame([542, 40], $plan->cut('desk_cleat_left'));
        self::assertEqualsWithDelta(34.44, min($plan->part('raking_top')['bevels']), 0.1);
        self::assertSame([634, 559], $plan->cut('bottom'), '(2140 − 800 − 72)/2');
    }

    public function test_pull_outs_under_a_stair(): void
    {
        // Slope z = 2000 − 0.75·x, less 8 square = 10 upright; a raking board takes 18 · 1.25 = 22.5: 1967.5 − 0.75·x.
        // From 30 to 1530: the right side's inner face stands at 1512: 833.5 high, bevelled atan 0.75 = 36.9°.
        // Bays (1500 − 72)/3 = 476; fronts 468 × (1482 − 8), banded, down to the floor; frames 600 − 18 − 18 = 564.
        $plan = self::fitted('under-stair-pull-outs', self::room(SpaceKind::UnderStair));
        self::assertEqualsWithDelta(833.5, $plan->cut('side_right')[0], 0.4);
        self::assertEqualsWithDelta(36.87, $plan->part('side_right')['bevels'][0], 0.05);
        self::assertSame([1472, 466], $plan->cut('pull_front'));
        self::assertSame([564, 468], $plan->cut('pull_base'));
        self::assertNotNull($plan->part('pull_front', 2)['outline'], 'the last front follows the slope');
    }

    /** @param  array<string, mixed>  $document */
    private static function fitted(string $key, array $document): Planned
    {
        foreach (self::ops($key, $document) as $op) {
            if ($op['op'] === 'remove') {
                unset($document['pieces'][$op['path'][1]]);
            } else {
                $document['pieces'][$op['path'][1]] = $op['value'];
            }
        }
        ProjectReader::read($document);

        return Planned::of($document);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<array<string, mixed>>
     */
    private static function ops(string $key, array $document, bool $all = true): array
    {
        $n = 0;
        $ops = Starters::fitted($document, $key, Sample::SPACE, function () use (&$n): string {
            $n++;

            // The first piece has the id the tests ask for.
            return Sample::id('NEW', $n);
        });
        $adds = array_values(array_filter($ops, fn (array $op): bool => $op['op'] === 'add'));
        $first = $adds[0]['path'][1];
        foreach ($all ? $ops : $adds as $i => $op) {
            $ops[$i] = $op['path'][1] === $first ? ['path' => ['pieces', Sample::PIECE]] + $op : $op;
        }

        return $all ? $ops : array_slice($ops, 0, count($adds));
    }

    /** @return array{int|float, int|float} of the nth part whose name, or whose own name within a band, is that */
    private static function cut(Planned $plan, string $name, int $nth = 0): array
    {
        $found = array_values(array_filter($plan->plan['parts'],
            fn (array $p): bool => "part.$name" === ($p['name']['args']['part']['text']['key'] ?? $p['name']['key'])));

        return [$found[$nth]['cut']['length']['mm'], $found[$nth]['cut']['width']['mm']];
    }

    /** @return array<string, mixed> exact, square rooms, only as crooked as their slope */
    private static function room(SpaceKind $kind, ?int $wide = null): array
    {
        $widths = [SpaceKind::Niche->value => 1200, SpaceKind::InCupboard->value => 800,
            SpaceKind::ApplianceGap->value => 262, SpaceKind::FloorArea->value => 1800, SpaceKind::UnderSlope->value => 2200];
        $width = $wide ?? $widths[$kind->value] ?? 2400;
        $document = Sample::empty('mm');
        $document['methods'] = ['front' => 'banded', 'top' => 'between', 'shelves' => 'pins', 'back' => 'applied'];
        $slope = $kind->slope();
        $document['spaces'][Sample::SPACE] = ['kind' => $kind->value, 'left' => $kind->side(\Incastro\Core\Document\Model\Side::Left)->value,
            'right' => $kind === SpaceKind::FloorArea || $kind === SpaceKind::UnderSlope
            ? 'wall' : $kind->side(\Incastro\Core\Document\Model\Side::Right)->value]
            + ($slope === null ? [] : ['slope' => ['along' => $slope->along->value, 'low' => $slope->low->value, 'flat' => false]])
            + $document['spaces'][Sample::SPACE];
        foreach ([100, 1200, 2200] as $i => $z) {
            $document = Sample::width($document, $i, $z, $width);
            $document = $i === 0 ? $document : Sample::plumb($document, $i, 'left', 100, $z, 0);
        }

        return self::overhead($document, $kind);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function overhead(array $document, SpaceKind $kind): array
    {
        $heights = match ($kind) {
            SpaceKind::UnderSlope => [[['y' => 50, 'x' => 1100], 940], [['y' => 750, 'x' => 1100], 1420]],
            SpaceKind::UnderStair => [[['x' => 100, 'y' => 300], 1925], [['x' => 2100, 'y' => 300], 425]],
            SpaceKind::InCupboard => [[['side' => 'left'], 700], [['side' => 'right'], 700]],
            default => [[['side' => 'left'], 2600], [['side' => 'right'], 2600]],
        };
        foreach ($heights as $i => [$place, $mm]) {
            $document = Sample::reading($document, Sample::id('H', $i), ['kind' => 'height'] + $place, $mm);
        }
        if ($kind === SpaceKind::Niche || $kind === SpaceKind::InCupboard || $kind === SpaceKind::Closet) {
            $document = Sample::reading($document, Sample::id('D', 1), ['kind' => 'depth', 'side' => 'left'], $kind === SpaceKind::Niche ? 400 : 600);
        }
        if ($kind === SpaceKind::Fireside) {
            foreach ([['kind' => 'flank', 'side' => 'left', 'z' => 100], ['kind' => 'flank', 'side' => 'right', 'z' => 100]] as $i => $flank) {
                $document = Sample::reading($document, Sample::id('FL', $i), $flank, 600);
            }
            $document = Sample::reading($document, Sample::id('BR', 1), ['kind' => 'breast_depth', 'side' => 'left'], 400);
        }

        return $document;
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Fit;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Design\Bench;
use Incastro\Core\Design\PanelOutline;
use Incastro\Core\Fit\Fit;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Block;
use Incastro\Core\Geometry\Region;
use Incastro\Core\Measure\Length;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Survey\Room;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Things in the way of E1 (carcass 21 to 1187, 100 to 2300, 350 deep; boards 18) and what is cut for them. */
final class ObstaclesTest extends TestCase
{
    use TestTrait;

    public function test_a_trap_is_notched_from_the_rear_and_its_shut_offs_stay_in_reach(): void
    {
        // One shelf in the middle at 1191 to 1209 (100 + 18 + 1073). Trap 130 wide, 210 out, from 1100 to 1360: 12 of clearance.
        $trap = ['kind' => 'trap', 'face' => 'back', 'across' => 500, 'up' => 1100, 'width' => 130, 'height' => 260, 'out' => 210, 'treatment' => 'notch'];
        $valve = ['kind' => 'shut_off', 'face' => 'back', 'across' => 760, 'up' => 1250,
            'width' => 60, 'height' => 90, 'out' => 75, 'treatment' => 'keep_clear'];
        $document = self::with(Sample::bays(Sample::e1(), [[null]]), $trap, $valve);
        $plan = Planned::of($document);
        // The shelf begins at 21 + 18 = 39: notch from 500 − 12 − 39 = 449, 154 wide, 222 deep, open to its rear.
        $shelf = $plan->part('shelf');
        self::assertSame([['kind' => 'notch', 'along' => 449, 'across' => 0, 'length' => 154, 'width' => 222, 'depth' => 18]], $shelf['taken']);
        // Seen from above the wall is at the top: the notch opens upward. Board 1130 × 350 (banding 1 is cut off after).
        $corners = array_map(fn (array $c): array => [$c['across'], $c['up']], $shelf['marked_out']['corners']);
        self::assertContains([449, 128], $corners, '350 − 222');
        self::assertContains([603, 350], $corners);
        self::assertCount(8, $corners);
        self::assertSame(['across' => 449, 'up' => 128, 'width' => 154, 'height' => 222],
            array_diff_key($shelf['marked_out']['openings'][0], ['kind' => 1, 'pin' => 1]));
        self::assertNotContains('fit.buried', $plan->codes(), 'open in front');
        self::assertSame([], $plan->part('side_left')['taken']);
        // With a back in front of the valve's face it is buried.
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $document['pieces'][Sample::PIECE]['methods']['back'] = 'applied';
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 1)]['out'] = 0.1;
        self::assertContains('fit.buried', Planned::of($document)->codes());
    }

    public function test_a_socket_is_cut_through_with_3_round_it_or_brought_forward_under_its_plate(): void
    {
        $socket = ['kind' => 'socket', 'face' => 'back', 'across' => 600, 'up' => 300,
            'width' => 86, 'height' => 86, 'out' => 10, 'treatment' => 'cut_through'];
        $document = self::with(Sample::e1(), $socket);
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $document['pieces'][Sample::PIECE]['methods']['back'] = 'applied';
        $plan = Planned::of($document);
        // The back stands 101 to 2299 and 22 to 1186, 1 inside the carcass; opening 86 + 6, from 300 − 3 − 101 = 196 up and 600 − 3 − 22 = 575 in.
        self::assertSame([['kind' => 'cut_out', 'along' => 196, 'across' => 575, 'length' => 92, 'width' => 92, 'depth' => 6]], $plan->part('back')['taken']);
        self::assertSame([575, 196], [$plan->part('back')['marked_out']['openings'][0]['across'], $plan->part('back')['marked_out']['openings'][0]['up']]);
        self::assertSame(6, $plan->finding('fit.box_forward')['measured'], 'its box comes 6 forward');
        $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', 0)]['treatment'] = 'bring_forward';
        // 7 of the plate lies on the wood all round: 86 − 14 = 72.
        self::assertSame(72, Planned::of($document)->part('back')['taken'][0]['length']);
    }

    public function test_a_board_wholly_in_the_way_and_one_parted_are_said(): void
    {
        $pipe = ['kind' => 'pipe', 'face' => 'back', 'across' => 590, 'up' => 0, 'width' => 30, 'height' => 2400, 'out' => 60, 'treatment' => 'notch'];
        $document = self::with(Sample::e1(), $pipe);
        $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
        $document['pieces'][Sample::PIECE]['methods']['back'] = 'applied';
        $plan = Planned::of($document);
        $parted = $plan->finding('fit.board_parted');
        self::assertSame('part.back', $parted['says']['args']['part']['text']['key']);
        self::assertEqualsWithDelta(605, $parted['remedy']['args']['at']['mm'], 1e-6, 'the pipe’s middle');
        self::assertNotContains('fit.board_gone', $plan->codes());
        $skirting = ['kind' => 'baseboard', 'face' => 'back', 'across' => 0, 'up' => 0, 'width' => 1200, 'height' => 145, 'out' => 18, 'treatment' => 'notch'];
        $gone = Planned::of(self::with(Sample::e1(), $skirting))->finding('fit.board_gone');
        self::assertSame(['stop', 'part.plinth_back'], [$gone['severity'], $gone['says']['args']['part']['text']['key']],
            'the rear rail of the base stands where the skirting is');
    }

    public function test_a_strip_under_50_beside_a_notch_wants_a_cleat(): void
    {
        foreach ([[60 + 21 + 18, true], [62.1 + 21 + 18, false]] as [$across, $weak]) {
            // Between the side and the notch: across − 12 − 39.
            $plan = Planned::of(self::with(Sample::bays(Sample::e1(), [[null]]),
                ['kind' => 'trap', 'face' => 'back', 'across' => $across, 'up' => 1150,
                    'width' => 100, 'height' => 100, 'out' => 100, 'treatment' => 'notch']));
            self::assertSame($weak, in_array('fit.notch_weak', $plan->codes(), true));
        }
    }

    public function test_a_drawer_cannot_be_notched(): void
    {
        $document = self::with(Sample::e1(),
            ['kind' => 'trap', 'face' => 'back', 'across' => 500, 'up' => 300, 'width' => 130, 'height' => 260, 'out' => 210, 'treatment' => 'notch']);
        $document['pieces'][Sample::PIECE]['runs'][Sample::RUN]['bands'][Sample::BOX]['bays'] = [Sample::id('BAY',
            1) => ['order' => 'a', 'fill' => ['kind' => 'drawers']]];
        self::assertContains('fit.mover_meets', Planned::of($document)->codes());
    }

    public function test_no_panel_enters_what_it_was_notched_for_nor_loses_more(): void
    {
        $this->limitTo(25)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $things = [];
            for ($i = 0; $i < mt_rand(1, 4); $i++) {
                $face = ['back', 'back', 'floor'][mt_rand(0, 2)];
                $things[] = ['kind' => ['pipe', 'hot_pipe', 'trap'][mt_rand(0, 2)], 'face' => $face,
                    'across' => mt_rand(0, 1100), 'up' => mt_rand(0, $face === 'floor' ? 300 : 2000),
                    'width' => mt_rand(10, 300), 'height' => mt_rand(10, 400), 'out' => mt_rand(5, 300), 'treatment' => 'notch'];
            }
            $document = self::with(Sample::bays(Sample::e1(), [[null, null], [null]]), ...$things);
            $document['pieces'][Sample::PIECE]['back_material'] = Sample::BACK;
            $document['pieces'][Sample::PIECE]['methods']['back'] = 'applied';
            [$fit, $room] = self::fitted($document);
            foreach ($fit->panels as $panel) {
                if ($panel->bought) {
                    continue;
                }
                $region = (new PanelOutline($panel))->region;
                foreach ($room->things as $placed) {
                    $clear = Length::fromMillimetres($placed->thing->rule()->notchMm);
                    $common = Bench::common($panel->block, $placed->block->grownBy($clear));
                    if ($common !== null) {
                        [$low, $high] = PanelOutline::extremes($common->outlineIn(PanelOutline::viewOf($panel->inHouse($panel->thin))));
                        self::assertEqualsWithDelta($region->area(), $region->without($low, $high)->area(),
                            1e-3, "seed $seed: $panel->id still enters {$placed->thing->id}");
                    }
                }
                self::assertEqualsWithDelta(self::union($panel->taken, $panel->block, $panel->inHouse($panel->thin)),
                    self::whole($panel->block, $panel->inHouse($panel->thin)) - $region->area(), 8, "seed $seed: $panel->id");
            }
        });
    }

    /**
     * Area that boxes cover together of a board's face, counted over a grid of all their edges.
     *
     * @param  list<\Incastro\Core\Design\Taken>  $taken
     */
    private static function union(array $taken, Block $board, Axis $thin): float
    {
        $view = PanelOutline::viewOf($thin);
        $boxes = [];
        foreach ($taken as $t) {
            if (in_array($t->kind->value, ['notch', 'cut_out'], true)) {
                [$low, $high] = PanelOutline::extremes($t->block->outlineIn($view));
                $boxes[] = array_map(fn (Length $l): float => (float) $l->millimetres(), [$low->across, $low->up, $high->across, $high->up]);
            }
        }
        $us = [...array_column($boxes, 0), ...array_column($boxes, 2)];
        $vs = [...array_column($boxes, 1), ...array_column($boxes, 3)];
        sort($us);
        sort($vs);
        $sum = 0.0;
        for ($i = 1; $i < count($us); $i++) {
            for ($j = 1; $j < count($vs); $j++) {
                [$u, $v] = [($us[$i - 1] + $us[$i]) / 2, ($vs[$j - 1] + $vs[$j]) / 2];
                $isIn = array_filter($boxes, fn (array $b): bool => $u > $b[0] && $u < $b[2] && $v > $b[1] && $v < $b[3]) !== [];
                $sum += $isIn ? ($us[$i] - $us[$i - 1]) * ($vs[$j] - $vs[$j - 1]) : 0.0;
            }
        }

        return $sum;
    }

    private static function whole(Block $board, Axis $thin): float
    {
        return Region::of($board->outlineIn(PanelOutline::viewOf($thin)))->area();
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{Fit, Room}
     */
    public static function fitted(array $document): array
    {
        $built = (new Planning($document))->pieces()[Sample::PIECE];

        return [$built->fit, $built->room];
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  ...$things
     * @return array<string, mixed>
     */
    private static function with(array $document, array ...$things): array
    {
        foreach (array_values($things) as $i => $thing) {
            $document['spaces'][Sample::SPACE]['things'][Sample::id('TH', $i)] = ['order' => (string) $i] + $thing;
        }

        return $document;
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly;

use Incastro\Core\Assembly\Fittings\Fitting;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Geometry\Place3;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Demo;
use PHPUnit\Framework\TestCase;

/** Where bought things go, reckoned by hand on the demo house. */
final class FittingsTest extends TestCase
{
    /** Things that are in no way fixed to a board, or only glued or pressed in. */
    private const LOOSE = ['mattress', 'foam', 'cloth', 'shelf_pin', 'packer', 'board_pack', 'tread_strip', 'cable_grommet', 'hinge', 'mantel_fixing'];

    public function test_hooks_hang_evenly_and_those_below_between_them(): void
    {
        $hooks = self::of('gear-locker', 'hook');
        self::assertSame([8, 7], array_map(fn (Fitting $f): int => $f->count, $hooks));
        [$upper, $lower] = array_map(fn (Fitting $f): array => array_map(fn (Place3 $p): float => round($p->x->millimetres(), 1), $f->at), $hooks);
        self::assertCount(8, $upper);
        self::assertCount(7, $lower);
        foreach ($lower as $i => $x) {
            self::assertEqualsWithDelta(($upper[$i] + $upper[$i + 1]) / 2, $x, 0.1);
        }
        self::assertSame(2, $hooks[0]->screws);
    }

    /** The lower door of a cupboard is grasped near its upper end, away from its hinges; one overhead near its lower end. */
    public function test_handles_are_where_a_hand_is(): void
    {
        $planning = new Planning(Demo::document('pantry-passage-wall'));
        $built = array_values($planning->pieces())[0];
        foreach (self::of('pantry-passage-wall', 'pull') as $pull) {
            $leaf = $built->panels[$pull->on];
            [$at, $floor] = [$pull->at[0], $built->box->floor];
            self::assertTrue($at->z->minus($floor)->isLessThan(Length::fromMillimetres(1700)), "$pull->on is out of reach");
            $hung = array_values(array_filter($built->design->hung, fn ($h): bool => $h->board === $pull->on));
            if ($hung !== []) {
                $fromLeft = $at->x->minus($leaf->block->from(Axis::X))->millimetres();
                self::assertSame($hung[0]->hand->value === 'left', $fromLeft > $leaf->block->extent(Axis::X)->millimetres() / 2);
            }
        }
    }

    /** 40 from the free edge; 80 from the upper end of a low door, from the lower end overhead, 1 000 over the floor on one that passes both. */
    public function test_a_handle_on_a_door_low_overhead_and_tall(): void
    {
        foreach (['chart-room-fireside' => 'upper', 'wash-house-gap' => 'lower', 'wash-house-linen' => 'hand'] as $room => $where) {
            $built = array_values((new Planning(Demo::document($room)))->pieces())[0];
            $pulls = array_values(array_filter(self::of($room, 'pull'), fn (Fitting $f): bool => str_contains($f->on, ':door_')));
            self::assertNotSame([], $pulls, $room);
            foreach ($pulls as $pull) {
                [$leaf, $at] = [$built->panels[$pull->on]->block, $pull->at[0]];
                $edges = [$at->x->minus($leaf->from(Axis::X))->millimetres(), $leaf->to(Axis::X)->minus($at->x)->millimetres()];
                self::assertEqualsWithDelta(40, min($edges), 1e-6, $pull->on);
                $up = match ($where) {
                    'upper' => $leaf->to(Axis::Z)->minus($at->z), 'lower' => $at->z->minus($leaf->from(Axis::Z)),
                    default => $at->z->minus($built->box->floor)->minus(Length::fromMillimetres(920)),
                };
                self::assertEqualsWithDelta(80, $up->millimetres(), 1e-6, $pull->on);
            }
        }
    }

    public function test_hinges_of_a_lid_are_near_its_ends_and_castors_near_the_corners(): void
    {
        $built = array_values((new Planning(Demo::document('lamp-room-bench')))->pieces())[0];
        foreach (self::of('lamp-room-bench', 'lid_hinge') as $hinges) {
            $lid = $built->panels[$hinges->on]->block;
            self::assertEqualsWithDelta([100, 100], [$hinges->at[0]->x->minus($lid->from(Axis::X))->millimetres(),
                $lid->to(Axis::X)->minus($hinges->at[1]->x)->millimetres()], 1e-6);
        }
        $berth = array_values((new Planning(Demo::document('bunk-room-berth')))->pieces())[0];
        foreach (self::of('bunk-room-berth', 'castor') as $castors) {
            $base = $berth->panels[$castors->on]->block;
            self::assertCount(4, $castors->at);
            foreach ($castors->at as $at) {
                self::assertEqualsWithDelta([50, 50, 0], [
                    min($at->x->minus($base->from(Axis::X))->millimetres(), $base->to(Axis::X)->minus($at->x)->millimetres()),
                    min($at->y->minus($base->from(Axis::Y))->millimetres(), $base->to(Axis::Y)->minus($at->y)->millimetres()),
                    $at->z->minus($base->from(Axis::Z))->millimetres()], 1e-6);
            }
        }
    }

    public function test_slides_are_on_both_uprights_at_one_height(): void
    {
        $slides = self::of('pantry-passage-wall', 'slide_pair');
        self::assertCount(6, $slides, 'three drawers');
        foreach (array_chunk($slides, 2) as [$left, $right]) {
            self::assertEquals($left->at[0]->z, $right->at[0]->z);
            self::assertTrue($left->at[0]->x->isLessThan($right->at[0]->x));
        }
    }

    /** All that is bought for a bay is fixed somewhere, or is known not to be. */
    public function test_nothing_that_is_fixed_is_forgotten(): void
    {
        foreach (Demo::documents() as $room => $document) {
            $planning = new Planning($document);
            foreach ($planning->pieces() as $piece => $built) {
                $fixed = [];
                foreach ($planning->assembly()->fittings((string) $piece) as $fitting) {
                    $fixed[self::key($fitting)] = ($fixed[self::key($fitting)] ?? 0) + $fitting->count;
                }
                foreach ($built->design->hardware as $each) {
                    $key = substr($each->name->key, strlen('hardware.'));
                    self::assertTrue(isset($fixed[$key]) || in_array($key, self::LOOSE, true), "$room: a $key is bought and put nowhere");
                }
            }
        }
    }

    private static function key(Fitting $fitting): string
    {
        $name = $fitting->name->args['name'] ?? $fitting->name;

        return substr($name instanceof Text ? $name->key : '', strlen('hardware.'));
    }

    /** @return list<Fitting> */
    private static function of(string $room, string $key): array
    {
        $planning = new Planning(Demo::document($room));
        $piece = (string) array_key_first($planning->pieces());

        return array_values(array_filter($planning->assembly()->fittings($piece), fn (Fitting $f): bool => self::key($f) === $key));
    }
}

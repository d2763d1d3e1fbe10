<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Assembly\Fastening;

use Incastro\Core\Assembly\Assembly;
use Incastro\Core\Assembly\Fastening\Fastener;
use Incastro\Core\Assembly\Fastening\FastenerKind;
use Incastro\Core\Assembly\Fittings\Fitting;
use Incastro\Core\Assembly\Screws;
use Incastro\Core\Design\Panel;
use Incastro\Core\Design\Role;
use Incastro\Core\Fit\PlacedPiece;
use Incastro\Core\Fit\Units\Unit;
use Incastro\Core\Geometry\Axis;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Unit as Sold;
use Incastro\Core\Planning\Planning;
use Incastro\Core\Tests\Assembly\Invariants;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Nothing goes to its place in the room without being told what keeps it there: a screw, a nail, something bought, or adhesive. */
final class NailedTest extends TestCase
{
    /** Two and a half times the board, no longer than stays, at least 8 in what it goes into. */
    #[TestWith([17.6, 300.0, 40.0])]
    #[TestWith([12.3, 300.0, 30.0])]
    #[TestWith([12.0, 17.6, 25.0])]
    #[TestWith([6.0, 18.0, 15.0])]
    #[TestWith([6.0, 9.0, null])]
    #[TestWith([38.0, 300.0, 50.0])]
    #[TestWith([43.0, 300.0, null])]
    public function test_how_long_a_nail_is(float $board, float $beyond, ?float $long): void
    {
        $nail = (new Screws)->nail(Length::fromMillimetres($board), Length::fromMillimetres($beyond));
        self::assertSame($long, $nail === null ? null : (float) $nail->millimetres());
    }

    public function test_in_inches_as_they_are_sold(): void
    {
        self::assertEquals(38.1, (new Screws(Sold::Inch))->nail(Length::fromMillimetres(17.6), Length::fromMillimetres(300))?->millimetres());
    }

    /** 30 and 40 wide, 17.6 thick, before a carcass of 17.6: every 200 along it, from 50 of the ends, into the edge behind. */
    public function test_a_face_frame(): void
    {
        [$built, $assembly] = self::of('signal-cabin-book-niche');
        $stile = $built->boards(Role::Stile)[0];
        $side = array_values(array_filter($built->boards(Role::Side), fn (Panel $p): bool => str_ends_with($p->id, ':side_left')))[0];
        $nails = array_values(array_filter($assembly->fastened($built->piece->id)->of(FastenerKind::Nail),
            fn (Fastener $f): bool => $f->from === $stile->id && $f->into === $side->id));
        $at = array_map(fn (Fastener $f): float => (float) $f->drive->at->z->millimetres(), $nails);
        self::assertEqualsWithDelta(50, $at[0] - max($stile->block->from(Axis::Z)->millimetres(), $side->block->from(Axis::Z)->millimetres()), 0.01);
        foreach (array_slice($at, 1) as $i => $z) {
            self::assertTrue($z - $at[$i] > 100 && $z - $at[$i] <= 200.01, (string) ($z - $at[$i]));
        }
        foreach ($nails as $nail) {
            self::assertSame(38.1, (float) $nail->length?->millimetres(), 'an inch and a half, as they are sold there');
            self::assertFalse($nail->drive->upward, 'from the room to the wall');
            self::assertEquals($stile->block->to(Axis::Y), $nail->drive->at->y, 'its head is on the face');
        }
        self::assertSame([], $assembly->glued($built->piece->id));
    }

    /** Fillers narrower than a screw bites are held by adhesive: said in their steps, and bought by the bead. */
    public function test_what_has_no_room_for_either_is_glued_and_that_is_said(): void
    {
        $planning = new Planning(Demo::document('wash-house-linen'));
        $piece = (string) array_key_first($planning->pieces());
        $glued = array_map(fn (Unit $u): string => $u->id, $planning->assembly()->glued($piece));
        self::assertNotSame([], $glued);
        $said = [];
        foreach ($planning->steps()->steps as $step) {
            $told = array_filter($step->numbers, fn ($n): bool => $n->key === 'number.glued');
            $said = [...$said, ...($told === [] ? [] : array_intersect($step->parts, $glued))];
            self::assertLessThanOrEqual(count(array_intersect($step->parts, $glued)), count($told));
        }
        sort($glued);
        sort($said);
        self::assertSame($glued, $said);
        $panels = $planning->pieces()[$piece]->panels;
        $metres = array_sum(array_map(fn (string $id): float => $panels[$id]->length->value->units / Length::PER_MM / 1_000, $glued));
        $bead = array_values(array_filter($planning->shopping()->lines, fn ($l): bool => $l->need->name->key === 'buy.adhesive'))[0];
        self::assertEqualsWithDelta($metres, $bead->need->amount->value, 0.01, 'one bead along each, none is 200 wide');
    }

    /** @return iterable<string, array{string}> */
    public static function rooms(): iterable
    {
        foreach (Demo::names() as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('rooms')]
    public function test_each_thing_that_goes_in_by_itself_is_held(string $room): void
    {
        $planning = new Planning(Demo::document($room));
        $assembly = $planning->assembly();
        foreach ($planning->pieces() as $id => $built) {
            $held = array_fill_keys(array_map(fn (Unit $u): string => $u->id, $assembly->glued((string) $id)), true);
            $units = $assembly->footing->units;
            foreach ($assembly->fastened((string) $id)->fasteners as $f) {
                $held += $f->into === null || $units[$f->from] === $units[$f->into] ? [] : [$units[$f->from]->id => true, $units[$f->into]->id => true];
            }
            foreach ($assembly->fittings((string) $id) as $f) {
                $held += [$units[$f->on]->id => true, $units[$f->serves]->id => true];
            }
            foreach ($assembly->wallScrews((string) $id) as $f) {
                $held += [$units[$f->board->id]->id => true];
            }
            foreach ($built->units as $unit) {
                // Loose shelves lie on pins or cleats, cushions and the like on what is there; a base stands.
                $isAsked = ! in_array($unit->role(), [Role::Shelf, Role::Loose, Role::LooseFree], true)
                    && ! in_array($unit->kind->value, ['base', 'mover', 'case'], true);
                self::assertTrue(! $isAsked || isset($held[$unit->id]), "$unit->id is held by nothing that is said");
            }
        }
    }

    /** Screws of 40 one in 300 into each timber; the mantel on rods in the timbers, for nobody reaches behind a face that is up; brackets to the house. */
    public function test_a_surround_on_its_frame(): void
    {
        [$built, $assembly] = self::of('chart-room-fireside', 'Framed breast');
        $fastened = $assembly->fastened($built->piece->id);
        $timbers = $built->boards(Role::Stud);
        $faced = [];
        foreach ($fastened->of(FastenerKind::Screw) as $screw) {
            if (str_contains($screw->from, ':surround_face')) {
                $faced[(string) $screw->into][] = $screw;
                self::assertSame(40.0, (float) $screw->length?->millimetres());
            }
        }
        foreach ($timbers as $timber) {
            self::assertGreaterThanOrEqual(2, count($faced[$timber->id] ?? []), $timber->id);
        }
        $mantel = array_values(array_filter($built->boards(Role::Slab), fn (Panel $p): bool => str_ends_with($p->id, ':mantel')))[0];
        self::assertSame([], array_filter($fastened->fasteners, fn (Fastener $f): bool => $f->from === $mantel->id || $f->into === $mantel->id));
        $rods = array_filter($assembly->fittings($built->piece->id), fn (Fitting $f): bool => $f->serves === $mantel->id);
        $passing = array_filter($timbers, fn (Panel $p): bool => $p->long === Axis::Z);
        self::assertCount(count($passing), $rods);
        foreach ($rods as $rod) {
            self::assertEquals($mantel->block->middle(Axis::Z), $rod->at[0]->z);
        }
        $brackets = array_filter($assembly->fittings($built->piece->id), fn (Fitting $f): bool => $f->name->key === 'hardware.frame_bracket');
        self::assertSame(4, array_sum(array_map(fn (Fitting $f): int => $f->count, $brackets)));
    }

    /** Where the rib is deep enough to bite: in the lower half; and the ribs by brackets to the strip and the wall. */
    public function test_a_sloping_back(): void
    {
        [$built, $assembly] = self::of('lamp-room-bench');
        $rib = array_values(array_filter($built->boards(Role::Board), fn (Panel $p): bool => str_ends_with($p->id, ':seat_rib_left')))[0];
        $screws = array_values(array_filter($assembly->fastened($built->piece->id)->fasteners, fn (Fastener $f): bool => $f->into === $rib->id));
        self::assertCount(2, $screws);
        foreach ($screws as $screw) {
            $up = $screw->drive->at->z->minus($rib->block->from(Axis::Z))->millimetres() / $rib->block->extent(Axis::Z)->millimetres();
            self::assertLessThanOrEqual(0.5, $up);
            // 17.6 at 12° and the bite, behind it the rib is (1 − up) · 68 deep.
            self::assertLessThan(18.0 + (1 - $up) * 68, $screw->length?->millimetres());
        }
        $brackets = array_filter($assembly->fittings($built->piece->id), fn (Fitting $f): bool => $f->name->key === 'hardware.seat_bracket');
        self::assertCount(2, $brackets);
    }

    /** A rib that is hardly deeper than a screw bites: none comes out behind it, at the wall. */
    public function test_a_sloping_back_that_leans_little(): void
    {
        $planning = new Planning((new AnyPiece(7_919 * 20_002))->document());
        $ribs = $screws = 0;
        foreach ($planning->pieces() as $id => $built) {
            $ribs += count(array_filter($built->panels, fn (Panel $p): bool => str_contains($p->id, ':seat_rib_')));
            foreach ($planning->assembly()->fastened((string) $id)->fasteners as $screw) {
                if (str_contains((string) $screw->into, ':seat_rib_') && str_ends_with($screw->from, ':seat_back')) {
                    $screws++;
                    $rib = $built->panels[(string) $screw->into]->block;
                    $up = $screw->drive->at->z->minus($rib->from(Axis::Z))->millimetres() / $rib->extent(Axis::Z)->millimetres();
                    $bite = $screw->length?->minus($built->project->stock[$built->panels[$screw->from]->material]->thickness)->millimetres();
                    self::assertLessThanOrEqual((1 - $up) * $rib->extent($screw->drive->into)->millimetres() - 2.9, $bite);
                }
            }
        }
        self::assertGreaterThan(0, $ribs);
        self::assertSame([], Invariants::brokenBy($planning), "$screws in $ribs");
    }

    /** @return array{PlacedPiece, Assembly} */
    private static function of(string $room, ?string $name = null): array
    {
        $planning = new Planning(Demo::document($room));
        $own = array_values(array_filter($planning->pieces(), fn (PlacedPiece $p): bool => $name === null || $p->piece->name === $name));

        return [$own[0], $planning->assembly()];
    }
}

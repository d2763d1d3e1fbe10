<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Cut\Nest\Improver;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Nester;
use Incastro\Core\Cut\Nest\NestWriter;
use Incastro\Core\Cut\Nest\Placement;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Cut\Saw\Sawing;
use Incastro\Core\Document\Model\Saw;
use Incastro\Core\Document\Model\SawKind;
use Incastro\Core\Document\Model\Saws;
use PHPUnit\Framework\TestCase;

/** Several sizes, pieces in hand, strips, sets on one sheet, locked parts and few tools: every plan is followed with the saw. */
final class WishesTest extends TestCase
{
    use TestTrait;

    private const MM = 40_000;

    public function test_random_wishes_are_all_kept(): void
    {
        $this->limitTo(30)->forAll(Generators::choose(1, 1_000_000))->then($this->assertWishesAreKept(...));
    }

    public function test_a_better_layout_that_the_saws_cannot_make_is_no_better(): void
    {
        // What was taken out and laid anew here asked for three cuts longer than the rail.
        $this->assertWishesAreKept(578_318);
    }

    private function assertWishesAreKept(int $seed): void
    {
        mt_srand($seed);
        $stock = self::stock(mt_rand(0, 3) === 0 ? self::shortRail() : new Saws);
        $items = self::items($stock->kerf);
        $first = Nester::nest($items, $stock);
        $this->assertSound($first, $items);
        $better = (new Improver(1, $seed))->improve($items, $first, fn (): bool => true);
        $this->assertSound($better, $items);
        self::assertFalse($first->isBetterThan($better));
        $this->assertLocksHold($better, $items);
    }

    public function test_doors_in_sequence_lie_side_by_side_in_order(): void
    {
        $doors = array_map(fn (int $i): Item => new Item("D$i", 700 * self::MM, 400 * self::MM, false), [1, 2, 3]);
        $strip = Item::strip('doors', $doors, false, 3 * self::MM);
        // 3 × 400 + 2 × 3 = 1206 of the 1208 inside the trim.
        self::assertSame([700 * self::MM, 1206 * self::MM], [$strip->length, $strip->width]);
        $nested = Nester::nest([$strip, new Item('P', 1600 * self::MM, 1208 * self::MM, false)],
            Stock::ofOneSize(SheetKind::plain('ply', 2440 * self::MM, 1220 * self::MM, 6 * self::MM), 3 * self::MM));
        self::assertCount(1, $nested->sheets);
        $at = array_column(array_map(fn (Placement $p): array => [$p->item, $p->y / self::MM], $nested->sheets[0]->placements), 1, 0);
        self::assertEqualsWithDelta([403, 403], [$at['D2'] - $at['D1'], $at['D3'] - $at['D2']], 1e-9);
    }

    public function test_where_sheets_are_too_few_the_search_finds_room_for_what_was_left(): void
    {
        $tried = 0;
        foreach (range(1, 8) as $seed) {
            mt_srand($seed);
            $items = array_map(fn (int $i): Item => new Item("P$i", mt_rand(1, 100) * self::MM, mt_rand(1, 100) * self::MM, false), range(1, 24));
            $kind = fn (?int $limit): Stock => new Stock('square', [new SheetKind('s', 'square', 100 * self::MM, 100 * self::MM, [0, 0, 0, 0], 0, $limit)], 0);
            $improve = fn (Nested $n): Nested => (new Improver(3, 1))->improve($items, $n, fn (): bool => true);
            $plain = Nester::nest($items, $kind(null));
            $sheets = count($improve($plain)->sheets);
            if ($sheets === count($plain->sheets)) {
                continue;
            }
            $few = Nester::nest($items, $kind($sheets));
            self::assertNotSame([], $few->unplaced, "seed $seed");
            $found = $improve($few);
            self::assertSame([[], $sheets], [$found->unplaced, count($found->sheets)], "seed $seed");
            $this->assertSound($found, $items);
            $tried++;
        }
        self::assertGreaterThan(0, $tried);
    }

    public function test_a_piece_in_hand_is_used_before_a_sheet_is_bought(): void
    {
        $whole = new SheetKind('w', 'whole', 2440 * self::MM, 1220 * self::MM, [0, 0, 0, 0], 6000);
        $rack = new SheetKind('r', 'rack', 800 * self::MM, 500 * self::MM, [0, 0, 0, 0], 0, 1, true);
        $nested = Nester::nest([new Item('A', 790 * self::MM, 490 * self::MM, false)], new Stock('ply', [$rack, $whole], 0));
        self::assertSame(['r', 0, true], [$nested->sheets[0]->kind->id, $nested->cost(), $nested->isProvedOptimal()]);
    }

    public function test_the_cheaper_of_two_sizes_is_bought(): void
    {
        $whole = new SheetKind('w', 'whole', 2440 * self::MM, 1220 * self::MM, [0, 0, 0, 0], 6000);
        $half = new SheetKind('h', 'half', 1220 * self::MM, 1220 * self::MM, [0, 0, 0, 0], 3500);
        $stock = new Stock('ply', [$whole, $half], 0);
        $of = fn (int $n): Nested => Nester::nest(array_map(
            fn (int $i): Item => new Item("P$i", 1000 * self::MM, 1200 * self::MM, false), range(1, $n)), $stock);
        self::assertSame([3500, true], [$of(1)->cost(), $of(1)->isProvedOptimal()]);
        self::assertSame([6000, true], [$of(2)->cost(), $of(2)->isProvedOptimal()]);
        self::assertSame([9500, true], [$of(3)->cost(), $of(3)->isProvedOptimal()]);
    }

    public function test_where_sheets_are_too_few_what_matters_more_is_laid(): void
    {
        $one = new SheetKind('w', 'whole', 1000 * self::MM, 500 * self::MM, [0, 0, 0, 0], 6000, 1);
        $nested = Nester::nest([new Item('A', 900 * self::MM, 400 * self::MM, false), new Item('B', 600 * self::MM, 400 * self::MM, false, priority: 1)],
            new Stock('ply', [$one], 0));
        self::assertSame('B', $nested->sheets[0]->placements[0]->item);
        self::assertSame(['A'], array_map(fn (Item $i): string => $i->id, $nested->unplaced));
    }

    public function test_a_short_rail_crosscuts_before_it_rips(): void
    {
        $sheet = SheetKind::class;
        $stock = new Stock('ply', [new $sheet('w', 'whole', 2440 * self::MM, 1220 * self::MM, [0, 0, 0, 0])], 0, saws: self::shortRail());
        $nested = Nester::nest(array_map(fn (int $i): Item => new Item("P$i", 1100 * self::MM, 300 * self::MM, false), range(1, 6)), $stock);
        $sawing = Sawing::of($nested->sheets[0], 0, $stock->saws);
        self::assertTrue($sawing->isCuttable);
        self::assertSame('x', $sawing->cuts[0]->axis);
        // Nothing longer than the rail can be ripped: a part 2000 long has no cut that frees it.
        $long = Nester::nest([new Item('L', 2000 * self::MM, 300 * self::MM, false)], $stock);
        self::assertSame([[], 'L'], [$long->sheets, $long->unplaced[0]->id]);
    }

    private static function shortRail(): Saws
    {
        return new Saws([new Saw(SawKind::Guided, longestCut: 1400 * self::MM), new Saw(SawKind::Mitre, longestCut: 300 * self::MM)]);
    }

    private static function stock(Saws $saws): Stock
    {
        $t = fn (): array => [mt_rand(0, 10) * self::MM, mt_rand(0, 10) * self::MM, mt_rand(0, 10) * self::MM, mt_rand(0, 10) * self::MM];
        $kinds = [new SheetKind('whole', 'whole', 2440 * self::MM, 1220 * self::MM, $t(), 6000)];
        if (mt_rand(0, 1) === 1) {
            $kinds[] = new SheetKind('half', 'half', 1220 * self::MM, 1220 * self::MM, $t(), 3400, mt_rand(0, 1) ? null : 2);
        }
        for ($i = mt_rand(0, 3); $i > 0; $i--) {
            array_unshift($kinds, new SheetKind("rack$i", 'rack', mt_rand(300, 1500) * self::MM, mt_rand(150, 900) * self::MM, [0, 0, 0, 0], 0, 1, true));
        }

        return new Stock('ply', $kinds, mt_rand(0, 40) * self::MM / 10, saws: $saws);
    }

    /** @return list<Item> */
    private static function items(int $kerf): array
    {
        $items = [];
        for ($i = 0, $n = mt_rand(1, 22); $i < $n; $i++) {
            $items[] = new Item("P$i", mt_rand(60, 1100) * self::MM, mt_rand(50, 580) * self::MM, mt_rand(0, 1) === 1,
                together: mt_rand(0, 3) === 0 ? 'set'.mt_rand(1, 2) : null, priority: mt_rand(-1, 1));
        }
        if (mt_rand(0, 1) === 1) {
            $doors = array_map(fn (int $i): Item => new Item("D$i", mt_rand(400, 800) * self::MM, mt_rand(200, 350) * self::MM, false), [1, 2, 3]);
            $items[] = Item::strip('doors', $doors, mt_rand(0, 1) === 1, $kerf);
        }

        return $items;
    }

    /** @param  list<Item>  $items */
    private function assertSound(Nested $nested, array $items): void
    {
        $stock = $nested->stock;
        $parts = $homes = $counts = [];
        foreach (array_merge(...array_map(fn (Item $i): array => $i->parts(), $items)) as $part) {
            $parts[$part->id] = ['l' => $part->length / self::MM, 'w' => $part->width / self::MM, 'grain' => $part->mayTurn ? 'free' : 'length'];
        }
        foreach ($nested->sheets as $n => $sheet) {
            $counts[$sheet->kind->id] = ($counts[$sheet->kind->id] ?? 0) + 1;
            $printed = json_decode(json_encode(['length_mm' => $sheet->kind->length / self::MM, 'width_mm' => $sheet->kind->width / self::MM]
                + NestWriter::sheet($sheet, Sawing::of($sheet, $stock->kerf, $stock->saws), []), JSON_THROW_ON_ERROR), true);
            self::assertSame([], LayoutVerifier::sheet($printed, $parts, $stock->kerf / self::MM,
                array_map(fn (int $t): float => $t / self::MM, $sheet->kind->trims)));
            self::assertSame([], self::beyondTheSaws($sheet, $stock));
            foreach ($sheet->placements as $p) {
                self::assertArrayNotHasKey($p->item, $homes, 'each part once');
                $homes[$p->item] = $n;
            }
        }
        foreach ($nested->unplaced as $item) {
            $homes[$item->id] = null;
        }
        self::assertEqualsCanonicalizing(array_keys($parts), array_keys($homes));
        foreach ($stock->kinds as $kind) {
            self::assertLessThanOrEqual($kind->limit ?? PHP_INT_MAX, $counts[$kind->id] ?? 0);
        }
        self::assertGreaterThanOrEqual($nested->leastCost, $nested->unplaced === [] ? $nested->cost() : PHP_INT_MAX);
        $this->assertSets($nested, $items, $homes);
    }

    /**
     * @param  list<Item>  $items
     * @param  array<string, int|null>  $homes  sheet by part
     */
    private function assertSets(Nested $nested, array $items, array $homes): void
    {
        $sets = [];
        foreach ($items as $item) {
            if ($item->together !== null && $nested->stock->holds($item)) {
                $sets[$item->together][$homes[$item->id] ?? 'none'] = true;
            }
            if ($item->members !== [] && $homes[$item->members[0]->id] !== null) {
                $onSheet = $nested->sheets[$homes[$item->members[0]->id]]->placements;
                self::assertNotNull($item->asLaid(array_column(array_map(fn (Placement $p): array => [$p->item, $p], $onSheet), 1, 0)),
                    'in sequence, in one strip');
            }
        }
        foreach ($sets as $name => $found) {
            self::assertCount(1, $found, "$name lies on one sheet, or nowhere");
        }
    }

    /** @return list<string> cuts that no saw of the list makes, worked out from the pieces alone */
    private static function beyondTheSaws(LaidSheet $sheet, Stock $stock): array
    {
        if (! $stock->saws->areNamed()) {
            return [];
        }
        $rail = 1400 * self::MM;

        return array_values(array_map(fn ($c): string => "cut $c->order is longer than the rail",
            array_filter(Sawing::of($sheet, $stock->kerf, $stock->saws)->cuts, fn ($c): bool => ! $c->isTrim && $c->length() > $rail)));
    }

    /** @param  list<Item>  $items */
    private function assertLocksHold(Nested $nested, array $items): void
    {
        $sheet = $nested->sheets[0] ?? null;
        if ($sheet === null) {
            return;
        }
        $locked = array_slice($sheet->placements, 0, mt_rand(1, 3));
        $ids = array_map(fn (Placement $p): string => $p->item, $locked);
        $strips = array_filter($items, fn (Item $i): bool => $i->members !== [] || $i->together !== null);
        if (array_intersect($ids,
            array_merge([], ...array_values(array_map(fn (Item $i): array => array_map(fn (Item $m): string => $m->id, $i->parts()), $strips)))) !== []) {
            return;
        }
        $fixed = [new LaidSheet($sheet->kind, $locked, $ids)];
        $isFree = fn (Item $i): bool => ! in_array($i->id, $ids, true);
        $again = Nester::nest(array_values(array_filter($items, $isFree)), $nested->stock,
            $fixed, array_values(array_filter($items, fn (Item $i): bool => ! $isFree($i))));
        $better = (new Improver(1, 1))->improve($items, $again, fn (): bool => true);
        foreach ([$again, $better] as $plan) {
            $this->assertSound($plan, $items);
            foreach ($locked as $p) {
                self::assertContainsEquals($p, array_merge(...array_map(fn (LaidSheet $s): array => $s->placements, $plan->sheets)), 'a locked part stays');
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut\Nest;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Cut\Nest\Exhaustion;
use Incastro\Core\Cut\Nest\Improver;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\Job;
use Incastro\Core\Cut\Nest\LowerBound;
use Incastro\Core\Cut\Nest\Nester;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\Stock;
use PHPUnit\Framework\TestCase;

final class LowerBoundTest extends TestCase
{
    use TestTrait;

    public function test_the_bound_sees_more_than_area(): void
    {
        $sheet = Stock::ofOneSize(SheetKind::plain('s', 100, 100, 0), 0);
        $of = fn (int $n, int $l, int $w, bool $free = false): array => array_map(fn (int $i): Item => new Item("P$i", $l, $w, $free), range(1, $n));
        self::assertSame(0, LowerBound::cost([], $sheet));
        self::assertSame(1, LowerBound::cost($of(4, 50, 50), $sheet));
        self::assertSame(2, LowerBound::cost($of(5, 50, 50), $sheet));
        // Five of 51 × 51: a sheet holds one, though their area would fit two sheets.
        self::assertSame(5, LowerBound::cost($of(5, 51, 51, true), $sheet));
        // 60 × 30 against the grain of nothing: three lie in a column, none beside it.
        self::assertSame(2, LowerBound::cost($of(4, 60, 30), $sheet));
    }

    public function test_the_kerf_counts(): void
    {
        $four = array_map(fn (int $i): Item => new Item("P$i", 49, 49, false), range(1, 4));
        self::assertSame(1, LowerBound::cost($four, Stock::ofOneSize(SheetKind::plain('s', 100, 100, 0), 2)));
        self::assertGreaterThan(1, LowerBound::cost($four, Stock::ofOneSize(SheetKind::plain('s', 100, 100, 0), 3)));
    }

    public function test_few_parts_are_tried_out_to_the_end(): void
    {
        $stock = Stock::ofOneSize(SheetKind::plain('s', 30, 30, 0), 0);
        // Four arms round a hole, and what fits the hole: one square, but no cut from edge to edge frees them.
        $arms = [new Item('A', 20, 10, false), new Item('B', 10, 20, false),
            new Item('C', 20, 10, false), new Item('D', 10, 20, false), new Item('E', 10, 10, false)];
        self::assertSame(1, LowerBound::cost($arms, $stock));
        self::assertSame([false, true], [Exhaustion::fit(new Job($arms, $stock), 1), Exhaustion::fit(new Job($arms, $stock), 2)]);
        self::assertTrue(Nester::nest($arms, $stock)->isProvedOptimal(), 'two, as no plan needs fewer');
        // Free to turn, the arms lie in pairs and all goes on one.
        $free = array_map(fn (Item $i): Item => new Item($i->id, $i->length, $i->width, true), $arms);
        self::assertTrue(Exhaustion::fit(new Job($free, $stock), 1));
    }

    public function test_no_layout_ever_needs_fewer(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $stock = Stock::ofOneSize(SheetKind::plain('s', 240, 120, mt_rand(0, 3)), mt_rand(0, 4));
            $items = array_map(fn (int $i): Item => new Item("P$i", mt_rand(5, 220), mt_rand(5, 110), (bool) mt_rand(0, 1)), range(1, mt_rand(1, 25)));
            $nested = Nester::nest($items, $stock);
            self::assertGreaterThanOrEqual((int) $nested->fewestSheets(), count($nested->sheets));
            $better = (new Improver(1, $seed))->improve($items, $nested, fn (): bool => true);
            self::assertGreaterThanOrEqual((int) $nested->fewestSheets(), count($better->sheets));
            self::assertFalse($nested->isBetterThan($better), 'a search never ends worse than it began');
        });
    }
}

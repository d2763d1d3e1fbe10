<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Incastro\Core\Cut\Nest\Improver;
use Incastro\Core\Cut\Nest\Item;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Nester;
use Incastro\Core\Cut\Nest\SheetKind;
use Incastro\Core\Cut\Nest\Stock;
use Incastro\Core\Cut\Saw\Sawing;
use PHPUnit\Framework\TestCase;

final class TradeTest extends TestCase
{
    public function test_the_search_offers_one_more_sheet_only_where_it_saves_settings(): void
    {
        $offered = 0;
        foreach ([5, 6, 7] as $seed) {
            $items = self::items($seed, 20);
            $nested = Nester::nest($items, self::stock());
            $found = (new Improver(2, $seed))->improve($items, $nested, fn (): bool => true);
            $offered += $this->assertWorthIt($found);
        }
        self::assertGreaterThan(0, $offered);
    }

    private static function stock(): Stock
    {
        return Stock::ofOneSize(SheetKind::plain('s', 2440 * 40_000, 1220 * 40_000, 240_000), 128_000);
    }

    /** @return list<Item> */
    private static function items(int $seed, int $sizes): array
    {
        mt_srand($seed);
        $items = [];
        foreach (array_map(fn (): array => [mt_rand(300, 1100), mt_rand(100, 560)], range(1, $sizes)) as $s => [$l, $w]) {
            for ($n = mt_rand(1, 5); $n > 0; $n--) {
                $items[] = new Item("P$s-$n", $l * 40_000, $w * 40_000, true);
            }
        }

        return $items;
    }

    private function assertWorthIt(Nested $nested): int
    {
        if ($nested->roomier === null) {
            return 0;
        }
        self::assertGreaterThan(count($nested->sheets), count($nested->roomier->sheets));
        self::assertGreaterThanOrEqual(3, $nested->settings() - $nested->roomier->settings());
        self::assertEqualsCanonicalizing(self::parts($nested->sheets), self::parts($nested->roomier->sheets));
        foreach ($nested->roomier->sheets as $sheet) {
            self::assertTrue(Sawing::of($sheet, 128_000)->isSeparable);
        }

        return 1;
    }

    /**
     * @param  list<LaidSheet>  $sheets
     * @return list<string>
     */
    private static function parts(array $sheets): array
    {
        return array_merge(...array_map(fn (LaidSheet $s): array => array_map(fn ($p): string => $p->item, $s->placements), $sheets));
    }
}

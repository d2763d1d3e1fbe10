<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Incastro\Core\Cut\Item;
use Incastro\Core\Cut\LaidSheet;
use Incastro\Core\Cut\Nester;
use Incastro\Core\Cut\Sawing;
use Incastro\Core\Cut\Stock;
use PHPUnit\Framework\TestCase;

final class TradeTest extends TestCase
{
    public function test_one_more_sheet_is_offered_only_where_it_saves_settings(): void
    {
        $offered = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            mt_srand($seed);
            $sizes = array_map(fn (): array => [mt_rand(300, 1100), mt_rand(100, 560)], range(1, 8));
            $items = [];
            foreach ($sizes as $s => [$l, $w]) {
                for ($n = mt_rand(1, 5); $n > 0; $n--) {
                    $items[] = new Item("P$s-$n", $l * 40_000, $w * 40_000, true);
                }
            }
            $nested = Nester::nest($items, Stock::ofOneSize('s', 2440 * 40_000, 1220 * 40_000, 240_000, 128_000));
            if ($nested->roomier !== null) {
                $offered++;
                self::assertSame(count($nested->sheets) + 1, count($nested->roomier->sheets));
                self::assertEqualsCanonicalizing(self::parts($nested->sheets), self::parts($nested->roomier->sheets));
                foreach ($nested->roomier->sheets as $sheet) {
                    self::assertTrue(Sawing::of($sheet, 128_000)->isSeparable);
                }
            }
        }
        self::assertGreaterThan(0, $offered);
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

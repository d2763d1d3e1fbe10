<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Shopping;

use Incastro\Core\Document\Reading\DocumentRejected;
use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What is to be bought. The demo rooms' figures were added up by hand from their lists of parts. */
final class ShoppingTest extends TestCase
{
    /**
     * Left niche, mm. Boards: two sides 2210 × 373.8, top and bottom 936.5, a divider 2174.8, four shelves 447 and three 465.9,
     * all 373.8 deep and 17.6 thick; a back 2208 × 969.7 × 6.2, two plinth rails 971.7 × 90, fillers 2210 × 41 and 41.5, a trim
     * 971.7 × 9.7 × 6; hidden: nailers, rungs.
     */
    public function test_a_room_in_millimetres_by_hand(): void
    {
        $lines = self::lines(self::demo('chart-room-left-niche'));
        // Front edges: 2 · 2210 + 2 · 936.5 + 2174.8 + 4 · 447 + 3 · 465.9 = 11653.5; 15 % more is 13.40 m, two rolls of 10.
        self::assertSame([11.654, 13.402, 10, 2], self::of($lines['banding 01J8R100000000000000000002']));
        // 36 holes clear of a screw, and 16 through each side into its filler: 17.6 · 2.5 = 44, so 40 long; four go down into
        // the plinth; 10 % more of 72 are 80; 12 in hand leave 68. The second nailer has two pockets at the divider.
        self::assertSame([72, 80, 100, 1], self::of($lines['buy.screw 1600000']));
        self::assertSame(68, $lines['buy.screw 1600000']['short']['value']);
        // The back: 16 into each side of 2208, 15 into the divider, 7 into top and bottom.
        self::assertSame(61, $lines['buy.back_screw 800000']['need']['value']);
        // Both faces and the edges: sides 3.486, top and bottom 1.492, divider 1.716, shelves 2.586, back one face 2.180, rails 0.424,
        // fillers 0.523, trim 0.031 = 12.438 m².
        self::assertEqualsWithDelta(12.438, self::area($lines['primer']), 0.005);
        self::assertSame([1.555, 1.711, 2.5, 1], self::of($lines['primer']), '12.438 / 8, and a tenth more');
        self::assertSame([2.488, 2.737, 5, 1], self::of($lines['paint Harbour grey satin']), '2 · 12.438 / 10');
        // 12.438 / 1.5 = 8.3; primer and two coats are sanded twice: 2 · 12.438 / 2.5 = 9.95.
        self::assertSame([9, 10], [$lines['abrasive 120']['need']['value'], $lines['abrasive 240']['need']['value']]);
        // Seven shelves of four; two of three rungs packed at both ends, 0.2 and 0.1 under the third are less than a card.
        self::assertSame([28, 28, 20, 2], self::of($lines['hardware.shelf_pin']));
        self::assertSame(4, $lines['shim']['need']['value']);
        self::assertSame(2, $lines['buy.pocket_screw 1000000']['need']['value'], '17.6 · 1.8 = 31.7, so 25');
        // Two fillers, a bead 3 · 3 / 2 mm² along 2210: 4.5 · 2210 · 2 = 19890 mm³.
        self::assertEqualsWithDelta(0.0199, $lines['caulk']['need']['value'], 0.0005);
        // 17.6 nailer, 6.2 back and 4 to the wall behind them, 26 of plaster on lath, 38 of bite: 91.8, so 100;
        // two nailers with one stud behind each, in which two stand one over the other.
        self::assertSame(4, $lines['wall_screw 4000000']['need']['value']);
        self::assertSame(0, $lines['glue']['packs'], 'a bottle in hand is enough');
        $list = Planned::of(self::demo('chart-room-left-niche'))->plan['buy'];
        // 2 · 94.00 + 41.50 + pins 2 · 3.60 + screws 4.80 + caulk 3.90 + primer 26.90 + paint 38.50 + shims 4.20; 21/121 of it is tax.
        self::assertSame([31500, 5467, 31500], [$list['cents'], $list['tax_cents'], $list['total_cents']]);
    }

    /**
     * Walk-in closet, inches: 23/32 ply is 17.8594 mm. Sides 2308.225, bottom, top and between 2185.438, three dividers 1974.063, six
     * shelves 349.359, a divider 280.594.
     */
    public function test_a_room_in_inches_by_hand(): void
    {
        $lines = self::lines(self::demo('signal-cabin-closet'));
        // 2 · 2308.225 + 3 · 2185.438 + 3 · 1974.063 + 6 · 349.359 + 280.594 = 19471.7; 15 % more is 22.39 m: two rolls of 50 ft.
        $banding = array_values(array_filter($lines, fn (array $l): bool => $l['group'] === 'banding'))[0];
        self::assertSame([19.472, 22.393, 15.24, 2], self::of($banding));
        // Sold by the quarter inch: 17.86 · 2.5 = 44.6, so 1 3/4 in.
        // 144 in the carcass, 16 in each of two fillers, 4 down into the plinth.
        self::assertSame([180, 198, 200, 1], self::of($lines['buy.screw 1778000']));
        self::assertSame(12, $lines['shim']['need']['value'], 'seven rungs, both ends of one all but touch the floor');
        // Three coats at 12 m² to the litre, in gallons.
        $m2 = $lines['clear']['sum'][0]['args']['area']['value'];
        self::assertEqualsWithDelta(3 * $m2 / 12, $lines['clear']['need']['value'], 0.001);
        self::assertSame([3.785, 2], [$lines['clear']['pack']['value'], $lines['clear']['packs']]);
        $list = Planned::of(self::demo('signal-cabin-closet'))->plan['buy'];
        // 5 · 94.00 + glue 6.49 + clear 2 · 27.99 + shims 3.79 = 536.26; 8.25 % on top.
        self::assertSame([53626, 4424, 58050], [$list['cents'], $list['tax_cents'], $list['total_cents']]);
    }

    public function test_what_is_in_hand_left_out_or_bought_is_taken_off(): void
    {
        $document = self::demo('chart-room-left-niche');
        $document['shop']['lines']['hardware.shelf_pin'] = ['in_hand' => 20, 'pack' => 8, 'price_cents' => 100, 'shop' => 'other', 'instead' => 'spoon pins'];
        $document['shop']['lines']['shim'] = ['left_out' => true];
        $document['facts'][Sample::id('BVY', 1)] = ['kind' => 'bought', 'line' => 'hardware.shelf_pin', 'packs' => 1, 'cents' => 95];
        $document['facts'][Sample::id('BVY', 2)] = ['kind' => 'bought', 'line' => 'hardware.shelf_pin', 'packs' => 1, 'cents' => 80, 'struck' => true];
        $document['facts'][Sample::id('BVY', 3)] = ['kind' => 'bought', 'line' => 'a thing no longer needed', 'packs' => 2, 'cents' => 700];
        $plan = Planned::of($document)->plan['buy'];
        $pins = self::lines($document)['hardware.shelf_pin'];
        self::assertSame([8, 1, 100, 'other', 'spoon pins'], [$pins['short']['value'], $pins['packs'], $pins['cost_cents'], $pins['shop'], $pins['instead']]);
        self::assertSame([true, 95], [$pins['bought'], $pins['spent_cents']]);
        self::assertSame(0, self::lines($document)['shim']['packs']);
        self::assertSame(795, $plan['spent_cents'], 'money spent for what is no longer needed was spent');
        self::assertSame('a thing no longer needed', $plan['others'][0]['line']);
    }

    public function test_random_pieces_have_as_many_screws_as_holes_and_no_line_twice(): void
    {
        foreach (range(1, 40) as $seed) {
            $document = (new AnyPiece($seed))->document();
            foreach ($document['pieces'] as &$piece) {
                $piece['finish'] = ['kind' => ['paint', 'clear', 'none'][$seed % 3], 'primer' => $seed % 2 === 0];
            }
            $plan = Planned::of($document)->plan;
            $lines = $plan['buy']['lines'];
            self::assertSame(count($lines), count(array_unique(array_column($lines, 'key'))), "seed $seed");
            foreach ($lines as $line) {
                self::assertGreaterThanOrEqual($line['short']['value'] - 0.001, $line['packs'] * $line['pack']['value'], "seed $seed: $line[key]");
                self::assertLessThan($line['short']['value'] + $line['pack']['value'],
                    $line['packs'] * $line['pack']['value'], "seed $seed: no pack too many of $line[key]");
                self::assertGreaterThan(0, $line['need']['value'], "seed $seed: $line[key]");
            }
            $screws = array_sum(array_map(fn (array $l): int => str_starts_with($l['key'], 'buy.screw')
                || str_starts_with($l['key'], 'buy.pocket') ? (int) $l['need']['value'] : 0, $lines));
            $counted = array_sum(array_map(
                fn (array $p): int => array_sum(array_map(
                    fn (array $h): int => in_array($h['name']['key'], ['hardware.screw', 'hardware.pocket_screw'], true) ? $h['count'] : 0,
                    $p['hardware'])), $plan['pieces']));
            self::assertSame($counted, $screws, "seed $seed");
            $sheets = array_sum(array_map(fn (array $m): int => count($m['sheets']), $plan['cut']));
            self::assertSame($sheets, (int) array_sum(array_map(fn (array $l): int|float => $l['group'] === 'sheets' ? $l['need']['value'] : 0, $lines)));
        }
    }

    public function test_caulk_closes_gaps_before_walls_alone(): void
    {
        // Wall cupboards: nothing at the left, an open end 340 away at the right. Laundry gap: an appliance on either hand.
        foreach (['pantry-passage-upper', 'wash-house-gap', 'stair-store-cupboard'] as $room) {
            self::assertSame([], array_filter(array_keys(self::lines(self::demo($room))),
                fn (string $k): bool => in_array($k, ['caulk', 'backer_rod'], true)), $room);
        }
        $document = Sample::e1();
        $document['pieces'][Sample::PIECE]['right'] = ['kind' => 'play', 'set_off' => 4];
        $line = self::lines($document)['caulk'];
        // From 4 at the tightest to 10 along 2200: over 6 in the middle, so a rod and half as deep as wide.
        self::assertSame('each', self::lines($document)['mask']['need']['unit']);
        self::assertGreaterThan(0.03, $line['need']['value']);
        self::assertLessThan(0.06, $line['need']['value']);
    }

    public function test_substitutes_of_a_screw_bite_and_stay_inside(): void
    {
        $lines = self::lines(self::demo('chart-room-fireside'));
        // 17.6 into a board 17.6 thick: 35.2 − 3 = 32.2 is the most; a 30 goes in, a 35 comes out.
        self::assertSame(['buy.screw_too_long', 35.0, 32.2],
            [$lines['buy.screw 1200000']['substitutes'][0]['key'], (float) $lines['buy.screw 1200000']['substitutes'][0]['args']['length']['mm'],
                $lines['buy.screw 1200000']['substitutes'][0]['args']['most']['mm']]);
    }

    public function test_a_currency_has_three_letters(): void
    {
        $document = Sample::e1();
        $document['shop'] = ['currency' => 'eur'];
        try {
            Planned::of($document);
            self::fail('It was taken.');
        } catch (DocumentRejected $e) {
            self::assertSame(['/shop/currency', 'document.currency_expected'], [$e->problems[0]->pointer, $e->problems[0]->says->key]);
        }
    }

    /** @return array<string, mixed> */
    private static function demo(string $room): array
    {
        return Demo::document($room);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, array<string, mixed>> by key
     */
    private static function lines(array $document): array
    {
        return array_column(Planned::of($document)->plan['buy']['lines'], null, 'key');
    }

    /**
     * @param  array<string, mixed>  $line
     * @return array{int|float, int|float, int|float, int} needed, with spare, in a pack, packs
     */
    private static function of(array $line): array
    {
        return [$line['need']['value'], $line['wanted']['value'], $line['pack']['value'], $line['packs']];
    }

    /** @param  array<string, mixed>  $line */
    private static function area(array $line): float
    {
        return (float) $line['sum'][0]['args']['area']['value'];
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Build\Carrying;

use Incastro\Core\Tests\Demo;
use Incastro\Core\Tests\Design\AnyPiece;
use Incastro\Core\Tests\Planned;
use PHPUnit\Framework\TestCase;

/** Lifting, fetching, in which order, and apart again. */
final class CarryingTest extends TestCase
{
    public function test_the_chart_shelves_by_hand(): void
    {
        $carrying = Planned::of(self::demo())->plan['carrying'];
        // Birch ply 680: sides 2 · 2.210 · 0.3738 · 0.0176 · 680 = 19.77, bottom and top 8.38, divider 9.73, nailers 0.99: 38.87;
        // the back is on by then: 2.208 · 0.9697 · 0.0062 · 680 = 9.02.
        $carcass = $carrying['loads'][0];
        self::assertEqualsWithDelta(47.89, $carcass['kg']['value'], 0.01);
        self::assertSame([971.7, 380, 2210], $carcass['size']);
        self::assertSame(3, $carcass['people'], '47.9 / 23');
        self::assertSame('carry.leave', $carcass['says'][0]['key'], 'one pair of hands is too few');
        self::assertEqualsWithDelta(9.887, $carcass['says'][0]['args']['heaviest']['value'], 0.001);
        // 2.44 · 1.22 · 0.0176 · 680 = 35.63 twice, 2.44 · 1.22 · 0.0062 · 680 = 12.55, a stick of 6 × 9.7 in softwood 0.10.
        self::assertEqualsWithDelta(83.91, $carrying['goods_kg']['value'], 0.02);
        self::assertNull($carrying['trips'], 'nothing is known of the car');
        $document = self::demo();
        $document['workshop'] += ['car_length' => 1900, 'car_width' => 1050, 'car_kg' => 40];
        $carrying = Planned::of($document)->plan['carrying'];
        self::assertSame(3, $carrying['trips'], '83.9 / 40');
        self::assertFalse($carrying['goods'][0]['fits']);
        $document['make'] = ['hands' => 3];
        self::assertSame([], Planned::of($document)->plan['carrying']['loads'][0]['says']);
    }

    public function test_goods_come_before_the_step_that_wants_them_and_what_is_bought_does_not(): void
    {
        $met = 0;
        foreach (range(1, 25) as $seed) {
            $document = (new AnyPiece($seed))->document();
            $plan = Planned::of($document)->plan;
            $place = array_flip(array_column($plan['steps'], 'id'));
            $at = array_map(fn (array $d): int => $place[$d['before']], $plan['carrying']['delivery']);
            $sorted = $at;
            sort($sorted);
            self::assertSame($sorted, $at, "seed $seed");
            $sheets = array_sum(array_map(fn (array $m): int => count($m['sheets']), $plan['cut']));
            self::assertSame($sheets,
                array_sum(array_map(fn (array $g): int => str_contains($g['name']['key'], 'sheet') ? $g['count'] : 0, $plan['carrying']['goods'])),
                "seed $seed");
            foreach ($plan['carrying']['loads'] as $load) {
                self::assertGreaterThanOrEqual($load['kg']['value'], 23 * $load['people'], "seed $seed");
                self::assertTrue($load['people'] >= 2 || max($load['size']) <= 1_400, "seed $seed: longer than one person can hold");
            }
            // As many are told wherever it is lifted.
            foreach (array_filter($plan['steps'], fn (array $s): bool => $s['kind'] === 'carry') as $step) {
                $load = array_values(array_filter($plan['carrying']['loads'], fn (array $l): bool => $l['parts'][0] === $step['parts'][0]));
                self::assertContains(array_column($load, 'people'), [[], [$step['hands']]], "seed $seed");
                $met += count($load);
            }
        }
        self::assertGreaterThan(10, $met, 'boxes both lifted in a step and told of');
    }

    public function test_it_comes_apart_the_way_it_went_together(): void
    {
        $plan = Planned::of(self::demo())->plan;
        $keys = array_column(array_column($plan['carrying']['apart'], 'title'), 'key');
        self::assertSame(['apart.caulk', 'apart.shelves', 'apart.trim', 'apart.filler',
            'apart.filler', 'apart.fix', 'apart.stand', 'apart.set_base', 'apart.glued'], $keys);
        $document = self::demo();
        $document['pieces'][array_key_first($document['pieces'])]['methods']['glue'] = false;
        self::assertSame('apart.dry', array_column(array_column(Planned::of($document)->plan['carrying']['apart'], 'title'), 'key')[8]);
    }

    /** @return array<string, mixed> */
    private static function demo(): array
    {
        return Demo::document('chart-room-left-niche');
    }
}

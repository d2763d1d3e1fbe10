<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Tests\Console\CommandLine;
use PHPUnit\Framework\TestCase;

/** Sheet plans as printed, proved by a verifier of their own. */
final class NestingTest extends TestCase
{
    use TestTrait;

    public function test_random_lists_give_plans_that_can_be_sawn(): void
    {
        $this->limitTo(25)->forAll(Generators::choose(1, 1_000_000), Generators::choose(0, 3))->then(function (int $seed, int $effort): void {
            mt_srand($seed);
            $kerf = mt_rand(0, 40) / 10;
            $trim = mt_rand(0, 200) / 10;
            $parts = [];
            for ($i = 0, $n = mt_rand(1, 30); $i < $n; $i++) {
                $parts["P$i"] = ['l' => mt_rand(300, 23_900) / 10, 'w' => mt_rand(300, 11_700) / 10,
                    'grain' => ['length', 'width', 'free'][mt_rand(0, 2)], 'qty' => mt_rand(1, 4)];
            }
            $this->assertSound($parts, $kerf, $trim, $effort);
        });
    }

    public function test_four_quarters_fill_one_sheet_only_if_the_kerf_is_paid(): void
    {
        // (2440 − 3.2) / 2 = 1218.4 and (1220 − 3.2) / 2 = 608.4 exactly; a hair more needs a second sheet.
        $fits = $this->nest(['A' => ['l' => 1218.4, 'w' => 608.4, 'grain' => 'length', 'qty' => 4]], 3.2, 0);
        self::assertSame(['optimal', 1], [$fits['status'], count($fits['sheets'])]);
        $over = $this->nest(['A' => ['l' => 1218.425, 'w' => 608.4, 'grain' => 'length', 'qty' => 4]], 3.2, 0);
        self::assertSame(['optimal', 2], [$over['status'], count($over['sheets'])], 'the bound sees that two wide ones share no row');
    }

    public function test_strips_fit_as_the_sum_says(): void
    {
        // n·w + (n − 1)·kerf + trims ≤ W: 4 × 300 + 3 × 3.2 + 2 × 5 = 1219.6.
        self::assertCount(1, $this->nest(['S' => ['l' => 2000, 'w' => 300, 'grain' => 'length', 'qty' => 4]], 3.2, 5)['sheets']);
        self::assertCount(2, $this->nest(['S' => ['l' => 2000, 'w' => 300.2, 'grain' => 'length', 'qty' => 4]], 3.2, 5)['sheets']);
    }

    public function test_a_part_larger_than_the_sheet_is_named_with_the_reason(): void
    {
        $plan = $this->nest(['Big' => ['l' => 2500, 'w' => 100, 'grain' => 'length', 'qty' => 2],
            'Small' => ['l' => 500, 'w' => 100, 'grain' => 'free', 'qty' => 1]], 3, 6);
        self::assertSame([['Big', 1], ['Big', 2]], array_map(fn (array $u): array => [$u['part'], $u['copy']], $plan['unplaced']));
        self::assertStringContainsString('2500 × 100', $plan['unplaced'][0]['reason']);
        self::assertCount(1, $plan['sheets']);
    }

    public function test_grain_across_the_length_lies_across_the_sheet(): void
    {
        $plan = $this->nest(['D' => ['l' => 700, 'w' => 400, 'grain' => 'width', 'qty' => 1]], 3, 6);
        self::assertSame([400, 700, true],
            [$plan['sheets'][0]['placements'][0]['length_mm'], $plan['sheets'][0]['placements'][0]['width_mm'], $plan['sheets'][0]['placements'][0]['turned']]);
    }

    public function test_the_same_seed_gives_the_same_layout_and_effort_never_makes_it_worse(): void
    {
        $parts = [];
        mt_srand(7);
        for ($i = 0; $i < 45; $i++) {
            $parts["P$i"] = ['l' => mt_rand(200, 1100), 'w' => mt_rand(150, 580), 'grain' => $i % 2 ? 'length' : 'free', 'qty' => 1];
        }
        $plain = $this->nest($parts, 3.2, 6);
        [$once, $again] = [$this->nest($parts, 3.2, 6, 3), $this->nest($parts, 3.2, 6, 3)];
        unset($once['seconds'], $again['seconds']);
        self::assertSame($once, $again);
        self::assertLessThanOrEqual(count($plain['sheets']), count($once['sheets']));
    }

    public function test_materials_and_thicknesses_are_nested_apart(): void
    {
        $csv = "name;qty;length_mm;width_mm;grain;material;thickness_mm\r\nSide;2;700;400;length;birch;17,6\r\n"
            ."Back;1;700;400;free;birch;6\r\n\"Top; oak\";1;600;\"24 3/8 in\";free;oak;18\r\n";
        $plan = CommandLine::json(CommandLine::nest("\xEF\xBB\xBF$csv", '--sheet', '2440x1220'));
        self::assertCount(3, $plan['sheets']);
        self::assertSame([17.6, 6, 18], array_column($plan['sheets'], 'thickness_mm'));
        self::assertSame(3, $plan['lower_bound']['sheets']);
        self::assertSame('Top; oak', $plan['sheets'][2]['placements'][0]['part']);
    }

    /** @param  array<string, array{l: int|float, w: int|float, grain: string, qty: int}>  $parts */
    private function assertSound(array $parts, float $kerf, float $trim, int $effort): void
    {
        $plan = $this->nest($parts, $kerf, $trim, $effort);
        $seen = [];
        foreach ($plan['sheets'] as $sheet) {
            self::assertSame([], LayoutVerifier::sheet($sheet, $parts, $kerf, $trim));
            foreach ($sheet['placements'] as $p) {
                $seen[] = "{$p['part']}#{$p['copy']}";
            }
        }
        foreach ($plan['unplaced'] as $u) {
            $seen[] = "{$u['part']}#{$u['copy']}";
        }
        $all = [];
        foreach ($parts as $name => $part) {
            array_push($all, ...array_map(fn (int $c): string => "$name#$c", range(1, $part['qty'])));
        }
        sort($seen);
        sort($all);
        self::assertSame($all, $seen, 'each copy once');
        self::assertLessThanOrEqual(count($plan['sheets']), $plan['lower_bound']['sheets']);
        self::assertSame($plan['lower_bound']['sheets'] === count($plan['sheets']) ? 'optimal' : 'feasible', $plan['status']);
    }

    /**
     * @param  array<string, array{l: int|float, w: int|float, grain: string, qty: int}>  $parts
     * @return array<string, mixed>
     */
    private function nest(array $parts, float $kerf, float $trim, int $effort = 0): array
    {
        $csv = "name,qty,length_mm,width_mm,grain\n";
        foreach ($parts as $name => $p) {
            $csv .= "$name,{$p['qty']},{$p['l']},{$p['w']},{$p['grain']}\n";
        }

        return CommandLine::json(CommandLine::nest($csv, '--sheet', '2440x1220', '--kerf',
            (string) $kerf, '--trim', (string) $trim, '--effort', (string) $effort));
    }
}

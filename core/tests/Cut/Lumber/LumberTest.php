<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Cut\Lumber;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Cut\Lumber\Lumber;
use Incastro\Core\Cut\Lumber\Stick;
use Incastro\Core\Cut\Nest\LaidSheet;
use Incastro\Core\Cut\Nest\Nested;
use Incastro\Core\Cut\Nest\Placement;
use PHPUnit\Framework\TestCase;

final class LumberTest extends TestCase
{
    use TestTrait;

    private const MM = 40_000;

    public function test_the_kerf_and_both_ends_are_paid(): void
    {
        // 2400 − 2 × 10 = 2380 = 3 × 791.2 + 2 × 3.2; a hair more needs a second stick.
        self::assertCount(1, self::lay([791.2, 791.2, 791.2], [new Stick('a', 'a', 2400 * self::MM)])->sheets);
        self::assertCount(2, self::lay([791.3, 791.2, 791.2], [new Stick('a', 'a', 2400 * self::MM)])->sheets);
    }

    public function test_the_cheaper_mix_of_two_lengths_is_bought(): void
    {
        // Five of 1150: two go on a 2.4 (2·1150 + 3.2 = 2303.2), three on a 3.6 (3456.4 of 3580).
        $sticks = [new Stick('long', '3.6 m', 3600 * self::MM, 1200), new Stick('short', '2.4 m', 2400 * self::MM, 820)];
        $laid = self::lay(array_fill(0, 5, 1150), $sticks);
        self::assertSame([2020, true], [$laid->cost(), $laid->isProvedOptimal()]);
    }

    public function test_no_part_lies_across_what_is_bad(): void
    {
        // In hand 1000, bad from 400 to 450: clear are 10…400 and 450…990.
        $sticks = [new Stick('h', 'in hand', 1000 * self::MM, 0, 1, true, [[400 * self::MM, 450 * self::MM]]), new Stick('a', 'a', 2400 * self::MM, 900)];
        $laid = self::lay([540, 390, 2370], $sticks);
        $at = [];
        foreach ($laid->sheets as $sheet) {
            foreach ($sheet->placements as $p) {
                $at[$p->item] = [$sheet->kind->inHand, $p->x / self::MM];
            }
        }
        ksort($at);
        self::assertSame(['P0' => [true, 450], 'P1' => [true, 10], 'P2' => [false, 10]], $at);
    }

    public function test_a_part_longer_than_every_stick_is_left(): void
    {
        $laid = self::lay([2500, 300], [new Stick('a', 'a', 2400 * self::MM)]);
        self::assertSame(['P0'], array_map(fn ($i): string => $i->id, $laid->unplaced));
        self::assertFalse($laid->missing() === 0.0);
    }

    public function test_random_lists_lie_on_their_sticks_and_cost_no_less_than_is_proved(): void
    {
        $this->limitTo(40)->forAll(Generators::choose(1, 1_000_000))->then(function (int $seed): void {
            mt_srand($seed);
            $sticks = [new Stick('a', 'a', 3600 * self::MM, 1200), ...(mt_rand(0, 1) ? [new Stick('b', 'b', 2400 * self::MM, 820)] : []),
                ...(mt_rand(0, 1) ? [new Stick('h', 'h', mt_rand(500, 2000) * self::MM, 0, 2, true, [[100 * self::MM, 130 * self::MM]])] : [])];
            $lengths = array_map(fn (): int => mt_rand(120, 2300), range(1, mt_rand(1, 30)));
            $laid = self::lay($lengths, $sticks);
            self::assertGreaterThanOrEqual($laid->leastCost, $laid->cost());
            self::assertSame([], $laid->unplaced);
            $seen = [];
            foreach ($laid->sheets as $sheet) {
                self::assertTrue(self::lies($sheet));
                array_push($seen, ...array_map(fn (Placement $p): string => $p->item, $sheet->placements));
            }
            self::assertEqualsCanonicalizing(array_map(fn (int $i): string => "P$i", array_keys($lengths)), $seen);
        });
    }

    public function test_most_seeded_lists_are_proved_optimal(): void
    {
        $proved = 0;
        for ($seed = 1; $seed <= 20; $seed++) {
            mt_srand($seed);
            $lengths = array_map(fn (): int => mt_rand(150, 2350), range(1, mt_rand(3, 40)));
            $proved += self::lay($lengths, [new Stick('a', 'a', 3600 * self::MM, 1200)])->isProvedOptimal() ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(19, $proved);
    }

    /**
     * @param  list<int|float>  $lengths  mm
     * @param  non-empty-list<Stick>  $sticks
     */
    private static function lay(array $lengths, array $sticks): Nested
    {
        $units = [];
        foreach ($lengths as $i => $mm) {
            $units["P$i"] = (int) round($mm * self::MM);
        }

        return (new Lumber('s', $sticks, 128_000, 10 * self::MM))->lay($units);
    }

    private static function lies(LaidSheet $sheet): bool
    {
        $at = $sheet->kind->usable()->x;
        $placements = $sheet->placements;
        usort($placements, fn (Placement $a, Placement $b): int => $a->x <=> $b->x);
        foreach ($placements as $p) {
            if ($p->x < $at) {
                return false;
            }
            $at = $p->right() + 128_000;
        }

        return $at - 128_000 <= $sheet->kind->usable()->x + $sheet->kind->usable()->length;
    }
}

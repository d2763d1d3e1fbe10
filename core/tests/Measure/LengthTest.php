<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Measure;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthNotReadable;
use PHPUnit\Framework\TestCase;

final class LengthTest extends TestCase
{
    use TestTrait;

    public function test_the_units_of_the_trade_are_all_exact(): void
    {
        self::assertSame(Length::PER_SIXTY_FOURTH, Length::fromMillimetres(25.4 / 64)->units);
        self::assertSame(1_016, Length::fromMillimetres(0.0254)->units);
        self::assertSame(4_000, Length::fromMillimetres(0.1)->units);
    }

    public function test_only_what_is_entered_has_a_bound(): void
    {
        self::assertSame(50_000, Length::entered(50_000)->millimetres());
        self::assertSame(70_710.7, Length::nearestTenth(hypot(50_000, 50_000))->millimetres());
        self::assertSame(1_000_000_000, Length::fromMillimetres(1_000_000_000)->millimetres());
        foreach ([50_000.025, -50_001, INF, NAN] as $mm) {
            try {
                Length::entered($mm);
                self::fail("$mm was taken for a length.");
            } catch (LengthNotReadable $e) {
                self::assertSame('range', $e->reason);
            }
        }
    }

    public function test_what_64_bits_do_not_hold_is_said_and_not_made_something_else(): void
    {
        foreach ([fn () => Length::fromMillimetres(1e15), fn () => Length::nearestTenth(-1e30), fn () => Length::nearestTenth(NAN)] as $make) {
            try {
                $make();
                self::fail('No length was expected.');
            } catch (\RangeException $e) {
                self::assertStringContainsString('cannot be rounded', $e->getMessage());
            }
        }
    }

    public function test_a_thousand_sixty_fourths_do_not_drift(): void
    {
        $sum = Length::zero();
        for ($i = 0; $i < 1000; $i++) {
            $sum = $sum->plus(Length::ofUnits(Length::PER_SIXTY_FOURTH));
        }
        self::assertSame(396.875, $sum->millimetres());
    }

    public function test_every_length_survives_json(): void
    {
        $this->forAll(Generators::choose(-2_000_000_000, 2_000_000_000))->then(function (int $units): void {
            $json = json_encode(Length::ofUnits($units), JSON_THROW_ON_ERROR);
            self::assertSame($units, Length::fromMillimetres(json_decode($json))->units);
            self::assertMatchesRegularExpression('/^-?\d+(\.\d{1,6})?$/', $json);
        });
    }

    public function test_a_split_sums_to_the_whole_in_nearly_equal_parts(): void
    {
        $this->forAll(Generators::choose(-40_000_000, 90_000_000), Generators::choose(1, 24))->then(function (int $units, int $n): void {
            $parts = array_map(fn (Length $l): int => $l->units, Length::ofUnits($units)->splitInto($n));
            self::assertCount($n, $parts);
            self::assertSame($units, array_sum($parts));
            self::assertLessThanOrEqual(1, max($parts) - min($parts));
        });
    }

    public function test_a_half_is_the_first_of_two_parts(): void
    {
        foreach ([-5, -4, -1, 0, 1, 2, 5, 15_001] as $units) {
            self::assertSame(Length::ofUnits($units)->splitInto(2)[0]->units, Length::ofUnits($units)->half()->units);
        }
    }

    public function test_the_least_and_greatest_of_one_are_that_one(): void
    {
        $one = Length::fromMillimetres(7);
        self::assertSame([7, 7], [Length::least($one)->millimetres(), Length::greatest($one)->millimetres()]);
        self::assertSame([3, 9], [Length::least($one, Length::fromMillimetres(9), Length::fromMillimetres(3))->millimetres(),
            Length::greatest($one, Length::fromMillimetres(9), Length::fromMillimetres(3))->millimetres()]);
    }

    public function test_what_is_finer_than_the_grid_is_refused(): void
    {
        $this->expectException(LengthNotReadable::class);
        Length::fromMillimetres(1 / 3);
    }

    public function test_splitting_into_nothing_is_an_error(): void
    {
        $this->expectException(\DivisionByZeroError::class);
        Length::fromMillimetres(10)->splitInto(0);
    }
}

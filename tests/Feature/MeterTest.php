<?php

declare(strict_types=1);

namespace Tests\Feature;

require_once __DIR__.'/../../support/meter/Device.php';

use Device;
use PHPUnit\Framework\TestCase;

/** The simulated distance meter, in a hidden room 1000 wide, 2400 high and 400 deep. */
final class MeterTest extends TestCase
{
    public function test_square_and_steady_it_reads_what_is_there(): void
    {
        $read = fn (array $press): float => self::meter()->press($press + ['steady' => true])['data']['mm'];
        self::assertSame([1000.0, 2400.0, 400.0], [$read(['way' => 'across', 'z' => 100]), $read(['way' => 'up']), $read(['way' => 'out'])]);
        self::assertSame(1002.0, $read(['way' => 'across', 'z' => 1100]), 'the right wall leans away 2 a metre');
    }

    public function test_out_of_square_it_reads_too_long_and_says_that_little_light_came_back(): void
    {
        $aimed = self::meter()->press(['off' => 20, 'steady' => true, 'z' => 100])['data'];
        self::assertEqualsWithDelta(1000 / cos(deg2rad(20)), $aimed['mm'], 0.06);
        self::assertLessThan(self::meter()->press(['steady' => true])['data']['quality'], $aimed['quality']);
        self::assertSame(['event' => 'trouble', 'data' => ['code' => 'no_signal']], self::meter()->press(['off' => 75]));
    }

    public function test_in_the_hand_it_wanders_more_when_its_battery_is_low(): void
    {
        $spread = function (float $battery): float {
            $meter = self::meter();
            $readings = [];
            for ($i = 0; $i < 400; $i++) {
                $meter->battery = $battery;
                $readings[] = $meter->press(['z' => 100])['data']['mm'] - 1000.0;
            }

            return sqrt(array_sum(array_map(fn (float $e): float => $e * $e, $readings)) / 400);
        };
        self::assertEqualsWithDelta(0.6, $spread(90.0), 0.15);
        self::assertEqualsWithDelta(1.8, $spread(10.0), 0.45);
    }

    public function test_each_press_costs_and_an_empty_one_says_goodbye(): void
    {
        $meter = self::meter();
        $before = $meter->battery;
        $meter->press([]);
        self::assertLessThan($before, $meter->battery);
        $meter->battery = 0.0;
        self::assertSame('goodbye', $meter->press([])['event']);
    }

    public function test_out_of_range_is_told(): void
    {
        $far = new Device(['hall' => ['name' => 'Hall', 'true' => self::surfaces(60_000.0)]]);
        self::assertSame('out_of_range', $far->press(['steady' => true])['data']['code']);
    }

    private static function meter(): Device
    {
        return new Device(['den' => ['name' => 'Den', 'true' => self::surfaces(1000.0)]]);
    }

    /** @return array<string, \Closure> */
    private static function surfaces(float $width): array
    {
        return [
            'left' => fn (float $y, float $z): float => 0.0, 'right' => fn (float $y, float $z): float => $width + 2.0 * ($z - 100) / 1000,
            'back' => fn (float $x, float $z): float => 0.0, 'front' => fn (float $x): float => 400.0,
            'floor' => fn (float $x, float $y): float => 0.0, 'ceiling' => fn (float $x, float $y): float => 2400.0,
        ];
    }
}

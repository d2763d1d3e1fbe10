<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Survey\Misreading;
use Incastro\Core\Tests\Demo;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MisreadingTest extends TestCase
{
    /** @return iterable<string, array{string, string, float, float, string|null, float|null}> */
    public static function rows(): iterable
    {
        foreach (Demo::json('core/tests/fixtures/misreadings.json')['rows'] as $row) {
            yield "$row[0] $row[1], others say $row[2]" => $row;
        }
    }

    #[DataProvider('rows')]
    public function test_a_slip_that_lands_where_the_others_say_explains_it(string $typed, string $unit, float $expected, float $deviation, ?string $key,
        ?float $mm): void
    {
        $guess = Misreading::of(self::take($typed, Unit::from($unit)), $expected, $deviation, Unit::from($unit));
        self::assertSame($key, $guess?->key);
        if ($mm !== null) {
            self::assertEqualsWithDelta($mm, $guess->args['as']->millimetres(), 1e-6);
            self::assertArrayHasKey((string) $key, Demo::words());
        }
    }

    private static function take(string $typed, Unit $unit): Take
    {
        return new Take('T', 'R', LengthReader::read($typed, $unit)->length, null, $typed, null, null);
    }
}

<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Facts\Take;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;
use Incastro\Core\Survey\Misreading;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MisreadingTest extends TestCase
{
    /** What was typed, what the others say (mm), how it is explained, and what would agree. */
    #[TestWith(['1084', 'mm', 1047.6, 'survey.misread_digits', 1048])]
    #[TestWith(['1058', 'mm', 1047.9, 'survey.misread_ten', 1048])]
    #[TestWith(['948', 'mm', 1047.5, 'survey.misread_ten', 1048])]
    #[TestWith(['35 5/8', 'in', 879.0, 'survey.misread_inch', 879.475])]
    #[TestWith(['34 5/8', 'in', 873.4, 'survey.misread_fraction', 873.125])]
    public function test_a_slip_that_lands_where_the_others_say_explains_it(string $typed, string $unit, float $expected, string $key, float $mm): void
    {
        $guess = Misreading::of(self::take($typed, Unit::from($unit)), $expected, 0.8, Unit::from($unit));
        self::assertSame($key, $guess?->key);
        self::assertEqualsWithDelta($mm, $guess->args['as']->millimetres(), 1e-6);
    }

    #[TestWith(['1065', 'mm', 1047.6])]
    #[TestWith(['34 5/8', 'in', 868.0])]
    public function test_what_no_slip_explains_is_left_alone(string $typed, string $unit, float $expected): void
    {
        self::assertNull(Misreading::of(self::take($typed, Unit::from($unit)), $expected, 0.8, Unit::from($unit)));
    }

    private static function take(string $typed, Unit $unit): Take
    {
        return new Take('T', 'R', LengthReader::read($typed, $unit)->length, null, $typed, null, null);
    }
}

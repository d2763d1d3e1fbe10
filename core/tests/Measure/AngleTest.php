<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Measure;

use Incastro\Core\Measure\Angle;
use Incastro\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

final class AngleTest extends TestCase
{
    public function test_a_ceiling_that_rises_480_over_700(): void
    {
        $slope = Angle::ofSlope(Length::fromMillimetres(480), Length::fromMillimetres(700));
        self::assertEqualsWithDelta(34.44, $slope->degrees, 0.005);
        self::assertEqualsWithDelta(55.56, $slope->complement()->degrees, 0.005);
        self::assertEqualsWithDelta(480 / 700, $slope->tangent(), 1e-12);
    }
}

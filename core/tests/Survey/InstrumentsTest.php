<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Survey;

use Incastro\Core\Document\Reading\ProjectReader;
use Incastro\Core\Measure\Length;
use Incastro\Core\Survey\Instruments;
use Incastro\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class InstrumentsTest extends TestCase
{
    public function test_a_class_ii_tape_with_its_end_bent(): void
    {
        $tape = fn (float $mm): int|float => self::instruments()->tapeLimit(Length::fromMillimetres($mm))->millimetres();
        // ±(0.3 + 0.2·L) + 1, L in metres rounded up.
        self::assertSame([1.5, 1.5, 1.7, 1.9], array_map($tape, [500, 1000, 1000.1, 2391]));
    }

    public function test_a_level_by_the_metre(): void
    {
        self::assertSame(1.1, self::instruments()->levelLimit(Length::fromMillimetres(2200))->millimetres());
        self::assertSame(1.1, self::instruments()->levelLimit(Length::fromMillimetres(-2200))->millimetres());
    }

    public function test_a_limit_becomes_a_standard_deviation(): void
    {
        self::assertEqualsWithDelta(1.7 / sqrt(3), Instruments::standard(Length::fromMillimetres(1.7)), 1e-12);
        self::assertGreaterThan(0, Instruments::standard(Length::zero()), 'a perfect tape must not divide by nothing');
    }

    private static function instruments(): Instruments
    {
        return new Instruments(ProjectReader::read(Sample::e1())->workshop);
    }
}

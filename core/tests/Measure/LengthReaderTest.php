<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Measure;

use Eris\Generators;
use Eris\TestTrait;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthFormat;
use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The table is shared with the browser's reader (resources/js/measure/read.test.ts). */
final class LengthReaderTest extends TestCase
{
    use TestTrait;

    /** @param  list<string>  $notes */
    #[DataProvider('accepted')]
    public function test_reads(string $text, Unit $unit, int|float $mm, bool $exact, array $notes): void
    {
        $read = LengthReader::read($text, $unit);
        self::assertSame((float) $mm, (float) $read->length->millimetres());
        self::assertSame($exact, $read->exact);
        self::assertSame($notes, $read->notes);
    }

    /** @return iterable<string, array{string, Unit, int|float, bool, list<string>}> */
    public static function accepted(): iterable
    {
        foreach (self::table()['accepted'] as $row) {
            yield "{$row['text']} in {$row['unit']}" => [$row['text'], Unit::from($row['unit']), $row['mm'], $row['exact'] ?? true, $row['notes'] ?? []];
        }
    }

    #[DataProvider('refused')]
    public function test_refuses_with_the_reason(string $text, Unit $unit, string $reason): void
    {
        try {
            LengthReader::read($text, $unit);
            self::fail("\"$text\" was read.");
        } catch (LengthNotReadable $e) {
            self::assertSame($reason, $e->reason);
            self::assertMatchesRegularExpression('/^[A-Z"].*\.$/u', $e->getMessage());
        }
    }

    /** @return iterable<string, array{string, Unit, string}> */
    public static function refused(): iterable
    {
        foreach (self::table()['refused'] as $row) {
            yield "\"{$row['text']}\"" => [$row['text'], Unit::from($row['unit']), $row['reason']];
        }
    }

    public function test_reading_undoes_every_lossless_format(): void
    {
        $grids = [['mm', 4_000], ['mm', 40], ['in', Length::PER_SIXTY_FOURTH], ['in', 1_016]];
        foreach ($grids as [$name, $step]) {
            $unit = Unit::from($name);
            $this->forAll(Generators::choose(-60_000, 60_000))->then(function (int $n) use ($unit, $step): void {
                $length = Length::ofUnits($n * $step);
                $read = LengthReader::read(LengthFormat::lossless($length, $unit), $unit);
                self::assertSame($length->units, $read->length->units);
                self::assertTrue($read->exact);
            });
        }
    }

    public function test_the_other_unit_is_the_nearest_sixty_fourth(): void
    {
        self::assertSame('33 13/64 in', LengthFormat::nearest(Length::fromMillimetres(843.475), Unit::Inch));
        self::assertSame('-3/4 in', LengthFormat::nearest(Length::fromMillimetres(-19.05), Unit::Inch));
        self::assertSame('0 in', LengthFormat::nearest(Length::fromMillimetres(0.1), Unit::Inch));
    }

    /** @return array{accepted: list<array<string, mixed>>, refused: list<array<string, mixed>>} */
    private static function table(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../fixtures/lengths.json'), true, 8, JSON_THROW_ON_ERROR);
    }
}

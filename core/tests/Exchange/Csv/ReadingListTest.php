<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Exchange\Csv;

use Incastro\Core\Exchange\Csv\CsvNotReadable;
use Incastro\Core\Exchange\Csv\ReadingList;
use Incastro\Core\Measure\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadingListTest extends TestCase
{
    private const READINGS = [
        ['id' => 'w1', 'name' => 'Width at 100 mm', 'angle' => false], ['id' => 'w2', 'name' => 'Width at 1 200 mm', 'angle' => false],
        ['id' => 'h', 'name' => 'Height at the left', 'angle' => false], ['id' => 'c', 'name' => 'Angle of the left back corner', 'angle' => true],
    ];

    /** @return iterable<string, array{string, list<array{string|null, float|null}>}> */
    public static function lists(): iterable
    {
        yield 'by number, with a heading' => ["no,reading,read\n1,,1048\n3,,2391\n", [['w1', 1048.0], ['h', 2391.0]]];
        yield 'by name, in another case and spelling' => ["Reading;Value\r\nwidth at 1200mm;1043,5\r\nHEIGHT AT THE LEFT;2391\r\n",
            [['w2', 1043.5], ['h', 2391.0]]];
        yield 'no heading at all' => ["1\t1048\n2\t1043.5\n3\t2391\n", [['w1', 1048.0], ['w2', 1043.5], ['h', 2391.0]]];
        yield 'names and sizes without a heading' => ["Width at 100 mm,1048\nHeight at the left,2391\n", [['w1', 1048.0], ['h', 2391.0]]];
        yield 'inches by what stands over them' => ["what,in\nWidth at 100 mm,41 1/4\n", [['w1', 1047.75]]];
        yield 'an angle' => ["#,read\n4,90.4°\n", [['c', 90.4]]];
        yield 'a length with its own unit' => ["#,read\n1,104.8 cm\n2,41 1/8 in\n", [['w1', 1048.0], ['w2', 1044.575]]];
    }

    /** @param  list<array{string|null, float|null}>  $expected */
    #[DataProvider('lists')]
    public function test_rows_find_their_readings(string $text, array $expected): void
    {
        $rows = ReadingList::read($text, self::READINGS, Unit::Millimetre)['rows'];
        self::assertSame($expected, array_map(fn (array $r): array => [$r['reading'], $r['value']], $rows));
    }

    public function test_a_column_the_person_chose_stands(): void
    {
        $text = "1\t1048\n2\t1043.5\n";
        $read = ReadingList::read($text, self::READINGS, Unit::Millimetre, ['number' => 0, 'value' => 1]);
        self::assertSame([['w1', 1048.0], ['w2', 1043.5]], array_map(fn (array $r): array => [$r['reading'], $r['value']], $read['rows']));
        self::assertSame(['column 1', 'column 2'], $read['titles']);
    }

    public function test_what_is_not_a_length_is_said_and_the_rest_goes_on(): void
    {
        $rows = ReadingList::read("#,read\n1,about a metre\n2,1043.5\n3,\n", self::READINGS, Unit::Millimetre)['rows'];
        self::assertSame(['expected a length such as 1043.5', null, null], array_column($rows, 'trouble'));
        self::assertSame([null, 1043.5, null], array_column($rows, 'value'));
    }

    public function test_a_reading_named_twice_is_left_to_be_said(): void
    {
        $rows = ReadingList::read("#,read\n1,1048\n1,1047\n", self::READINGS, Unit::Millimetre)['rows'];
        self::assertSame(['w1', null], array_column($rows, 'reading'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ["  \n \n", 'The list of readings is empty'];
        yield 'no sizes' => ["width,height\nwide,high\n", 'has no column of sizes'];
        yield 'not text' => ["#,read\n1,\xff\xfe\n", 'Line 2 is not text in UTF-8'];
        yield 'too much' => [str_repeat("1,2\n", 402), 'holds more than 400'];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_list_is_refused_with_the_reason(string $text, string $says): void
    {
        $this->expectException(CsvNotReadable::class);
        $this->expectExceptionMessage($says);
        ReadingList::read($text, self::READINGS, Unit::Millimetre);
    }
}

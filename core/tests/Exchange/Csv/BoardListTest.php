<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Exchange\Csv;

use Incastro\Core\Exchange\Csv\BoardList;
use Incastro\Core\Measure\Unit;
use PHPUnit\Framework\TestCase;

final class BoardListTest extends TestCase
{
    private const STOCK = ['ply18' => ['name' => 'Birch ply 18', 'thickness' => 17.6], 'ply6' => ['name' => 'Birch ply 6', 'thickness' => 6.2]];

    public function test_a_list_with_its_own_headings_is_matched_by_what_stands_over_the_columns(): void
    {
        $read = BoardList::read("Qty;Description;L;W;Thick;Grain\n2;Jig base;600;250;18;free\n1;Fence;900,5;80;6;length\n", self::STOCK, Unit::Millimetre);
        self::assertSame([], $read['missing']);
        self::assertSame([
            ['line' => 2, 'name' => 'Jig base', 'length' => 600.0, 'width' => 250.0, 'count' => 2, 'material' => 'ply18', 'grain' => false, 'trouble' => null],
            ['line' => 3, 'name' => 'Fence', 'length' => 900.5, 'width' => 80.0, 'count' => 1, 'material' => 'ply6', 'grain' => true, 'trouble' => null],
        ], $read['rows']);
    }

    public function test_inches_are_read_where_they_are_said(): void
    {
        $rows = BoardList::read("name,length in,width in\nShelf,36 1/4,11 7/8\n", self::STOCK, Unit::Millimetre)['rows'];
        self::assertSame([920.75, 301.625, null], [$rows[0]['length'], $rows[0]['width'], $rows[0]['material']]);
    }

    public function test_columns_that_are_not_found_are_asked_for_and_then_read(): void
    {
        $text = "Teil\tLang\tBreit\nBrett\t600\t250\n";
        self::assertSame([['length', 'width'], []], [($read = BoardList::read($text, self::STOCK, Unit::Millimetre))['missing'], $read['rows']]);
        $rows = BoardList::read($text, self::STOCK, Unit::Millimetre, ['name' => 0, 'length' => 1, 'width' => 2])['rows'];
        self::assertSame(['Brett', 600.0], [$rows[1]['name'] ?? $rows[0]['name'], $rows[1]['length'] ?? $rows[0]['length']]);
    }

    public function test_a_bad_row_says_what_is_wrong_and_the_others_stand(): void
    {
        $rows = BoardList::read("name,length,width,qty\nA,600,wide,1\nB,600,250,many\nC,600,250,3\n", self::STOCK, Unit::Millimetre)['rows'];
        self::assertSame(['the width is "wide"; expected a length such as 564 or 22 1/4 in',
            'how many is "many"; expected a whole number from 1 to 200', null], array_column($rows, 'trouble'));
    }

    public function test_a_thickness_that_two_materials_have_is_left_open(): void
    {
        $stock = self::STOCK + ['oak18' => ['name' => 'Oak 18', 'thickness' => 18.0]];
        $rows = BoardList::read("name,length,width,thickness,material\nA,600,250,18,\nB,600,250,18,OAK 18\n", $stock, Unit::Millimetre)['rows'];
        self::assertSame([null, 'oak18'], array_column($rows, 'material'));
    }
}

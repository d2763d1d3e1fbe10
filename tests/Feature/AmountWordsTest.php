<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Amounts;
use Incastro\Core\Measure\Unit;
use Tests\TestCase;

/** The server shows amounts and money as the browser does: both are held to schema/amounts.json. */
final class AmountWordsTest extends TestCase
{
    public function test_amounts_and_money_are_shown_as_the_table_says(): void
    {
        /** @var array{amounts: list<array{amount: array{value: float, unit: string}, mm: string, in: string}>, money: list<array{cents: int, currency: string, text: string}>} $table */
        $table = json_decode((string) file_get_contents(base_path('schema/amounts.json')), true, 16, JSON_THROW_ON_ERROR);
        foreach ($table['amounts'] as $row) {
            self::assertSame($row['mm'], Amounts::show($row['amount']['value'], $row['amount']['unit'], Unit::Millimetre));
            self::assertSame($row['in'], Amounts::show($row['amount']['value'], $row['amount']['unit'], Unit::Inch));
        }
        foreach ($table['money'] as $row) {
            self::assertSame($row['text'], Amounts::money($row['cents'], $row['currency']));
        }
        self::assertCount(13, $table['amounts']);
    }
}

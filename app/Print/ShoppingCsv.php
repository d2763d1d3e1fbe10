<?php

declare(strict_types=1);

namespace App\Print;

use App\Words\Catalogue;
use Incastro\Core\Exchange\Csv\CsvTable;

/** The shopping list as comma-separated text, one line a thing; amounts in its unit column, money in the currency's hundredths as decimals (docs/formats.md). */
final class ShoppingCsv
{
    private const HEADER = ['shop', 'sort', 'what', 'unit', 'needed', 'with_spare', 'in_hand', 'to_buy', 'pack', 'packs', 'price', 'cost', 'currency', 'bought_packs', 'spent', 'instead'];

    /** @param  array<string, mixed>  $plan */
    public static function of(array $plan): string
    {
        $words = Catalogue::own();
        $list = PlanReader::shopping($plan);
        $money = fn (?int $cents): string => $cents === null ? '' : number_format($cents / 100, 2, '.', '');
        $rows = [self::HEADER];
        foreach (ShoppingLines::byShop($list, $words) as $shop => $lines) {
            foreach ($lines as $line) {
                $rows[] = [$shop, $line['group'], $words->renderPlain($line['name']), $line['need']['unit'], $line['need']['value'], $line['wanted']['value'], $line['in_hand']['value'],
                    $line['short']['value'], $line['pack']['value'], $line['packs'], $money($line['price_cents']), $money($line['cost_cents']), $list['currency'],
                    $line['got_packs'], $money($line['spent_cents']), $line['instead'] ?? ''];
            }
        }

        return CsvTable::write($rows);
    }
}

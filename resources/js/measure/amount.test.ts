import { expect, test } from 'vitest';
import table from '../../../schema/amounts.json';
import { type Amount, money, showAmount } from './amount';

test.each(table.amounts)('$amount.value $amount.unit is shown as $mm and $in', (row) => {
    expect(showAmount(row.amount as Amount, 'mm')).toBe(row.mm);
    expect(showAmount(row.amount as Amount, 'in')).toBe(row.in);
});

test.each(table.money)('$cents hundredths of $currency are $text', (row) => {
    expect(money(row.cents, row.currency)).toBe(row.text);
});

import { expect, test } from 'vitest';
import type { Purchase, ShoppingList } from '../../api/plan';
import { heaps, setLine, standing } from './buy';

const line = (given: Partial<Purchase>): Purchase =>
    ({ key: 'k', group: 'screws', shop: 'hardware', packs: 1, bought: false, left_out: false, ...given }) as Purchase;

test('each field of a line is said by itself', () => {
    expect(setLine('glue', { in_hand: 1, instead: null })).toEqual([
        { op: 'set', path: ['shop', 'lines', 'glue', 'in_hand'], value: 1 },
        { op: 'set', path: ['shop', 'lines', 'glue', 'instead'], value: null },
    ]);
});

test('heaps are by shop, the usual ones first, or by sort', () => {
    const list = {
        lines: [line({ key: 'a', shop: 'mine' }), line({ key: 'b', shop: 'timber', group: 'sheets' }), line({ key: 'c', shop: 'mine' })],
    } as unknown as ShoppingList;
    expect(heaps(list, 'shop').map((h) => [h.key, h.lines.map((l) => l.key)])).toEqual([
        ['timber', ['b']],
        ['mine', ['a', 'c']],
    ]);
    expect(heaps(list, 'group').map((h) => h.key)).toEqual(['screws', 'sheets']);
});

test('a line is to buy, bought, in hand or left out', () => {
    expect([line({}), line({ bought: true }), line({ packs: 0 }), line({ left_out: true, packs: 0 })].map(standing)).toEqual([
        'buy',
        'bought',
        'in_hand',
        'left_out',
    ]);
});

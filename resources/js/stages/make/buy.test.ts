import { expect, test } from 'vitest';
import type { ProjectDocument } from '../../api/document';
import type { Purchase, ShoppingList } from '../../api/plan';
import { heaps, setLine, setShop, standing } from './buy';

const document = (shop?: ProjectDocument['shop']): ProjectDocument => ({ shop }) as ProjectDocument;
const line = (given: Partial<Purchase>): Purchase =>
    ({ key: 'k', group: 'screws', shop: 'hardware', packs: 1, bought: false, left_out: false, ...given }) as Purchase;

test('the first thing said of a line brings the shop with it', () => {
    expect(setLine(document(), 'glue', { in_hand: 1 })).toEqual({ op: 'set', path: ['shop'], value: { lines: { glue: { in_hand: 1 } } } });
    expect(setLine(document({ currency: 'GBP' }), 'glue', { in_hand: 1 })).toEqual({
        op: 'set',
        path: ['shop', 'lines'],
        value: { glue: { in_hand: 1 } },
    });
});

test('what was said of a line before stays, and null takes away', () => {
    const at = document({ lines: { glue: { in_hand: 1, instead: 'hide glue' } } });
    expect(setLine(at, 'glue', { instead: null, pack: 2 })).toEqual({
        op: 'set',
        path: ['shop', 'lines', 'glue'],
        value: { in_hand: 1, pack: 2 },
    });
    expect(setShop(at, 'currency', 'CHF').path).toEqual(['shop', 'currency']);
    expect(setShop(document(), 'currency', 'CHF')).toEqual({ op: 'set', path: ['shop'], value: { currency: 'CHF' } });
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

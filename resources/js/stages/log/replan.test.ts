import { expect, test } from 'vitest';
import type { Plan } from '../../api/plan';
import { accounts, difference, insteadWith, labelOf, type Row, sheetOf } from './replan';

const account = { sheet: 10, parts: 6, leftovers: 3, lost: 1, trim: 1, kerf: 0, spoiled: 0, trimmed: 0 };
const plan = {
    parts: [{ id: 'p1', label: 'A1' }],
    cut: [
        {
            material: 'ply',
            name: 'Ply',
            sheets: [
                { begun: 'b1', left_of: null, in_hand: false, account },
                { begun: null, left_of: 'b1', in_hand: true, account },
                { begun: null, left_of: null, in_hand: false, account },
            ],
        },
    ],
} as unknown as Plan;

test('a begun sheet goes by its number, and what is left of it says so', () => {
    expect(sheetOf(plan, 'b1')).toBe('sheet 1');
    expect(sheetOf(plan, 'gone')).toBe('a sheet that is no more');
    expect(accounts(plan).map((a) => a.of)).toEqual(['begun', 'what is left of sheet 1', 'whole']);
});

test('a part that is no more says so', () => {
    expect([labelOf(plan, 'p1'), labelOf(plan, 'p2')]).toEqual(['A1', 'a part that is no more']);
});

test('what is wanted instead is kept piece by piece', () => {
    const row = (item: string): Row => ({ begun: 'b1', item }) as Row;
    const first = insteadWith({}, row('x'), 'lost');
    expect(insteadWith(first, row('y'), 'stock')).toEqual({ b1: { x: 'lost', y: 'stock' } });
    expect(first).toEqual({ b1: { x: 'lost' } });
});

test('a difference says which way', () => {
    const said = (a: number, b: number): string => difference(a, b, String);
    expect([said(3, 2), said(1, 4), said(2, 2)]).toEqual(['+1', '−3', 'as before']);
});

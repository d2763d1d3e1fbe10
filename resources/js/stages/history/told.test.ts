import { expect, it } from 'vitest';
import type { ToldRow } from '../../api/client';
import type { Text } from '../../measure/words';
import { by, byArea, change } from './told';

const plain = (name: string): Text => ({ key: 'history.plain', args: { value: { type: 'name', name } } });
const length = (mm: number): Text => ({ key: 'history.length', args: { length: { type: 'length', mm } } });
const row = (of: Partial<ToldRow>): ToldRow => ({ area: 'piece', what: plain('shelf 2, clear below'), before: null, after: null, ...of });

it('says both values, in the unit that is read', () => {
    expect(change(row({ before: length(300), after: length(330.2) }), 'mm').replace(/\u2060/g, '')).toMatch(
        /^Shelf 2, clear below: 300.mm → 330\.2.mm$/,
    );
    expect(change(row({ before: length(304.8), after: length(330.2) }), 'in')).toMatch(/: 12.in → 13.in$/);
});

it('says what is new and what is gone', () => {
    expect(change(row({ after: plain('hanging') }), 'mm')).toBe('Shelf 2, clear below: hanging');
    expect(change(row({ before: plain('hanging') }), 'mm')).toBe('Shelf 2, clear below: taken away, was hanging');
    expect(change(row({}), 'mm')).toBe('Shelf 2, clear below');
});

it('sorts rows by what they belong to and leaves out what did not change', () => {
    const areas = byArea([row({ area: 'log' }), row({}), row({ area: 'room' }), row({})]);
    expect(areas.map((a) => [a.title, a.rows.length])).toEqual([
        ['The room', 1],
        ['The piece', 2],
        ['What was written down', 1],
    ]);
});

it('counts up and down', () => {
    const n = (x: number): string => `${x}`;
    expect([by(5, 3, n), by(3, 5, n), by(4, 4, n)]).toEqual(['+2', '−2', 'the same']);
});

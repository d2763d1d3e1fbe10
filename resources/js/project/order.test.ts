import { expect, test } from 'vitest';
import { inOrder } from './order';

test('elements come by their order key, and by id where two share one', () => {
    const found = inOrder({ c: { order: 'a' }, a: { order: 'b' }, b: { order: 'a' }, d: {} });
    expect(found.map(([id]) => id)).toEqual(['d', 'b', 'c', 'a']);
});

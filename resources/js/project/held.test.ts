import { beforeEach, expect, it } from 'vitest';
import type { Walked } from '../api/plan';
import { asked, held, howFar } from './held';

const width = (expected: Walked['expected']): Walked => ({ id: 'r', kind: 'width', takes: [], expected }) as unknown as Walked;
const known = { value: 1126.4, deviation: 2, within: 9 };

beforeEach(() => void (held.value = null));

it('lets through what the room allows, and what nothing is expected of', async () => {
    const read = { value: 1134, typed: '1134' };
    expect(await asked(width(known), read, 'mm')).toEqual(read);
    expect(await asked(width(null), { value: 1926, typed: '1926' }, 'mm')).toEqual({ value: 1926, typed: '1926' });
    expect(held.value).toBeNull();
});

it('holds what is further off, says by how much and what may have been meant, and keeps what is answered', async () => {
    const kept = asked(width(known), { value: 1926, typed: '1926' }, 'mm');
    expect(howFar(held.value!, 'mm')).toBe('800\u00a0mm more than expected');
    expect(held.value!.guess).toEqual({ value: 1126, typed: '1126' });
    held.value!.answer(held.value!.guess);
    expect(await kept).toEqual({ value: 1126, typed: '1126' });
    expect(held.value).toBeNull();
    const all = asked(width(known), { value: 1100, typed: '1100' }, 'mm');
    expect(howFar(held.value!, 'mm')).toBe('26\u00a0mm less than expected');
    held.value!.answer({ value: 1100, typed: '1100' });
    expect(await all).toEqual({ value: 1100, typed: '1100' });
});

it('keeps nothing that is to be taken again, or that another number comes after', async () => {
    const first = asked(width(known), { value: 1926, typed: '1926' }, 'mm');
    const second = asked(width(known), { value: 1026, typed: '1026' }, 'mm');
    await expect(first).rejects.toThrow('more than expected');
    held.value!.answer(null);
    await expect(second).rejects.toThrow('less than expected. Take it again.');
});

it('tells inches to an eighth, and degrees to a tenth without guessing', () => {
    void asked(width({ value: 879.2, deviation: 0.8, within: 9 }), { value: 904.875, typed: '35 5/8' }, 'in').catch(() => undefined);
    expect(howFar(held.value!, 'in')).toBe('1\u00a0in more than expected');
    expect(held.value!.guess?.typed).toBe('34 5/8');
    const angle = { id: 'a', kind: 'corner_angle', takes: [], expected: { value: 90.1, deviation: 0.5, within: 2 } } as unknown as Walked;
    void asked(angle, { value: 98, typed: '98' }, 'mm').catch(() => undefined);
    expect(howFar(held.value!, 'mm')).toBe('7.9° more than expected');
    expect(held.value!.guess).toBeNull();
});

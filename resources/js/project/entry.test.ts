import { beforeEach, expect, it } from 'vitest';
import type { Walked } from '../api/plan';
import { again, found, instrument, instrumentOf, taken, turnedRound } from './entry';
import { foundAt, nowhere } from './readings';

const reading = (kind: Walked['kind'], ...takes: string[]): Walked =>
    ({ id: 'r', kind, takes: takes.map((id) => ({ id })) }) as unknown as Walked;

beforeEach(() => {
    again.value = false;
    instrument.value = null;
    found.value = nowhere;
});

it('reads with the usual instrument until another is chosen', () => {
    expect([instrumentOf('width'), instrumentOf('plumb'), instrumentOf('corner_angle')]).toEqual(['tape', 'level', 'gauge']);
    instrument.value = 'meter';
    expect(instrumentOf('width')).toBe('meter');
});

it('goes back to the usual where the chosen one cannot read it', () => {
    instrument.value = 'meter';
    expect([instrumentOf('plumb'), instrumentOf('gap')]).toEqual(['level', 'tape']);
    expect(taken(reading('plumb'), 4, '4')[0]!.value).not.toHaveProperty('with');
});

it('says what a number was read with only when that was chosen', () => {
    expect(taken(reading('width'), 1048.5, '1048.5')[0]!.value).not.toHaveProperty('with');
    instrument.value = 'meter';
    expect(taken(reading('width'), 1048.5, '1048.5')[0]!.value).toMatchObject({ value: 1048.5, typed: '1048.5', with: 'meter' });
});

it('keeps one number as the meter sent it and the next as it is usually read', () => {
    expect(taken(reading('width'), 1047.5, '1047.5 mm', 'meter')[0]!.value).toMatchObject({ with: 'meter' });
    expect(taken(reading('width'), 1048, '1048')[0]!.value).not.toHaveProperty('with');
});

it('puts a number in the place of what stood, or beside it when taken again', () => {
    expect(taken(reading('width', 't1', 't2'), 1047, '1047').map((o) => o.op)).toEqual(['append', 'strike', 'strike']);
    again.value = true;
    expect(taken(reading('width', 't1', 't2'), 1047, '1047').map((o) => o.op)).toEqual(['append']);
});

it('says where it was found of what is looked for all over, and of nothing else', () => {
    found.value = { z: 1700, y: 200 };
    expect(taken(reading('slid_edge'), 6, '6')[0]!.value).toMatchObject({ value: 6, z: 1700, y: 200 });
    expect(taken(reading('width'), 1047, '1047')[0]!.value).not.toHaveProperty('z');
    found.value = nowhere;
    expect(taken(reading('slid_edge'), 0, '0')[0]!.value).not.toHaveProperty('z');
});

it('keeps the place of a number that is put right, and the number of a place that is', () => {
    const slid = {
        id: 'r',
        kind: 'slid_edge',
        takes: [{ id: 't', value: 6, typed: '6', with: 'tape', at: null, z: 1700, y: 200 }],
    } as unknown as Walked;
    expect(taken(slid, 5, '5')[0]!.value).toMatchObject({ value: 5, z: 1700, y: 200 });
    const [take, strike] = foundAt(slid, { z: 900, y: 200 }, '2026-11-24T10:00:00.000Z');
    expect(take!.value).toMatchObject({ value: 6, typed: '6', z: 900, y: 200 });
    expect(strike).toEqual({ op: 'strike', path: ['facts', 't'] });
    again.value = true;
    expect(taken(slid, 5, '5')[0]!.value).not.toHaveProperty('z');
});

it('asks for another way of holding it where it is taken once more', () => {
    expect(turnedRound('width')).toContain('other side');
    expect([turnedRound('plumb'), turnedRound('corner_angle')]).toEqual(Array(2).fill(expect.stringContaining('round')));
    expect([turnedRound('gap'), turnedRound('slid_edge')]).toEqual(Array(2).fill(expect.stringContaining('anew')));
});

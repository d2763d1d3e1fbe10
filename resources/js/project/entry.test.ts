import { beforeEach, expect, it } from 'vitest';
import type { Walked } from '../api/plan';
import { again, instrument, instrumentOf, taken } from './entry';

const reading = (kind: Walked['kind'], ...takes: string[]): Walked =>
    ({ id: 'r', kind, takes: takes.map((id) => ({ id })) }) as unknown as Walked;

beforeEach(() => {
    again.value = false;
    instrument.value = null;
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

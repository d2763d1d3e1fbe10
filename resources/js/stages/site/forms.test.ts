import { expect, it } from 'vitest';
import type { ReadingForm, Walked } from '../../api/plan';
import { placed, places } from './forms';
import { instrumentsFor, neighbour, noteOf, readingAdded, strikeOf, takeAgain, takeInstead } from '../../project/readings';

const reading = (id: string, takes: string[] = [], kind = 'width'): Walked =>
    ({ id, kind, takes: takes.map((t) => ({ id: t })) }) as unknown as Walked;
const at = '2026-11-24T10:00:00.000Z';

it('corrects a reading by a new take and strikes out what stood', () => {
    const ops = takeInstead(reading('w1', ['t1', 't2']), 1048.5, '1048,5', { at });
    expect(ops.map((o) => o.op)).toEqual(['append', 'strike', 'strike']);
    expect(ops[0]!.value).toEqual({ kind: 'take', reading: 'w1', value: 1048.5, typed: '1048,5', at });
    expect(strikeOf(reading('w1', ['t1']))).toEqual([{ op: 'strike', path: ['facts', 't1'] }]);
});

it('takes a reading again beside what stands, and says with what', () => {
    expect(takeAgain(reading('w1', ['t1']), 1047, '1047', { with: 'meter', at }).value).toMatchObject({ value: 1047, with: 'meter' });
    expect(takeAgain(reading('c', [], 'corner_angle'), 91.5, '91.5', { at }).value).toMatchObject({ deg: 91.5 });
    expect(takeAgain(reading('c', [], 'corner_angle'), 91.5, '91.5', { at }).value).not.toHaveProperty('value');
});

it('walks from one reading to the next and stops at the ends', () => {
    const walk = [reading('a'), reading('b'), reading('c')];
    const steps = [neighbour(walk, 'a', 1), neighbour(walk, 'b', -1), neighbour(walk, 'c', 1), neighbour(walk, 'a', -1)];
    expect(steps).toEqual(['b', 'a', null, null]);
});

it('places a reading where it was asked for', () => {
    const form: ReadingForm = { key: 'depth', name: { key: 'form.depth', args: {} }, fixed: { kind: 'depth' }, asks: ['x', 'z'] };
    expect(placed(form, { x: 400, z: 900 })).toEqual({ kind: 'depth', x: 400, z: 900 });
});

it('has a word for every place that can be asked', () => {
    for (const { label, mm, inches } of Object.values(places)) expect([label, mm, inches]).not.toContain('');
});

it('names what a reading is taken with, the usual first', () => {
    expect(instrumentsFor('plumb').map((i) => i.value)).toEqual(['level', 'level_reversed', 'laser']);
    expect(instrumentsFor('corner_angle').map((i) => i.value)).toEqual(['gauge']);
    expect(instrumentsFor('width')[0]!.value).toBe('tape');
});

it('adds readings and notes under ids of their own', () => {
    const { id, op } = readingAdded('S', { kind: 'width', z: 500 });
    expect(op).toEqual({ op: 'add', path: ['spaces', 'S', 'readings', id], value: { order: 'w', kind: 'width', z: 500 } });
    expect(noteOf('w1', 'over the cable', at)).toMatchObject({
        op: 'append',
        value: { kind: 'note', reading: 'w1', text: 'over the cable', at },
    });
});

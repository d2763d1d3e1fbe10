import { expect, test } from 'vitest';
import type { ProjectDocument } from '../../api/document';
import type { Sheet } from '../../api/plan';
import type { Waiting } from '../../project/waiting';
import { alike, atSaw, cutWrong, lastMade, made, standing } from './atWork';

const sheet = {
    begun: null,
    size: 'ply',
    length: 2440,
    width: 1220,
    trims: [6, 6, 6, 6],
    placements: [
        { part: 'a', item: 'a', half: null, x_mm: 6, y_mm: 6, length_mm: 900, width_mm: 300, turned: false },
        { part: 'b', item: 'b~1', half: 1, x_mm: 910, y_mm: 6, length_mm: 900, width_mm: 300, turned: false },
    ],
    cuts: [
        { order: 1, setting: true },
        { order: 2, setting: true },
        { order: 3, setting: false },
        { order: 4, setting: true },
    ],
} as unknown as Sheet;
const document = (facts: object): ProjectDocument => ({ facts }) as ProjectDocument;
const wait = (...ops: object[]): Waiting => ({ change_id: 'c', project: 'p', ops }) as unknown as Waiting;

test('with its first cut a sheet is written down as it lies', () => {
    const state = atSaw('ply', sheet, standing(document({}), []), []);
    expect([state.begun, state.next?.order]).toEqual([null, 1]);
    const [begun, sawn] = made('ply', sheet, state, 1, { kerf: 3 }, 'now');
    expect(begun!.value).toMatchObject({ kind: 'begun', material: 'ply', parts: [{ part: 'a', x: 6 }, { part: 'b~1' }] });
    expect(begun!.value).not.toHaveProperty('size');
    expect(sawn!.value).toEqual({ kind: 'sawn', begun: begun!.path[1], cut: 1, at: 'now' });
});

test('what waits on the device counts as made, and the last can be taken back', () => {
    const first = wait(...made('ply', sheet, atSaw('ply', sheet, new Map(), []), 1, { kerf: 3 }, 'now'));
    const facts = standing(document({}), [first]);
    const state = atSaw('ply', sheet, facts, [first]);
    expect([state.begun !== null, state.next?.order, state.waits]).toEqual([true, 2, false]);
    expect(made('ply', sheet, state, 2, { kerf: 3 }, 'now')).toHaveLength(1);
    const last = lastMade(sheet, state)!;
    expect(last.cut).toBe(1);
    const undone = [first, wait({ op: 'strike', path: ['facts', last.fact], value: null })];
    expect(atSaw('ply', sheet, standing(document({}), undone), undone).next?.order).toBe(1);
});

test('a part cut wrong while away holds the cuts of its sheet until the plan is in', () => {
    const first = wait(...made('ply', sheet, atSaw('ply', sheet, new Map(), []), 1, { kerf: 3 }, 'now'));
    const begun = first.ops[0]!.path[1]!;
    const all = [first, wait(cutWrong('a', begun, 'slipped', 'now'))];
    expect(atSaw('ply', sheet, standing(document({}), all), all).waits).toBe(true);
    expect(
        atSaw(
            'ply',
            sheet,
            standing(document({ [begun]: { kind: 'begun', material: 'ply', parts: [{ part: 'a' }, { part: 'b~1' }] } }), []),
            [],
        ).waits,
    ).toBe(false);
});

test('a struck fact never was, and a refused change changes nothing', () => {
    const facts = standing(document({ x: { kind: 'sawn', begun: 'q', cut: 1, struck: true } }), [
        { ...wait({ op: 'append', path: ['facts', 'y'], value: { kind: 'sawn' } }), refused: 'no' },
    ]);
    expect(facts.size).toBe(0);
});

test('cuts at one setting are counted from here', () => {
    expect([alike(sheet, sheet.cuts[0]!), alike(sheet, sheet.cuts[1]!), alike(sheet, sheet.cuts[3]!)]).toEqual([1, 2, 1]);
});

import { expect, it } from 'vitest';
import type { Piece } from '../api/document';
import { inOrder } from '../project/order';
import { after, bandsOf, bayAdded, lastRemoved, shelfAdded } from './piece/ops';

const bay = (order: string, shelves: string[]): { order: string; shelves: Record<string, { order: string }> } => ({
    order,
    shelves: Object.fromEntries(shelves.map((s) => [`id-${s}`, { order: s }])),
});

const piece = {
    runs: {
        R: { bands: { P: { kind: 'plinth', height: 90 }, B: { kind: 'box', bays: { b2: bay('b', ['x']), b1: bay('a', ['x', 'y']) } } } },
    },
} as unknown as Piece;

it('finds the bands of a piece and the paths to change them', () => {
    const { box, plinth } = bandsOf('piece', piece);
    expect(box[0]).toEqual(['pieces', 'piece', 'runs', 'R', 'bands', 'B']);
    expect(plinth?.[1].height).toBe(90);
});

it('keeps elements in their order, and puts new ones last', () => {
    const bays = inOrder(bandsOf('piece', piece).box[1].bays);
    expect(bays.map(([id]) => id)).toEqual(['b1', 'b2']);
    expect(after(bays) > 'b').toBe(true);
    expect(after([])).toBe('m');
    expect(lastRemoved(['bays'], bays)).toEqual({ op: 'remove', path: ['bays', 'b2'] });
});

it('gives a new bay as many shelves as the last one has, with ids of their own', () => {
    const bays = inOrder(bandsOf('piece', piece).box[1].bays);
    const added = bayAdded(['box'], bays.slice(0, 1));
    const value = added.value as { order: string; shelves: Record<string, { order: string }> };
    expect(added.op).toBe('add');
    expect(value.order > 'a').toBe(true);
    expect(Object.keys(value.shelves)).toHaveLength(2);
    expect(new Set([added.path.at(-1), ...Object.keys(value.shelves)]).size).toBe(3);
    const shelf = shelfAdded(['box'], 'b1', bays[0]![1]);
    expect(shelf.path.slice(0, 4)).toEqual(['box', 'bays', 'b1', 'shelves']);
    expect((shelf.value as { order: string }).order > 'y').toBe(true);
});

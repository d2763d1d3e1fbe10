import { describe, expect, it } from 'vitest';
import type { Piece } from '../../api/document';
import { inOrder } from '../../project/order';
import { bandAdded, bayAdded, bayCopied, baysOf, bayStacked, copied, keyAfter, lastRemoved, mirrored, runsOf, shelfAdded } from './ops';

const id = (n: number): string => `01J${String(n).padStart(23, '0')}`;
const [RUN, BOX, LEFT, RIGHT, INNER, IN_A, SHELF] = [1, 2, 3, 4, 5, 6, 7].map(id) as [
    string,
    string,
    string,
    string,
    string,
    string,
    string,
];

const piece = {
    left: { kind: 'filler', set_off: 30 },
    right: { kind: 'play', set_off: 5 },
    stand: { from: 'left', at: 20 },
    runs: {
        [RUN]: {
            bands: {
                [BOX]: {
                    order: 'b',
                    kind: 'box',
                    bays: {
                        [RIGHT]: {
                            order: '01',
                            bands: { [INNER]: { order: 'a', kind: 'box', bays: { [IN_A]: { order: 'a', fill: { kind: 'open' } } } } },
                        },
                        [LEFT]: {
                            order: '00',
                            fill: { kind: 'shelves', shelves: { [SHELF]: { order: 'a' } } },
                            door: { kind: 'hinged', hinge: 'left' },
                            through: { [INNER]: true },
                        },
                    },
                },
            },
        },
    },
} as unknown as Piece;

describe('composing', () => {
    it('finds every bay, those inside others too, with its path', () => {
        const bays = baysOf('P', piece);
        expect(bays.map((b) => [b.id, b.level])).toEqual([[LEFT, 1], [RIGHT, 1], [IN_A, 2]]); // prettier-ignore
        expect(bays[2]!.path).toEqual(['pieces', 'P', 'runs', RUN, 'bands', BOX, 'bays', RIGHT, 'bands', INNER, 'bays', IN_A]);
    });

    it('puts a new bay between two, again and again', () => {
        let entries: [string, { order: string }][] = [['a', { order: '00' }], ['b', { order: '01' }]]; // prettier-ignore
        for (let i = 0; i < 6; i++) {
            const key = keyAfter(entries, 'a');
            expect(key > '00' && key < entries[1]![1].order).toBe(true);
            entries = [entries[0]!, [`n${i}`, { order: key }], ...entries.slice(1)];
        }
        expect(keyAfter([])).toBe('m');
        expect(bayAdded(baysOf('P', piece)[0]!).ops[0]).toMatchObject({ op: 'add', value: { order: '00m', fill: { kind: 'open' } } });
    });

    it('copies a bay with ids of its own, and references among its own parts', () => {
        const twin = copied({ [LEFT]: { fill: { shelves: { [SHELF]: {} } }, width: { ref: LEFT }, material: INNER } });
        const [key] = Object.keys(twin);
        expect(key).not.toBe(LEFT);
        expect(twin[key!]).toMatchObject({ width: { ref: key }, material: INNER });
        const made = bayCopied(baysOf('P', piece)[0]!);
        const value = made.ops[0]!.value as { order: string; fill: { shelves: object }; through?: object };
        expect(Object.keys(value.fill.shelves)).not.toContain(SHELF);
        expect(value.order > '00' && value.order < '01').toBe(true);
        expect(value.through).toBeUndefined();
    });

    it('puts what a bay holds into the lower of two bands', () => {
        const [bands, fill] = bayStacked(baysOf('P', piece)[0]!);
        const inner = inOrder(bands!.value as Record<string, { order: string; bays: Record<string, { fill: { kind: string } }> }>);
        expect(inner.map(([, b]) => Object.values(b.bays)[0]!.fill.kind)).toEqual(['shelves', 'open']);
        expect(fill).toMatchObject({ op: 'set', value: null });
    });

    it('adds bands on top and shelves last, and takes the last away', () => {
        const [run] = runsOf('P', piece);
        expect(bandAdded(run!, 'top')).toMatchObject({ op: 'add', value: { kind: 'top', overhang: 15 } });
        expect((bandAdded(run!, 'gap').value as { order: string }).order > 'b').toBe(true);
        expect(shelfAdded(['bay'], { [SHELF]: { order: 'y' } }).value).toMatchObject({ order: 'ym' });
        expect(lastRemoved(['bays'], [['x', {}], ['y', {}]])).toEqual({ op: 'remove', path: ['bays', 'y'] }); // prettier-ignore
    });

    it('makes the other hand: bays in the opposite order, hinges, edges and stand on the other side, ids kept', () => {
        const other = mirrored(piece);
        const bays = inOrder(other.runs[RUN]!.bands[BOX]!.bays);
        expect(bays.map(([key]) => key)).toEqual([RIGHT, LEFT]);
        expect(bays[1]![1].door).toMatchObject({ hinge: 'right' });
        expect([other.left.kind, other.right.kind, other.stand?.from]).toEqual(['play', 'filler', 'right']);
        expect(mirrored(other)).toEqual(piece);
    });
});

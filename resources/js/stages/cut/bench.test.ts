import { describe, expect, it } from 'vitest';
import type { Bench, BoreRow, Part } from '../../api/plan';
import { groups, holes, letterOf, tally } from './bench';

const row = (kind: BoreRow['kind'], along: number[], across: number[]): BoreRow => ({
    kind,
    with: [],
    along,
    across,
    diameter: 5,
    depth: 8,
    screw: null,
    slots: [],
});
const bench = (rows: BoreRow[], inEdge: BoreRow[] = []): Bench => ({
    faces: [
        {
            face: 'right',
            sides: { left: 'bottom', right: 'top', lower: 'rear', upper: 'front' },
            length: 700,
            width: 300,
            loops: [],
            round: [],
            recesses: [],
            hidden: [],
            rows,
        },
    ],
    edges: inEdge.length ? [{ edge: 'top', from: 'rear', face: 'left', is_end: true, rows: inEdge }] : [],
});
const part = (id: string, label: string, mirror: string | null = null): Part => ({ id, label, mirror_of: mirror }) as Part;

describe('the boards at the bench', () => {
    it('counts every place along at every place across, faces and edges together', () => {
        const is = bench(
            [row('pin', [100, 132, 164], [37, 263]), row('clearance', [9], [50, 150, 250])],
            [row('pilot', [50], [9]), row('pin', [1], [1])],
        );
        expect(holes(is.faces[0]!.rows[0]!)).toBe(6);
        expect(tally(is)).toEqual([
            ['pin', 7],
            ['clearance', 3],
            ['pilot', 1],
        ]);
    });

    it('shows boards of one letter once, in the order of the parts, without those that are only cut', () => {
        const is = bench([]);
        const parts = [part('a', 'AB1', 'c'), part('p', 'C1'), part('b', 'AB2'), part('c', 'D1', 'a')];
        const found = groups({ parts, bench: { a: is, b: is, c: is } });
        expect(found.map((g) => [g.letter, g.parts.map((p) => p.label), g.mirror])).toEqual([
            ['AB', ['AB1', 'AB2'], 'D'],
            ['D', ['D1'], 'AB'],
        ]);
        expect(letterOf('AQ12')).toBe('AQ');
    });
});

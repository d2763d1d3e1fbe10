import { describe, expect, it } from 'vitest';
import type { FittedEdge } from '../../api/plan';
import { chosen, edgeKey, edgeRef, offsetsOf, price, profile } from './edges';

const edge = (name: FittedEdge['edge'], along: FittedEdge['along'], gaps: [number, number][]): FittedEdge =>
    ({ edge: name, along, part: null, kind: null, set_off: null, scribe: null, ways: [], least: 0, greatest: 0, gaps: gaps.map(([at, gap]) => ({ at, gap, exact: true })) }); // prettier-ignore

describe('the edges of a piece', () => {
    const edges = { left: edge('left', 'z', [[100, 20], [2300, 12]]), top: edge('top', 'x', [[0, 5], [1000, 9]]), 'slab:1/left': edge('left', 'y', [[0, 1], [300, 2]]) }; // prettier-ignore

    it('are called by the piece and their name, those of slabs by their own', () => {
        expect(edgeRef('P', 'left')).toBe('P/left');
        expect(edgeRef('P', 'slab:1/left')).toBe('slab:1/left');
        expect(edgeKey('P', edges, 'P/top')).toBe('top');
        expect(edgeKey('P', edges, 'slab:1/left')).toBe('slab:1/left');
        expect(edgeKey('P', edges, 'another/top')).toBe('left');
        expect(edgeKey('P', edges, null)).toBe('left');
    });

    it('come with the usual set-off of the way that is chosen', () => {
        expect(chosen('filler', { filler: 30 })).toEqual({ kind: 'filler', set_off: 30 });
        expect(chosen('scribed', {})).toEqual({ kind: 'scribed', set_off: 0 });
    });

    it('find their own offsets among all', () => {
        const all = { A: { edge: 'left', held: 'part' as const, gaps: {} }, B: { edge: 'slab:1/left', held: 'part' as const, gaps: {} } };
        expect(offsetsOf(all, 'slab:1/left')?.[0]).toBe('B');
        expect(offsetsOf(all, 'right')).toBeNull();
        expect(offsetsOf(undefined, 'left')).toBeNull();
    });

    it('are drawn lengthwise: a left wall above its straight edge, a right one and a floor below', () => {
        const left = profile('P', edges.left);
        expect(left.lines[1]!.points).toEqual([[0, 20], [2200, 12]]); // prettier-ignore
        expect([left.left!.key, left.right!.key]).toEqual(['template.at_foot', 'template.at_head']);
        const right = profile('P', edge('right', 'z', [[100, 20], [2300, 12]])); // prettier-ignore
        expect(right.bounds).toEqual([0, -20, 2200, 0]);
        expect(profile('P', edge('base', 'x', [[20, 0], [820, 6]])).lines[1]!.points).toEqual([[0, -0], [800, -6]]); // prettier-ignore
    });

    it('cost in whole coins', () => {
        expect(price(242)).toBe('2.42');
        expect(price(5)).toBe('0.05');
    });
});

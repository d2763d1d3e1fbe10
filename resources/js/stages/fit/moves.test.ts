import { describe, expect, it } from 'vitest';
import type { Motion } from '../../api/plan';
import { opened, reach, stopped } from './moves';

const door: Motion = {
    id: 'd', kind: 'hinged', name: { key: '', args: {} }, bay: null, parts: [], view: 'top', turns: true, meets: null, struts: null,
    shapes: [[[100, 330], [500, 330], [500, 350], [100, 350]]], pivot: [100, 350], wants: 90, opens: 90,
} as unknown as Motion; // prettier-ignore

describe('what moves', () => {
    it('turns a left-hand door out into the room, down the page', () => {
        const [shape] = opened(door, 1);
        // Its free front edge, 400 from the hinge at (100, 350), ends 400 before it.
        expect(shape![2]![0]).toBeCloseTo(100);
        expect(shape![2]![1]).toBeCloseTo(-750);
        expect(opened(door, 0)[0]![2]).toEqual([500, -350]);
    });

    it('draws a drawer straight out', () => {
        const drawer = { ...door, kind: 'drawn', turns: false, pivot: [0, 1], opens: 300, wants: 320 } as Motion;
        expect(opened(drawer, 0.5)[0]![0]).toEqual([100, -480]);
        expect(reach(drawer, (mm) => `${mm} mm`)).toBe('300 mm');
    });

    it('is stopped only where something is met', () => {
        expect(stopped({ ...door, opens: 60 })).toBe(false);
        expect(stopped({ ...door, opens: -60, wants: -90, meets: { key: 'motion.wall_left', args: {} } } as unknown as Motion)).toBe(true);
        expect(reach({ ...door, opens: -60 }, String)).toBe('60°');
    });
});

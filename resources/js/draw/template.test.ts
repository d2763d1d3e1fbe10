import { describe, expect, it } from 'vitest';
import { apart, templateFrame, times } from './template';

const said = (x: number, y = 0, before = 15, after = 15) => ({ x, y, before, after });

describe('a template on the board', () => {
    it('enlarges a long flat line across its length, and a board not at all', () => {
        // 2200 long, 38 across: 15 times is 570, under a third of 2200; 20 times is 760, over it.
        expect(times([0, 0, 2200, 38])).toBe(15);
        expect(times([0, 0, 560, 1100])).toBe(1);
    });

    it('keeps to the room it is given, in the middle', () => {
        const frame = templateFrame([0, 0, 2200, 38], 700, 600, 15);
        expect(frame.x(1100)).toBeCloseTo(350);
        expect(frame.y(19)).toBeCloseTo(300);
        expect(frame.x(2200)).toBeLessThanOrEqual(640.001);
        expect(frame.y(0) - frame.y(38)).toBeCloseTo(38 * frame.scale * 15);
    });

    it('leaves out words that would lie on others, but along a line never the last', () => {
        expect(apart([said(0), said(20), said(100)], true).map((m) => m.x)).toEqual([0, 100]);
        expect(apart([said(0), said(85), said(100)], true).map((m) => m.x)).toEqual([0, 100]);
        expect(apart([said(0, 0), said(0, 40), said(10, 5)], false).map((m) => m.y)).toEqual([0, 40]);
        // One reaches to its right, the next to its left: they meet although their marks are far apart.
        expect(apart([said(0, 0, 0, 100), said(150, 0, 100, 0)], false)).toHaveLength(1);
    });
});

import { describe, expect, it } from 'vitest';
import type { Cell } from '../api/plan';
import { divided } from './divide';

const text = (key: string): object => ({ key, args: {} });
const cell = {
    label: 'A1',
    width: { mm: 400 },
    drag: {
        least: 60,
        most: 900,
        snaps: [
            { width: 480, why: text('snap.equal'), by: { by: 'share' } },
            { width: 487, why: text('snap.stud'), by: { by: 'stud', ref: 'pitch:2' } },
        ],
    },
} as unknown as Cell;

describe('a divider dragged', () => {
    it('goes to the nearest named place within a few pixels', () => {
        expect(divided(cell, 82, 0.5, 'mm')).toMatchObject({ width: 480, snap: { why: { key: 'snap.equal' } } });
        expect(divided(cell, 86, 0.5, 'mm')).toMatchObject({ width: 487, snap: { by: { ref: 'pitch:2' } } });
    });
    it('keeps to round figures of the unit elsewhere', () => {
        expect(divided(cell, 21.3, 0.5, 'mm')).toEqual({ width: 420, snap: null });
        expect(divided(cell, 3, 0.5, 'in')).toEqual({ width: 400.05, snap: null });
    });
    it('stays within what the plan allows', () => {
        expect(divided(cell, -4000, 0.5, 'mm')?.width).toBe(60);
        expect(divided(cell, 4000, 0.5, 'mm')?.width).toBe(900);
        expect(divided({ ...cell, drag: null }, 10, 0.5, 'mm')).toBeNull();
    });
});

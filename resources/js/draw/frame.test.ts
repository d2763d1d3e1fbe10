import { describe, expect, it } from 'vitest';
import type { Drawing } from '../api/plan';
import { commonScale, frameOf } from './frame';

const ribbon = (side: 'left' | 'right', base: number, value: number) =>
    ({ kind: 'ribbon', layer: 'ribbon', ref: null, side, base, times: 6, stations: [{ at: 0, value }, { at: 500, value: value / 2 }] }) as const; // prettier-ignore
const drawing = (value: number): Drawing =>
    ({ view: 'front', bounds: [0, 0, 900, 700], items: [ribbon('left', -20, value), ribbon('right', 920, value)] }) as unknown as Drawing;

describe('the frame of a drawing', () => {
    it.each([2, 30, 80])('holds ribbons of %d mm with their figures, at one scale', (value) => {
        const scale = commonScale([drawing(value)], 880, 640);
        const frame = frameOf(drawing(value), scale);
        // The end of each ribbon, and 40 px for its figure.
        expect(frame.x(-20) - value * 6 * scale - 40).toBeGreaterThanOrEqual(0);
        expect(frame.x(920) + value * 6 * scale + 40).toBeLessThanOrEqual(frame.width);
        expect(frame.width).toBeLessThanOrEqual(880.5);
    });

    it('gives a drawing without ribbons its whole board', () => {
        const plain = { ...drawing(0), items: [] } as Drawing;
        expect(commonScale([plain], 880, 2000)).toBeCloseTo((880 - 28) / 900, 6);
    });
});

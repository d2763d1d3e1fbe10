import { expect, it } from 'vitest';
import type { Drawing } from '../api/plan';
import { commonScale, frameOf, scaleBar } from './frame';
import { outline, ribbon } from './path';

const drawing: Drawing = { view: 'front', bounds: [0, 0, 1000, 2000], items: [] };

it('turns the drawing the right way up and keeps its proportions', () => {
    const frame = frameOf(drawing, 0.25);
    expect(frame.x(1000) - frame.x(0)).toBe(250);
    expect(frame.y(0) - frame.y(2000)).toBe(500);
    expect(outline([[0, 0], [1000, 0], [1000, 2000]], frame)).toBe('M14 512L264 512L264 12Z'); // prettier-ignore
});

it('takes the largest scale at which all drawings fit', () => {
    const wide: Drawing = { ...drawing, bounds: [0, 0, 3000, 500] };
    const scale = commonScale([drawing, wide], 1000, 700);
    const width = frameOf(drawing, scale).width + frameOf(wide, scale).width;
    expect(width).toBeLessThanOrEqual(1000.01);
    expect(Math.max(width / 1000, frameOf(drawing, scale).height / 700)).toBeCloseTo(1, 2);
});

it('closes a ribbon along its straight base', () => {
    expect(ribbon(100, [{ y: 50, reach: -20 }, { y: 10, reach: -5 }])).toBe('M100 50L80 50L95 10L100 10Z'); // prettier-ignore
});

it('has a scale bar in whole units of the reader', () => {
    expect(scaleBar(0.25, 'mm')).toBe(200);
    expect(scaleBar(0.25, 'in') / 25.4).toBe(8);
});

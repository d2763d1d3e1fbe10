import { describe, expect, it } from 'vitest';
import type { Drawing, Finding } from '../api/plan';
import { frameOf } from '../draw/frame';
import { foundOn } from './found';

const finding = (ref: string, severity: Finding['severity'] = 'look', more: Partial<Finding> = {}): Finding =>
    ({ code: `a.${severity}`, severity, place: { stage: 'piece', ref }, accepted: null, decided: null, ...more }) as Finding;
const shape = (ref: string, u: number, v: number, w: number, h: number) => ({
    kind: 'shape' as const, layer: 'board', ref, points: [[u, v], [u + w, v], [u + w, v + h], [u, v + h]] as [number, number][],
}); // prettier-ignore
const drawing = {
    view: 'front',
    bounds: [0, 0, 1000, 1000],
    items: [shape('BAY', 100, 100, 400, 300), shape('BAY:shelf', 100, 200, 400, 18), shape('BOX:side', 0, 0, 18, 900)],
} as Drawing;
const frame = frameOf(drawing, 0.5);

describe('findings on the drawing', () => {
    it('stand in the corner of what they are about', () => {
        const [sign] = foundOn(drawing, frame, [finding('BAY')]);
        expect([sign!.x, sign!.y]).toEqual([frame.x(500) - 21, frame.y(400) + 4]);
    });

    it('stand over what is too thin to hold them', () => {
        const [sign] = foundOn(drawing, frame, [finding('BAY:shelf')]);
        expect([sign!.x, sign!.y]).toEqual([(frame.x(100) + frame.x(500) - 17) / 2, frame.y(218) - 18]);
    });

    it('stand at all that belongs to a box, and nowhere for what is not drawn', () => {
        expect(foundOn(drawing, frame, [finding('BOX')])).toHaveLength(1);
        expect(foundOn(drawing, frame, [finding('ELSEWHERE')])).toEqual([]);
    });

    it('are one sign a place, the worst first, and leave out notes and what is settled', () => {
        const [sign, ...more] = foundOn(drawing, frame, [
            finding('BAY'),
            finding('BAY', 'stop'),
            finding('BAY', 'note'),
            finding('BOX', 'look', { accepted: 'known' }),
        ]);
        expect(more).toEqual([]);
        expect(sign!.findings.map((f) => f.severity)).toEqual(['stop', 'look']);
    });

    it('do not cover one another', () => {
        const twice = { ...drawing, items: [...drawing.items, shape('OTHER', 100, 100, 400, 300)] } as Drawing;
        const [a, b] = foundOn(twice, frame, [finding('BAY'), finding('OTHER')]);
        expect(Math.abs(a!.x - b!.x)).toBeGreaterThanOrEqual(17);
    });
});

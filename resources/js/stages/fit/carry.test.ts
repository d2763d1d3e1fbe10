import { describe, expect, it } from 'vitest';
import { legScene, placeScene, stepAt, tilted, upTo } from './carry';

const says = { key: '', args: {} };

describe('a box on its way', () => {
    it('is where its path says, step by step', () => {
        expect(stepAt([10, 30], 0)).toEqual([0, 0]);
        expect(stepAt([10, 30], 0.25)).toEqual([0, 1]);
        expect(stepAt([10, 30], 0.625)).toEqual([1, 0.5]);
        expect(stepAt([10, 30], 1)).toEqual([1, 1]);
    });

    it('leans with its lowest corner on the floor', () => {
        const box = [[0, 0], [400, 0], [400, 2000], [0, 2000]] as const; // prettier-ignore
        expect(Math.min(...tilted(box, 500, 30, 0).map(([, z]) => z))).toBeCloseTo(0);
        // On its front: as high as it is deep, reaching as far out as it is high.
        const flat = tilted(box, 500, 90, 0);
        expect(Math.max(...flat.map(([, z]) => z))).toBeCloseTo(400);
        expect(Math.max(...flat.map(([y]) => y))).toBeCloseTo(2500);
        // Steepest on its diagonal: √(2000² + 400²) = 2039.6 high.
        const deg = (Math.atan(400 / 2000) * 180) / Math.PI;
        expect(Math.max(...tilted(box, 0, deg, 0).map(([, z]) => z))).toBeCloseTo(2039.6, 1);
    });

    it('keeps its size through a turn and ends along the second passage', () => {
        const leg = {
            segment: 's', name: 'n', verdict: 'goes' as const, says, spare: 10, box: [1700, 350] as const, walls: [900, 800] as const,
            path: [{ x: 450, y: 2500, deg: 90 }, { x: 800, y: 600, deg: 45 }, { x: 2600, y: 400, deg: 0 }],
        }; // prettier-ignore
        for (const share of [0, 0.3, 0.5, 1]) {
            const [a, b, c] = legScene(leg).box(share);
            expect(Math.hypot(b![0] - a![0], b![1] - a![1])).toBeCloseTo(1700);
            expect(Math.hypot(c![0] - b![0], c![1] - b![1])).toBeCloseTo(350);
        }
        const end = legScene(leg).box(1);
        expect(end.map(([, y]) => Math.round(y)).sort((p, q) => p - q)).toEqual([225, 225, 575, 575]);
    });

    it('is drawn under a slope as far as the board goes', () => {
        const slope = [[0, 900], [2000, 2300], [4000, 2300]] as const; // prettier-ignore
        expect(upTo(slope, 1000)).toEqual([[0, 900], [1000, 1600]]); // prettier-ignore
        expect(upTo(slope, 5000)).toEqual(slope);
    });

    it('has nothing to show where no way was found', () => {
        const place = { verdict: 'cannot' as const, says, clearance: null, needs: 2300, highest: 2250, shape: [[0, 0], [400, 0], [400, 2200], [0, 2200]] as const, overhead: [[0, 2250], [5000, 2250]] as const, blocks: [], base: null, wall: 0, path: [] }; // prettier-ignore
        expect(placeScene(place).box(0.5)).toEqual([]);
        expect(placeScene(place).solid).toHaveLength(2);
    });
});

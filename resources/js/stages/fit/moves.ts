import type { Motion } from '../../api/plan';

type Point = readonly [number, number];

/** Where a part's outlines are when it is opened so far of what it can: on the drawing, where the view from above has y down the page. */
export function opened(motion: Motion, share: number): Point[][] {
    const open = motion.opens * share;
    const [u, v] = motion.pivot as [number, number];
    const turn = (open * Math.PI) / 180;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    const place = (p: readonly number[]): Point => {
        const [a, b] = p as [number, number];
        const [x, y] = motion.turns ? [u + (a - u) * cos - (b - v) * sin, v + (a - u) * sin + (b - v) * cos] : [a + u * open, b + v * open];
        return motion.view === 'top' ? [x, -y] : [x, y];
    };
    return motion.shapes.map((shape) => shape.map(place));
}

/** What it does in words and one number: degrees, or a length for the reader’s unit. */
export const reach = (motion: Motion, length: (mm: number) => string, of: 'opens' | 'wants' = 'opens'): string =>
    motion.turns ? `${Math.abs(motion[of]).toFixed(0)}°` : length(Math.abs(motion[of]));

export const stopped = (motion: Motion): boolean => motion.meets !== null && Math.abs(motion.opens) < Math.abs(motion.wants) - 0.5;

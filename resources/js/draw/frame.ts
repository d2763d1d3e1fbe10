import type { Drawing } from '../api/plan';

/** Where a drawing's mm fall on the screen. The drawing's second axis runs up, the screen's down. */
export interface Frame {
    readonly width: number;
    readonly height: number;
    readonly scale: number;
    readonly x: (u: number) => number;
    readonly y: (v: number) => number;
}

export interface Margins {
    readonly left: number;
    readonly right: number;
    readonly top: number;
    readonly bottom: number;
}

/** Room for what stands outside the drawing: ribbons at the sides, as far as they reach at that scale, dimension lines below and to the right. */
export function marginsOf(drawing: Drawing, scale = 0): Margins {
    const ranks = (side: string): number =>
        Math.max(0, ...drawing.items.filter((i) => i.kind === 'dimension' && i.side === side).map((i) => i.rank ?? 0));
    const [left, right] = [ribbonRoom(drawing, 'left', scale), ribbonRoom(drawing, 'right', scale)];
    return {
        left,
        right: Math.max(right, ranks('right') > 0 ? 6 + 74 * ranks('right') : 14),
        top: 12,
        bottom: 14 + 26 * ranks('below'),
    };
}

/** A figure stands beyond the end of a ribbon. */
const FIGURE = 44;

function ribbonRoom(drawing: Drawing, side: 'left' | 'right', scale: number): number {
    const ribbons = drawing.items.filter((i) => i.kind === 'ribbon');
    if (ribbons.length === 0) return 14;
    const beyond = ribbons
        .filter((i) => i.side === side)
        .map((i) => {
            const reach = Math.max(0, ...(i.stations ?? []).map((s) => s.value)) * (i.times ?? 1);
            return side === 'left' ? drawing.bounds[0]! - (i.base ?? 0) + reach : (i.base ?? 0) + reach - drawing.bounds[2]!;
        });
    return Math.max(96, ...beyond.map((mm) => mm * scale + FIGURE));
}

const spanOf = (d: Drawing): [number, number] => [d.bounds[2]! - d.bounds[0]!, d.bounds[3]! - d.bounds[1]!];

/** One scale for several drawings side by side, the largest at which all fit. */
export function commonScale(drawings: readonly Drawing[], width: number, height: number): number {
    if (drawings.length === 0) return 0.1;
    // What ribbons take at the sides grows with the scale that it limits: the first guess is too large, each next one nearer.
    let scale = 0;
    for (let round = 0; round < 4; round++) scale = scaleIn(drawings, width, height, scale);
    return scale;
}

function scaleIn(drawings: readonly Drawing[], width: number, height: number, guess: number): number {
    const margins = drawings.map((d) => marginsOf(d, guess));
    const acrossMm = drawings.reduce((sum, d) => sum + spanOf(d)[0], 0);
    const acrossPx = width - margins.reduce((sum, m) => sum + m.left + m.right, 0);
    const upright = drawings.map((d, i) => (height - margins[i]!.top - margins[i]!.bottom) / spanOf(d)[1]);
    return Math.max(0.01, Math.min(acrossPx / acrossMm, ...upright));
}

export function frameOf(drawing: Drawing, scale: number): Frame {
    const m = marginsOf(drawing, scale);
    const [left, , , top] = drawing.bounds as [number, number, number, number];
    const [across, up] = spanOf(drawing);
    return {
        width: across * scale + m.left + m.right,
        height: up * scale + m.top + m.bottom,
        scale,
        x: (u) => m.left + (u - left) * scale,
        y: (v) => m.top + (top - v) * scale,
    };
}

/** A round length of the reader's unit whose bar is 40 to 110 px long, in mm. */
export function scaleBar(scale: number, unit: 'mm' | 'in'): number {
    const round = unit === 'mm' ? [50, 100, 200, 500, 1000, 2000] : [2, 4, 8, 12, 24, 48, 96].map((inches) => inches * 25.4);
    return round.find((mm) => mm * scale >= 40) ?? 5000;
}

import type { Frame } from './frame';

const STEPS = [40, 30, 25, 20, 15, 12, 10, 8, 6, 5, 4, 3, 2];

/** How many times a long, flat template is enlarged across its length: to about a third of it. */
export function times(bounds: readonly number[]): number {
    const [left, bottom, right, top] = bounds as [number, number, number, number];
    const [along, across] = [right - left, Math.max(top - bottom, 0.1)];
    return STEPS.find((n) => across * n <= along / 3) ?? 1;
}

/** Where a template's mm fall in a view so wide and high; the second axis enlarged. */
export function templateFrame(bounds: readonly number[], width: number, height: number, magnified: number): Frame {
    const [left, bottom, right, top] = bounds as [number, number, number, number];
    const room = { side: 60, end: 60 };
    const scale = Math.min((width - 2 * room.side) / (right - left), (height - 2 * room.end) / Math.max((top - bottom) * magnified, 1));
    const [midX, midY] = [(left + right) / 2, (bottom + top) / 2];
    return {
        width,
        height,
        scale,
        x: (u) => width / 2 + (u - midX) * scale,
        y: (v) => height / 2 - (v - midY) * scale * magnified,
    };
}

/** Words beside a mark: how far they reach to its left and right, px. */
export interface Said {
    readonly x: number;
    readonly y: number;
    readonly before: number;
    readonly after: number;
}

const LINE = 13;

/** Marks whose words would lie on one another: of two, the later gives way, but along a line the last stays. */
export function apart<T extends Said>(marks: readonly T[], inLine: boolean): T[] {
    const meets = (a: T, b: T): boolean =>
        a.x - a.before < b.x + b.after && b.x - b.before < a.x + a.after && (inLine || Math.abs(a.y - b.y) < LINE);
    const kept: T[] = [];
    for (const mark of marks) {
        if (!kept.some((k) => meets(k, mark))) kept.push(mark);
    }
    const last = marks.at(-1);
    if (!inLine || !last || kept.includes(last)) return kept;
    return [...kept.filter((k) => !meets(k, last)), last];
}

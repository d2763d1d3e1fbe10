import type { Drawing, Finding } from '../api/plan';
import type { Frame } from '../draw/frame';
import { isOpen, severities } from './severity';

/** A sign on the drawing: where it stands, what it is about, and what is found there, the worst first. */
export interface Found {
    readonly ref: string;
    readonly x: number;
    readonly y: number;
    readonly findings: readonly Finding[];
}

const SIZE = 17;
const STEP = SIZE + 3;

/** Stops and looks at the place they are about, where that is drawn: the thing itself, or all that belongs to it. */
export function foundOn(drawing: Drawing, frame: Frame, findings: readonly Finding[]): Found[] {
    const byRef = new Map<string, Finding[]>();
    for (const f of findings) if (isOpen(f) && f.severity !== 'note') byRef.set(f.place.ref, [...(byRef.get(f.place.ref) ?? []), f]);
    const signs: Found[] = [];
    for (const [ref, all] of byRef) {
        const at = place(drawing, frame, ref);
        if (!at) continue;
        let x = at.x;
        while (signs.some((s) => Math.abs(s.x - x) < STEP && Math.abs(s.y - at.y) < STEP)) x -= STEP;
        signs.push({ ref, x, y: at.y, findings: severities.flatMap((s) => all.filter((f) => f.severity === s)) });
    }
    return signs;
}

/** In the upper right corner of what is drawn of it; over it where there is no room inside. */
function place(drawing: Drawing, frame: Frame, ref: string): { x: number; y: number } | null {
    const own = drawing.items.filter((i) => i.ref === ref && (i.kind === 'shape' || i.kind === 'thing'));
    const of = own.length ? own : drawing.items.filter((i) => i.kind === 'shape' && i.ref?.startsWith(`${ref}:`));
    const points = of.flatMap((i) => i.points ?? []);
    if (points.length === 0) return null;
    const [left, right] = [Math.min(...points.map((p) => frame.x(p[0]))), Math.max(...points.map((p) => frame.x(p[0])))];
    const [top, bottom] = [Math.min(...points.map((p) => frame.y(p[1]))), Math.max(...points.map((p) => frame.y(p[1])))];
    const isRoomy = right - left > 2 * STEP && bottom - top > STEP + 6;
    return isRoomy ? { x: right - SIZE - 4, y: top + 4 } : { x: (left + right - SIZE) / 2, y: Math.max(1, top - SIZE - 1) };
}

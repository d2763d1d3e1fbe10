import type { ToldRow } from '../../api/client';
import type { Unit } from '../../measure/read';
import { capitalised, render } from '../../measure/words';
import { say } from '../../measure/say';

/** A change in one line: "Chart shelves, height: 2300 mm → 2280 mm". */
export function change(row: ToldRow, unit: Unit): string {
    const what = capitalised(render(row.what, unit));
    const [before, after] = [row.before, row.after].map((t) => (t ? render(t, unit) : null));
    if (before && after) return `${what}: ${before} → ${after}`;
    if (after) return `${what}: ${after}`;
    return before ? say('{0}: taken away, was {1}', what, before) : what;
}

const AREAS: readonly (readonly [ToldRow['area'], string])[] = [
    ['room', say('The room')],
    ['piece', say('The piece')],
    ['material', say('Material and prices')],
    ['sheets', say('Sheets and tools')],
    ['log', say('What was written down')],
    ['other', say('Other')],
];

/** The rows by what they belong to, areas without any left out. */
export function byArea(rows: readonly ToldRow[]): { title: string; rows: ToldRow[] }[] {
    return AREAS.map(([area, title]) => ({ title, rows: rows.filter((r) => r.area === area) })).filter((a) => a.rows.length > 0);
}

/** By how much it is more or less: "+3", "−2", "the same". */
export function by(after: number, before: number, shown: (n: number) => string): string {
    const off = after - before;
    return off === 0 ? say('the same') : `${off > 0 ? '+' : '−'}${shown(Math.abs(off))}`;
}

import type { Replan } from '../../api/client';
import type { Plan } from '../../api/plan';
import { say } from '../../measure/say';

export type Row = Replan['rows'][number];

/** What the person would rather have become of pieces than what is proposed, by begun sheet and the part each was laid as. */
export type Instead = Record<string, Record<string, string>>;

export const insteadWith = (instead: Instead, row: Row, becomes: string): Instead => ({
    ...instead,
    [row.begun]: { ...instead[row.begun], [row.item]: becomes },
});

export const labelOf = (plan: Plan, part: string): string => plan.parts.find((p) => p.id === part)?.label ?? say('a part that is no more');

/** The sheet that was begun by this fact, as the sheet plan numbers it. */
export function sheetOf(plan: Plan, begun: string): string {
    for (const m of plan.cut) {
        const n = m.sheets.findIndex((s) => s.begun === begun);
        if (n >= 0) return plan.cut.length > 1 ? say('{0}, sheet {1}', m.name, n + 1) : say('sheet {0}', n + 1);
    }
    return say('a sheet that is no more');
}

export interface AccountRow {
    readonly key: string;
    readonly name: string;
    readonly of: string;
    readonly account: Plan['cut'][number]['sheets'][number]['account'];
}

export const accounts = (plan: Plan): AccountRow[] =>
    plan.cut.flatMap((m) =>
        m.sheets.map((s, i) => ({
            key: `${m.material}${i}`,
            name: `${m.name}, ${i + 1}`,
            of: s.left_of
                ? say('what is left of {0}', sheetOf(plan, s.left_of))
                : s.begun
                  ? say('begun')
                  : s.in_hand
                    ? say('in hand')
                    : say('whole'),
            account: s.account,
        })),
    );

/** By how much more or less: “+2”, “−1”, “as before”. */
export function difference(after: number, before: number, show: (n: number) => string): string {
    const by = after - before;
    return by === 0 ? say('as before') : `${by > 0 ? '+' : '−'}${show(Math.abs(by))}`;
}

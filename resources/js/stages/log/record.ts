import type { ProjectDocument } from '../../api/document';
import type { Part, Plan } from '../../api/plan';

export const states = ['to_cut', 'cut', 'machined', 'finished', 'assembled', 'installed'] as const;

export type Fact = ProjectDocument['facts'][string];

/** The facts of making, newest first; those of readings are in the survey. */
export function making(document: ProjectDocument): { id: string; fact: Fact }[] {
    const kinds = new Set(['bought', 'done', 'begun', 'cut_wrong', 'remark', 'picture', 'as_built']);
    return Object.entries(document.facts)
        .filter(([, f]) => kinds.has(f.kind))
        .map(([id, fact]) => ({ id, fact }))
        .sort((a, b) => ((a.fact.at ?? a.id) < (b.fact.at ?? b.id) ? 1 : -1));
}

/** How many parts are at least as far as each state. */
export function tally(parts: readonly Part[]): Record<(typeof states)[number], number> {
    const rank = (s: string): number => states.indexOf(s as (typeof states)[number]);
    return Object.fromEntries(states.map((s) => [s, parts.filter((p) => rank(p.state) >= rank(s)).length])) as Record<
        (typeof states)[number],
        number
    >;
}

/** Minutes worked and planned over the steps that were timed, and the minutes of steps done without being timed. */
export function hoursOf(document: ProjectDocument, plan: Plan): { worked: number; planned: number; untimed: number } {
    const done = Object.values(document.facts).filter((f) => f.kind === 'done' && !f.struck);
    const timed = done.filter((f) => f.minutes !== undefined);
    const minutes = new Map(plan.steps.map((s) => [s.id, s.minutes]));
    return {
        worked: timed.reduce((n, f) => n + f.minutes!, 0),
        planned: timed.reduce((n, f) => n + (f.planned ?? 0), 0),
        untimed: done.filter((f) => f.minutes === undefined).reduce((n, f) => n + (minutes.get(f.step!) ?? 0), 0),
    };
}

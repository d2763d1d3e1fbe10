import type { Operation } from '../../api/client';
import type { LumberPlan, Plan, Step, StickPlan } from '../../api/plan';
import { happened, struck } from '../../project/facts';
import type { Facts, Measured } from './atWork';

export type StickPiece = StickPlan['pieces'][number];

/** A stick as it is cut: parts one after the other from its squared end. */
export interface StickInQueue {
    readonly lumber: LumberPlan;
    readonly stick: StickPlan;
    readonly number: number;
    readonly of: number;
}

/** Every stick of the plan, in the order to cut them. */
export const allSticks = (plan: Plan): StickInQueue[] =>
    plan.lumber.flatMap((lumber) => lumber.sticks.map((stick, i) => ({ lumber, stick, number: i + 1, of: lumber.sticks.length })));

/** The last cut of each part off a stick: by what fact, and how long it is. */
function crosscuts(facts: Facts): Map<string, { fact: string; length: number }> {
    const cuts = [...facts].filter(([, f]) => f.kind === 'crosscut').sort(([a], [b]) => (a < b ? -1 : 1));
    return new Map(cuts.map(([fact, f]) => [f.part!, { fact, length: f.length! }]));
}

export interface AtStick {
    /** By what fact each part was cut as long as it is wanted now. */
    readonly made: ReadonlyMap<string, string>;
    readonly next: StickPiece | null;
    /** What the next one measures already, where it was cut another length. */
    readonly wrong: number | null;
}

export function atStick(stick: StickPlan, facts: Facts, tolerance: number): AtStick {
    const cut = crosscuts(facts);
    const isRight = (p: StickPiece): boolean => Math.abs((cut.get(p.part)?.length ?? -Infinity) - p.length) <= tolerance;
    const made = new Map(stick.pieces.filter(isRight).map((p) => [p.part, cut.get(p.part)!.fact]));
    const next = stick.pieces.find((p) => !made.has(p.part)) ?? null;
    return { made, next, wrong: next ? (cut.get(next.part)?.length ?? null) : null };
}

/** Whether all a step cuts off sticks is cut, and by what facts. */
export function sticksOf(plan: Plan, step: Step, facts: Facts, tolerance: number): { isCut: boolean; made: string[] } {
    if (step.kind !== 'cut_lumber') return { isCut: false, made: [] };
    const own = allSticks(plan).filter(({ stick }) => stick.pieces.some((p) => step.makes.includes(p.part)));
    const states = own.map(({ stick }) => atStick(stick, facts, tolerance));
    return { isCut: own.length > 0 && states.every((s) => s.next === null), made: states.flatMap((s) => [...s.made.values()]) };
}

/** No stop is set nearer than that: sums of readings may differ by less. */
export const isSameStop = (a: StickPiece | undefined, b: StickPiece): boolean => Math.abs((a?.length ?? Infinity) - b.length) < 0.05;

/** How many cuts follow at the same stop, the next among them. */
export function alikeOn(stick: StickPlan, next: StickPiece): number {
    const after = stick.pieces.slice(stick.pieces.indexOf(next));
    const other = after.findIndex((p) => !isSameStop(p, next));
    return other < 0 ? after.length : other;
}

export const crosscut = (piece: StickPiece, width: number, length = piece.length, at?: string): Operation =>
    happened({ kind: 'crosscut', part: piece.part, length, width }, at);

/** The last cut of a stick, for taking it back: its parts are cut in order. */
export const lastCut = (stick: StickPlan, state: AtStick): Operation | null => {
    const last = [...stick.pieces].reverse().find((p) => state.made.has(p.part));
    return last ? struck(state.made.get(last.part)!) : null;
};

/** A part that came out another length keeps the one it has; of which nothing is known, it was not cut. Why is a mistake to learn from. */
export function cutAmiss(piece: StickPiece, fact: string, width: number, cause: string, measured: Measured, at?: string): Operation[] {
    const is = measured.length === undefined ? struck(fact) : crosscut(piece, measured.width ?? width, measured.length, at);
    return [is, ...(cause ? [happened({ kind: 'mistake', about: piece.part, text: cause }, at)] : [])];
}

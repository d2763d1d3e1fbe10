import type { Operation } from '../../api/client';
import type { Plan, Step } from '../../api/plan';
import { say } from '../../measure/say';

export interface Picture {
    /** Parts that are there, those the step is about among them. */
    readonly there: ReadonlySet<string>;
    readonly lit: ReadonlySet<string>;
}

/**
 * What a step's picture shows: in the shop what is together so far, in the room what already stands, with what is only held to it where it is
 * scribed or carried, at the bench the boards it is about.
 */
export function pictureOf(steps: readonly Step[], index: number): Picture {
    const step = steps[index]!;
    const own = new Set(step.parts);
    const placed = new Set(step.places.length ? step.places : step.parts);
    if (step.scene === 'shop') return { there: own, lit: placed };
    if (step.scene === 'bench') return { there: own, lit: placed.size === own.size ? new Set() : placed };
    const before = steps.slice(0, index).filter((s) => s.scene === 'room' && s.piece === step.piece);
    return { there: new Set([...before.flatMap((s) => s.parts), ...step.parts]), lit: own };
}

/** The piece whose picture a step has: its own, or that of its first part. */
export const pieceOfStep = (plan: Plan, step: Step): string | null =>
    step.piece ?? plan.parts.find((p) => p.id === step.parts[0])?.piece ?? Object.keys(plan.pieces)[0] ?? null;

/** Moved to right after another step; to the front after none. */
export const moveStep = (step: string, after: string): Operation => ({ op: 'set', path: ['make', 'order', step], value: after });

/** One place up or down in the list as it stands; null where there is none. */
export function neighbourMove(steps: readonly Step[], index: number, by: -1 | 1): string | null {
    if (by < 0) return index === 0 ? null : (steps[index - 2]?.id ?? '');
    return steps[index + 1]?.id ?? null;
}

/** "2 h 30", "45 min". */
export function hours(minutes: number): string {
    const h = Math.floor(minutes / 60);
    const min = minutes % 60;
    if (h === 0) return say('{0} min', min);
    return min === 0 ? say('{0} h', h) : say('{0} h {1}', h, min);
}

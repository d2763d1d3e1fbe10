import type { Operation } from '../api/client';
import type { Fact, Reading } from '../api/document';
import type { Walked } from '../api/plan';
import { happened, struck } from './facts';
import { ulid } from './ulid';
import { say } from '../measure/say';

export type With = NonNullable<Fact['with']>;

export const isAngle = (kind: Walked['kind']): boolean => kind === 'corner_angle' || kind === 'slope_angle';

/** It may be zero or less. */
export const isSigned = (kind: Walked['kind']): boolean => ['plumb', 'level', 'slid_edge'].includes(kind);

/** It is looked for all over: its takes say where it was found. */
export const findsPlace = (kind: Walked['kind']): boolean => kind === 'slid_edge' || kind === 'narrowest';

/** How high above the floor and how far from the back wall, mm. */
export interface Found {
    readonly z: number | null;
    readonly y: number | null;
}
export const nowhere: Found = { z: null, y: null };

export const isRead = (r: Walked): boolean => r.value !== null || r.deg !== null;

/** Nobody has stood there yet: neither read nor found out of reach. */
export const isOpen = (r: Walked): boolean => !isRead(r) && r.unreached === null;

/** One more take of a reading. What stood before stays beside it. */
export function takeAgain(
    reading: Pick<Walked, 'id' | 'kind'>,
    value: number,
    typed: string,
    how: { with?: With | null; at: string; found?: Found },
): Operation {
    const said = isAngle(reading.kind) ? { deg: value } : { value };
    const fact: Record<string, unknown> = { kind: 'take', reading: reading.id, ...said, typed };
    if (how.with) fact.with = how.with;
    for (const [axis, mm] of Object.entries(how.found ?? nowhere)) if (mm !== null) fact[axis] = mm;
    return happened(fact, how.at);
}

/** A take put right: what stood before is struck out, never erased. */
export function takeInstead(reading: Walked, value: number, typed: string, how: Parameters<typeof takeAgain>[3]): Operation[] {
    return [takeAgain(reading, value, typed, how), ...strikeOf(reading)];
}

/** The last take once more, found where it now says; what stood is struck out. */
export function foundAt(reading: Walked, found: Found, at: string): Operation[] {
    const last = reading.takes.at(-1);
    if (!last || last.value === null) return [];
    return [takeAgain(reading, last.value, last.typed, { with: last.with, at: last.at ?? at, found }), struck(last.id)];
}

export function strikeOf(reading: Walked): Operation[] {
    return reading.takes.map((take) => struck(take.id));
}

export function noteOf(reading: string, text: string, at: string): Operation {
    return happened({ kind: 'note', reading, text }, at);
}

/** Somebody stood there and could not take it; said already, it can be reached after all. */
export function reachTold(reading: Walked): Operation {
    return reading.unreached === null ? happened({ kind: 'unreached', reading: reading.id }) : struck(reading.unreached);
}

/** A new place to read, and its id. */
export function readingAdded(space: string, reading: Reading): { id: string; op: Operation } {
    const id = ulid();
    return { id, op: { op: 'add', path: ['spaces', space, 'readings', id], value: { order: 'w', ...reading } } };
}

export function readingRemoved(space: string, id: string): Operation {
    return { op: 'remove', path: ['spaces', space, 'readings', id] };
}

/** The neighbour of a reading in walking order. */
export function neighbour(walk: readonly Walked[], id: string | null, step: 1 | -1): string | null {
    const at = walk.findIndex((r) => r.id === id);
    return walk[at + step]?.id ?? null;
}

/** Instruments that make sense for a kind of reading, the usual one first. */
export function instrumentsFor(kind: Walked['kind']): { value: With; label: string; hint?: string }[] {
    if (isAngle(kind)) return [{ value: 'gauge', label: say('Angle gauge') }];
    if (kind === 'plumb' || kind === 'level') {
        return [
            { value: 'level', label: say('Level') },
            { value: 'level_reversed', label: say('Level, both ways'), hint: say('read, turned end for end, read again: the mean') },
            { value: 'laser', label: say('Line laser') },
        ];
    }
    if (kind === 'gap' || kind === 'slid_edge') return [{ value: 'tape', label: say('Rule') }];
    return [
        { value: 'tape', label: say('Tape') },
        { value: 'meter', label: say('Distance meter') },
    ];
}

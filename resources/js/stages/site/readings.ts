import type { Operation } from '../../api/client';
import type { Space } from '../../api/document';
import type { Walked } from '../../api/plan';
import { ulid } from '../../project/ulid';

/** A new take of a reading; what stood before is struck out, never erased. */
export function takeOf(reading: Walked, mm: number, typed: string): Operation[] {
    return [
        { op: 'append', path: ['facts', ulid()], value: { kind: 'take', reading: reading.id, value: mm, typed } },
        ...strikeOf(reading),
    ];
}

export function strikeOf(reading: Walked): Operation[] {
    return reading.takes.map((take) => ({ op: 'strike', path: ['facts', take.id] }));
}

export function readingAdded(space: string, reading: Record<string, unknown>): Operation {
    return { op: 'add', path: ['spaces', space, 'readings', ulid()], value: reading };
}

export function readingRemoved(space: string, id: string): Operation {
    return { op: 'remove', path: ['spaces', space, 'readings', id] };
}

/** The lowest height at which a width stands: where plumb readings begin. */
export function lowestWidth(space: Space): number {
    return Math.min(...Object.values(space.readings).filter((r) => r.kind === 'width').map((r) => r.z ?? 0), 10_000); // prettier-ignore
}

/** The neighbour of a reading in walking order. */
export function neighbour(walk: readonly Walked[], id: string | null, step: 1 | -1): string | null {
    const at = walk.findIndex((r) => r.id === id);
    return walk[at + step]?.id ?? null;
}

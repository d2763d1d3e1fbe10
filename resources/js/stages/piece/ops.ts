import type { Operation } from '../../api/client';
import type { Band, Bay, Piece, Run, Shelf } from '../../api/document';
import { inOrder } from '../../project/order';
import { ulid } from '../../project/ulid';

export type Path = readonly string[];

/** An element of the composition, where it is in the document, and what holds it. */
export interface Placed<T> {
    readonly id: string;
    readonly path: Path;
    readonly value: T;
}

export interface PlacedBay extends Placed<Bay> {
    readonly band: Placed<Band>;
    readonly siblings: readonly [string, Bay][];
    readonly level: number;
}

export const runsOf = (pieceId: string, piece: Piece): Placed<Run>[] =>
    inOrder(piece.runs).map(([id, value]) => ({ id, value, path: ['pieces', pieceId, 'runs', id] }));

export const bandsOf = (holder: Path, bands: Run['bands'] | undefined): Placed<Band>[] =>
    inOrder(bands).map(([id, value]) => ({ id, value, path: [...holder, 'bands', id] }));

/** Every bay of a piece, those inside other bays too, in the order of the document. */
export function baysOf(pieceId: string, piece: Piece): PlacedBay[] {
    return runsOf(pieceId, piece).flatMap((run) => inBands(run.path, run.value.bands, 1));
}

function inBands(holder: Path, bands: Run['bands'] | undefined, level: number): PlacedBay[] {
    return bandsOf(holder, bands).flatMap((band) => {
        const siblings = inOrder(band.value.bays);
        return siblings.flatMap(([id, value]): PlacedBay[] => {
            const path = [...band.path, 'bays', id];
            return [{ id, value, path, band, siblings, level }, ...inBands(path, value.bands, level + 1)];
        });
    });
}

/** An order key that sorts after one and before the next. */
export function keyAfter(entries: readonly [string, { order?: string }][], id?: string): string {
    const at = id === undefined ? entries.length - 1 : entries.findIndex(([e]) => e === id);
    const before = entries[at]?.[1].order ?? '';
    const next = entries[at + 1]?.[1].order;
    if (next === undefined) return `${before}m`;
    for (let tail = 'm'; tail.length < 12; tail = `0${tail}`) {
        if (`${before}${tail}` < next) return `${before}${tail}`;
    }
    return before;
}

const isId = (key: string): boolean => /^[0-7][0-9A-HJKMNP-TV-Z]{25}$/.test(key);

/** The same with ids of its own, so that both can be changed apart. References among its own parts follow. */
export function copied<T>(value: T): T {
    const ids = new Map<string, string>();
    const collect = (v: unknown): void => {
        if (v === null || typeof v !== 'object') return;
        for (const [key, inner] of Object.entries(v)) {
            if (isId(key)) ids.set(key, ulid());
            collect(inner);
        }
    };
    collect(value);
    const renew = (v: unknown): unknown => {
        if (typeof v === 'string') return ids.get(v) ?? v;
        if (Array.isArray(v)) return v.map(renew);
        if (v === null || typeof v !== 'object') return v;
        return Object.fromEntries(Object.entries(v).map(([key, inner]) => [ids.get(key) ?? key, renew(inner)]));
    };
    return renew(value) as T;
}

/** One more bay after this one, empty. */
export function bayAdded(bay: PlacedBay): { id: string; ops: Operation[] } {
    const id = ulid();
    const value = { order: keyAfter(bay.siblings, bay.id), fill: { kind: 'open' } };
    return { id, ops: [{ op: 'add', path: [...bay.band.path, 'bays', id], value }] };
}

/** The same bay once more beside it. */
export function bayCopied(bay: PlacedBay): { id: string; ops: Operation[] } {
    const id = ulid();
    const value = { ...copied(bay.value), order: keyAfter(bay.siblings, bay.id), through: undefined };
    return { id, ops: [{ op: 'add', path: [...bay.band.path, 'bays', id], value: JSON.parse(JSON.stringify(value)) as object }] };
}

/** What the bay holds goes into the lower of two bands inside it. */
export function bayStacked(bay: PlacedBay): Operation[] {
    const inner = (order: string, fill: unknown): object => ({
        order,
        kind: 'box',
        bays: { [ulid()]: { order: 'a', ...(fill ? { fill } : {}) } },
    });
    return [
        {
            op: 'set',
            path: [...bay.path, 'bands'],
            value: { [ulid()]: inner('a', bay.value.fill), [ulid()]: inner('b', { kind: 'open' }) },
        },
        { op: 'set', path: [...bay.path, 'fill'], value: null },
    ];
}

/** Bands inside a bay are taken out again. */
export const bayUnstacked = (bay: PlacedBay): Operation[] => [{ op: 'set', path: [...bay.path, 'bands'], value: null }];

const usualBand: Record<Band['kind'], object> = {
    plinth: { height: 90, set_back: 40 },
    toe_kick: { height: 90, set_back: 50 },
    box: {},
    gap: { height: 400 },
    top: { overhang: 15 },
    seat: { overhang: 15 },
    deck: {},
    crown: { height: 60 },
};

/** One more band on top of a run, of usual sizes. */
export function bandAdded(run: Placed<Run>, kind: Band['kind']): Operation {
    const bays = kind === 'box' ? { bays: { [ulid()]: { order: 'a', fill: { kind: 'open' } } } } : {};
    return {
        op: 'add',
        path: [...run.path, 'bands', ulid()],
        value: { order: keyAfter(inOrder(run.value.bands)), kind, ...usualBand[kind], ...bays },
    };
}

/** A run along a side wall, as high as the piece and plain. */
export function runAdded(pieceId: string, wall: 'left' | 'right'): Operation {
    const bands = { [ulid()]: { order: 'a', kind: 'box', bays: { [ulid()]: { order: 'a', fill: { kind: 'open' } } } } };
    return { op: 'add', path: ['pieces', pieceId, 'runs', ulid()], value: { order: 'n', wall, length: 1500, corner: 'stops', bands } };
}

export function shelfAdded(path: Path, shelves: Readonly<Record<string, Shelf>>): Operation {
    return { op: 'add', path: [...path, 'fill', 'shelves', ulid()], value: { order: keyAfter(inOrder(shelves)) } };
}

export function lastRemoved(path: Path, entries: readonly [string, unknown][]): Operation {
    return { op: 'remove', path: [...path, entries.at(-1)![0]] };
}

const flipped = (side: unknown): unknown => (side === 'left' ? 'right' : side === 'right' ? 'left' : side);

/** The other hand of a piece: bays in the opposite order, hinges, chases and runs on the other side. Ids stay. */
export function mirrored(piece: Piece): Piece {
    const turn = (value: unknown, key: string): unknown => {
        if (['hinge', 'side', 'wall'].includes(key)) return flipped(value);
        if (value === null || typeof value !== 'object') return value;
        const entries = Object.entries(value as Record<string, unknown>);
        if (key !== 'bays') return Object.fromEntries(entries.map(([k, v]) => [k, turn(v, k)]));
        const bays = inOrder(value as Record<string, { order?: string }>);
        const orders = bays.map(([, b]) => b.order ?? '').reverse();
        return Object.fromEntries(bays.map(([id, bay], i) => [id, { ...(turn(bay, id) as object), order: orders[i] }]));
    };
    const stand = piece.stand ? { stand: { ...piece.stand, from: ({ left: 'right', right: 'left', left_flank: 'right_flank', right_flank: 'left_flank' } as Record<string, string>)[piece.stand.from ?? ''] ?? piece.stand.from } } : {}; // prettier-ignore
    return { ...piece, ...stand, left: piece.right, right: piece.left, runs: turn(piece.runs, 'runs') } as Piece;
}

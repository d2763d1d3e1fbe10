import type { Operation } from '../../api/client';
import type { Band, Bay, Piece } from '../../api/document';
import { inOrder } from '../../project/order';
import { ulid } from '../../project/ulid';

/** The one run of this piece and its bands, with the paths that changes need. */
export function bandsOf(pieceId: string, piece: Piece): { box: [string[], Band]; plinth: [string[], Band] | null } {
    const [runId, run] = Object.entries(piece.runs)[0]!;
    const find = (kind: Band['kind']): [string[], Band] | null => {
        const found = Object.entries(run.bands).find(([, band]) => band.kind === kind);
        return found ? [['pieces', pieceId, 'runs', runId, 'bands', found[0]], found[1]] : null;
    };
    return { box: find('box')!, plinth: find('plinth') };
}

/** An order key that sorts after the last. */
export function after(entries: readonly [string, { order?: string }][]): string {
    const last = entries.at(-1)?.[1].order ?? '';
    return `${last}m`;
}

export function bayAdded(path: string[], bays: [string, Bay][]): Operation {
    const like = Object.keys(bays.at(-1)?.[1].shelves ?? {}).length;
    const shelves = Object.fromEntries(Array.from({ length: like }, (_, i) => [ulid(), { order: String(i).padStart(2, '0') }]));
    return { op: 'add', path: [...path, 'bays', ulid()], value: { order: after(bays), shelves } };
}

export function shelfAdded(path: string[], bayId: string, bay: Bay): Operation {
    return { op: 'add', path: [...path, 'bays', bayId, 'shelves', ulid()], value: { order: after(inOrder(bay.shelves)) } };
}

export function lastRemoved(path: string[], entries: readonly [string, unknown][]): Operation {
    return { op: 'remove', path: [...path, entries.at(-1)![0]] };
}

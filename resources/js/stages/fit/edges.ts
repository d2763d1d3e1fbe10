import type { Edge, Offsets } from '../../api/document';
import type { FittedEdge } from '../../api/plan';

/** What a drawing calls an edge of the piece, or of one of its slabs. */
export const edgeRef = (piece: string, key: string): string => (key.includes('/') ? key : `${piece}/${key}`);

/** The edge that is picked, else the left one. */
export function edgeKey(piece: string, edges: Readonly<Record<string, FittedEdge>>, picked: string | null): string {
    return Object.keys(edges).find((key) => edgeRef(piece, key) === picked) ?? 'left';
}

/** How an edge is stored when a way is chosen: with its usual set-off, which may then be changed. */
export const chosen = (kind: Edge['kind'], usual: Readonly<Record<string, number>>): Edge => ({ kind, set_off: usual[kind] ?? 0 });

/** The offsets taken for one edge, with the id they are kept under. */
export function offsetsOf(all: Readonly<Record<string, Offsets>> | undefined, key: string): [string, Offsets] | null {
    return Object.entries(all ?? {}).find(([, o]) => o.edge === key) ?? null;
}

/** Money is kept in cents; nobody needs them for a strip of board. */
export const price = (cents: number): string => (cents / 100).toFixed(2);

import type { Edge, Offsets } from '../../api/document';
import type { FittedEdge, Template } from '../../api/plan';
import type { Text } from '../../measure/words';

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

const text = (key: string): Text => ({ key, args: {} });

/** The gap along an edge that is not scribed, drawn as a cut line would be: nothing to print, but to be looked at. */
export function profile(piece: string, edge: FittedEdge): Template {
    const up = edge.edge === 'right' || edge.edge === 'base' ? -1 : 1;
    const [first, last] = [edge.gaps[0]!.at, edge.gaps.at(-1)!.at];
    const line = edge.gaps.map((g): [number, number] => [g.at - first, up * g.gap]);
    const reach = line.map(([, v]) => v);
    const upright = edge.along === 'z';
    return {
        piece,
        name: text(`edge.${edge.edge}`),
        seen: text(edge.edge === 'back' ? 'template.seen_above' : 'template.seen_front'),
        left: text(upright ? 'template.at_foot' : 'template.at_left'),
        right: text(upright ? 'template.at_head' : 'template.at_right'),
        bounds: [0, Math.min(0, ...reach), last - first, Math.max(0, ...reach)],
        lines: [
            { layer: 'straight', points: [[0, 0], [last - first, 0]], closed: false, circle: null },
            { layer: 'outline', points: line, closed: false, circle: null },
        ],
        marks: line.map((at) => ({ at, text: text('') })),
    }; // prettier-ignore
}

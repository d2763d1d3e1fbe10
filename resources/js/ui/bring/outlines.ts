import type { FoundOutline, Operation } from '../../api/client';
import type { Piece } from '../../api/document';
import { ulid } from '../../project/ulid';
import { say } from '../../measure/say';

/** Where along the outline the wall is. */
export const SIDES = [
    { value: 'left', label: say('left') },
    { value: 'right', label: say('right') },
    { value: 'top', label: say('top') },
    { value: 'bottom', label: say('bottom') },
] as const;

const most = (o: FoundOutline, axis: 0 | 1): number => Math.max(...o.points.map((p) => p[axis]));

/** To draw it: y runs up in the drawing. */
export function pathOf(o: FoundOutline): { d: string; box: string } {
    const [width, height] = [most(o, 0), most(o, 1)];
    const pad = Math.max(width, height) / 40;
    const d = o.points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x} ${height - y}`).join('') + (o.closed ? 'Z' : '');
    return { d, box: `${-pad} ${-pad} ${width + 2 * pad} ${height + 2 * pad}` };
}

/** A loose board of that shape, the longer side along the grain. */
export function boardOf(o: FoundOutline, name: string, material: string): object {
    const stands = most(o, 1) > most(o, 0);
    // Turned a quarter, so that nothing is mirrored.
    const points = stands ? o.points.map(([x, y]) => [y, most(o, 0) - x]) : o.points.map(([x, y]) => [x, y]);
    const rounded = points.map((p) => p.map((n) => Math.round(n! * 1000) / 1000));
    const [length, width] = [Math.max(...rounded.map((p) => p[0]!)), Math.max(...rounded.map((p) => p[1]!))];
    return { name, material, length, width, outline: rounded };
}

/** The wall as offsets of an edge, in place of those it had; of an open line nobody has said how far off it lies. */
export function offsetsFrom(
    pieceId: string,
    piece: Piece,
    edge: string,
    start: number,
    wall: readonly { at: number; gap: number }[],
    closed: boolean,
): Operation[] {
    const before = Object.entries(piece.offsets ?? {}).find(([, o]) => o.edge === edge);
    const gaps = Object.fromEntries(wall.map((w) => [ulid(), { at: Math.round((start + w.at) * 1000) / 1000, gap: w.gap }]));
    const value = { edge, held: 'straightedge', ...(closed ? { off: 0 } : {}), gaps };
    return [
        ...(before ? [{ op: 'remove' as const, path: ['pieces', pieceId, 'offsets', before[0]] }] : []),
        { op: 'add', path: ['pieces', pieceId, 'offsets', ulid()], value },
    ];
}

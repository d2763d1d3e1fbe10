import { expect, it } from 'vitest';
import type { FoundOutline } from '../../api/client';
import type { Piece } from '../../api/document';
import { boardOf, offsetsFrom, pathOf } from './outlines';

const bracket: FoundOutline = {
    layer: 'CUT',
    closed: true,
    walls: {},
    points: [
        [0, 0],
        [180, 0],
        [300, 150],
        [300, 400],
        [0, 400],
    ],
};

it('lies with its longer side along the grain, turned and not mirrored', () => {
    const board = boardOf(bracket, 'Bracket', 'ply') as { length: number; width: number; outline: [number, number][] };
    expect([board.length, board.width]).toEqual([400, 300]);
    const area = (points: readonly (readonly [number, number])[]): number =>
        points.reduce((sum, [x, y], i) => sum + x * points[(i + 1) % points.length]![1] - points[(i + 1) % points.length]![0] * y, 0) / 2;
    expect(area(board.outline)).toBeCloseTo(area(bracket.points));
});

it('stays as it is where it lies already', () => {
    const flat = { ...bracket, points: bracket.points.map(([x, y]) => [y, x] as [number, number]) };
    expect((boardOf(flat, 'B', 'ply') as { outline: unknown }).outline).toEqual(flat.points);
});

it('is drawn with y up', () => {
    expect(pathOf(bracket).d).toBe('M0 400L180 400L300 250L300 0L0 0Z');
});

it('takes the place of the offsets the edge had, from where the edge begins', () => {
    const piece = {
        offsets: { OLD: { edge: 'left', held: 'part', gaps: {} }, OTHER: { edge: 'right', held: 'part', gaps: {} } },
    } as unknown as Piece;
    const wall = [
        { at: 0, gap: 4 },
        { at: 1000, gap: 7.5 },
    ];
    const [gone, added] = offsetsFrom('P', piece, 'left', 90, wall, true);
    expect(gone).toEqual({ op: 'remove', path: ['pieces', 'P', 'offsets', 'OLD'] });
    const value = added!.value as { off: number; gaps: Record<string, object> };
    expect(value.off).toBe(0);
    expect(Object.values(value.gaps)).toEqual([
        { at: 90, gap: 4 },
        { at: 1090, gap: 7.5 },
    ]);
    expect(offsetsFrom('P', { offsets: {} } as unknown as Piece, 'left', 0, wall, false)[0]!.value).not.toHaveProperty('off');
});

import { expect, test } from 'vitest';
import type { RackPiece } from '../api/client';
import type { Part } from '../api/plan';
import { offered } from './rack';

const part = (
    id: string,
    length: number,
    width: number,
    grain: Part['grain'] = 'length',
): Pick<Part, 'id' | 'material' | 'grain' | 'cut'> =>
    ({ id, material: 'ply', grain, cut: { length: { mm: length }, width: { mm: width } } }) as never;
const piece = (label: string, length: number, width: number, more: Partial<RackPiece> = {}): RackPiece =>
    ({ id: label, label, material: 'Ply', grain: true, thickness: 18, length, width, taken: false, own: false, ...more }) as RackPiece;
const say = (parts: ReturnType<typeof part>[], rack: RackPiece[]): string[] =>
    offered(parts, rack, (p) => (p.thickness === 18 ? 'ply' : undefined)).map((o) => `${o.part.id} ${o.piece.label}`);

test('the smallest piece that is as large is offered, and each once', () => {
    const rack = [piece('R1', 900, 500), piece('R2', 700, 400), piece('R3', 300, 300)];
    expect(say([part('a', 690, 390)], rack)).toEqual(['a R2']);
    expect(say([part('a', 690, 390), part('b', 700, 400)], rack)).toEqual(['b R2', 'a R1']);
    expect(say([part('a', 901, 390)], rack)).toEqual([]);
});

test('grain says which way round; what is taken, from here or of another thickness is left alone', () => {
    expect(say([part('a', 390, 690)], [piece('R1', 700, 400)])).toEqual([]);
    expect(say([part('a', 390, 690, 'free')], [piece('R1', 700, 400)])).toEqual(['a R1']);
    const not = [piece('R1', 900, 500, { taken: true }), piece('R2', 900, 500, { own: true }), piece('R3', 900, 500, { thickness: 12 })];
    expect(say([part('a', 690, 390)], not)).toEqual([]);
});

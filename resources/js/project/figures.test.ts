import { expect, it } from 'vitest';
import type { Figure, Plan } from '../api/plan';
import { pickedOf } from './figures';

const figure = (mm: number): Figure => ({ mm, exact: true, trail: [] }) as unknown as Figure;

const plan = {
    site: { s: { walk: [{ id: 'w1', kind: 'width' }] } },
    parts: [{ id: 'box:top' }],
    pieces: {
        p: {
            clear: figure(1203),
            width: figure(1166),
            height: figure(2200),
            depth: figure(350),
            budget: figure(1175.8),
            tilt_up: figure(2227.7),
            edges: { left: { kind: 'filler' }, right: { kind: 'play' } },
            openings: { bay1: figure(556) },
            cells: {},
            spacings: { bay1: { openings: [figure(300), figure(400)] } },
        },
    },
} as unknown as Plan;

it.each([
    ['w1', 'reading'],
    ['box:top', 'part'],
    ['p/left', 'edge'],
    ['p/clear', 'figure'],
    ['p/carcass_width', 'figure'],
    ['bay1/opening', 'figure'],
    ['bay1/spacing/1', 'figure'],
])('%s picks a %s', (ref, kind) => {
    expect(pickedOf(plan, ref)?.kind).toBe(kind);
});

it('picks the figure that was meant', () => {
    const mm = (ref: string): number | undefined => {
        const picked = pickedOf(plan, ref);
        return picked?.kind === 'figure' ? picked.figure.mm : undefined;
    };
    expect([mm('p/clear'), mm('p/carcass_height'), mm('bay1/opening'), mm('bay1/spacing/1')]).toEqual([1203, 2200, 556, 400]);
});

it('picks nothing for what is not there', () => {
    for (const ref of ['', 'gone', 'p/nothing', 'bay1/spacing/9', 'q/clear']) expect(pickedOf(plan, ref)).toBeNull();
});

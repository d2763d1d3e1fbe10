import { expect, test } from 'vitest';
import type { ProjectDocument } from '../../api/document';
import type { Part, Plan } from '../../api/plan';
import { hoursOf, making, tally } from './record';

test('a part that is further counts as having been everything before', () => {
    const parts = (['to_cut', 'cut', 'installed'] as const).map((state) => ({ state }) as Part);
    expect(tally(parts)).toEqual({ to_cut: 3, cut: 2, machined: 1, finished: 1, assembled: 1, installed: 1 });
});

test('the record is newest first, without readings and single cuts', () => {
    const document = {
        facts: { a: { kind: 'take', at: '3' }, b: { kind: 'remark', at: '1' }, c: { kind: 'done', at: '2' }, d: { kind: 'sawn', at: '4' } },
    } as unknown as ProjectDocument;
    expect(making(document).map((f) => f.id)).toEqual(['c', 'b']);
});

test('hours are those that were timed; a struck one never was', () => {
    const document = {
        facts: {
            a: { kind: 'done', step: 's', minutes: 50, planned: 40 },
            b: { kind: 'done', step: 't' },
            c: { kind: 'done', step: 's', minutes: 9, planned: 9, struck: true },
        },
    } as unknown as ProjectDocument;
    expect(
        hoursOf(document, {
            steps: [
                { id: 's', minutes: 40 },
                { id: 't', minutes: 25 },
            ],
        } as Plan),
    ).toEqual({ worked: 50, planned: 40, untimed: 25 });
});

import { expect, it } from 'vitest';
import type { Operation } from '../api/client';
import type { ProjectDocument } from '../api/document';
import { laid } from './laid';
import { wordsOf } from './wordsOf';

const id = '01JCHARTP1ECE00000000000P1';
const document = {
    name: 'Left niche',
    pieces: { [id]: { name: 'Bench', depth: 380, left: { kind: 'trim' } } },
} as unknown as ProjectDocument;
const waiting = (...ops: Operation[]) => [{ change_id: 'c', project: 'p', ops }];
const set = (value: unknown, ...path: string[]): Operation => ({ op: 'set', path, value });

it('lays what waits over the fields that are there, and leaves the document it was given', () => {
    const over = laid(document, waiting(set(300, 'pieces', id, 'depth'), set('scribe', 'pieces', id, 'left', 'kind')));
    expect(over.pieces![id]).toEqual({ name: 'Bench', depth: 300, left: { kind: 'scribe' } });
    expect(document.pieces![id]!.depth).toBe(380);
});

it.each([
    ['what is not there yet', set(3, 'pieces', id, 'height')],
    ['a thing in a piece that is not there', set(3, 'pieces', 'other', 'depth')],
    ['what is taken away', set(null, 'pieces', id, 'depth')],
    ['another sort of value', set({ typed: '300' }, 'pieces', id, 'depth')],
    ['a thing added', { op: 'add', path: ['pieces', 'new'], value: {} } as Operation],
])('waits for the plan with %s', (_, op) => {
    expect(laid(document, waiting(op))).toEqual(document);
});

it('says an edit in a few words', () => {
    expect(wordsOf(set(300, 'pieces', id, 'depth'), document)).toBe('Bench · depth · 300');
    expect(wordsOf(set('scribe', 'pieces', id, 'left', 'kind'), document)).toBe('Bench · left, kind · scribe');
    expect(wordsOf(set({ typed: '12 1/2' }, 'way_in', 'width'), document)).toBe('way in, width · 12 1/2');
});

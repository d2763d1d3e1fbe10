import { expect, test } from 'vitest';
import type { ProjectDocument } from '../../api/document';
import type { Plan } from '../../api/plan';
import { aboutWhat, type Fact, verdictOf, writings } from './record';
import { said } from './saying';

const document = {
    unit: 'mm',
    pieces: { p: { name: 'Shelves' } },
    stock: { ply: { name: 'Ply' } },
    facts: {
        c: { kind: 'choice', at: '1' },
        v1: { kind: 'verdict', of: 'c', good: true, at: '2' },
        v2: { kind: 'verdict', of: 'c', good: false, at: '3' },
        v3: { kind: 'verdict', of: 'c', good: true, at: '4', struck: true },
    },
} as unknown as ProjectDocument;
const plan = {
    parts: [{ id: 'a', label: 'A1', name: { key: 'part.top', args: {} } }],
    steps: [{ id: 's', title: { key: 'x', args: {} }, asks: [{ about: 'studs', name: { key: 'y', args: {} }, recorded: false }] }],
    site: {},
    trials: [],
    buy: { lines: [], currency: 'EUR' },
    handover: { care: [] },
} as unknown as Plan;
const known = { document, plan, unit: 'mm' as const };
const say = (fact: object): string => said(fact as Fact, known);
const mm = (text: string): number => Number(text);

test('what was written down is said in a sentence', () => {
    expect(say({ kind: 'crosscut', part: 'a', length: 400, width: 25 })).toBe('Cut off a stick: A1, 400.0 mm');
    expect(say({ kind: 'cut_wrong', part: 'a', length: 400, cause: 'slipped' })).toBe('Cut wrong: A1, it measures 400.0 mm. slipped');
    expect(say({ kind: 'choice', about: 'p', text: 'pins', reason: 'they move' })).toBe('Shelves, decided: pins. Because: they move');
    expect(say({ kind: 'mistake', about: 'p', text: 'upside down', minutes: 20 })).toBe('Shelves, went wrong: upside down. Cost 20 min');
    expect(say({ kind: 'tin', piece: 'gone', name: 'Paint', batch: '7' })).toBe('Tin for a piece that is no more: Paint, batch 7');
    expect(say({ kind: 'hidden', about: 'p', text: 'pipe', first: { from: 'the floor', length: 400 } })).toBe(
        'Hidden: Shelves, pipe, 400.0 mm from the floor',
    );
    expect(say({ kind: 'handed_over', to: 'Ansel' })).toBe('Handed over to Ansel');
});

test('what is missing is refused, nothing half-kept', () => {
    expect(() => writings.choice.fact({ text: 'pins' }, 'p', mm)).toThrow('expected the reason');
    expect(() => writings.hidden.fact({ firstFrom: 'the door' }, 'p', mm)).toThrow('expected both what it is measured from and how far');
    expect(() => writings.hidden.fact({}, 'p', mm)).toThrow('expected what it is, or where');
    expect(() => writings.mistake.fact({ text: 'x', minutes: 'some' }, 'p', mm)).toThrow('expected whole minutes');
    expect(writings.hidden.fact({ firstFrom: 'the door', firstLength: '12' }, 'p', mm)).toEqual({
        kind: 'hidden',
        about: 'p',
        first: { from: 'the door', length: 12 },
    });
    expect(writings.tin.fact({ name: 'Paint', batch: '7', sheen: '' }, 'p', mm)).toEqual({
        kind: 'tin',
        piece: 'p',
        name: 'Paint',
        batch: '7',
    });
});

test('a decision is seen as it was seen last, by what stands', () => {
    expect(verdictOf(document, 'c')).toMatchObject({ good: false });
    expect(verdictOf(document, 'other')).toBeNull();
});

test('it can be about what is picked, the pieces, and what the rooms hide', () => {
    expect(aboutWhat(document, plan, 'a').map((a) => a.id)).toEqual(['a', 'p', 'studs']);
    expect(aboutWhat(document, plan, null).map((a) => a.id)).toEqual(['p', 'studs']);
});

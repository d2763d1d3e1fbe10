import { describe, expect, it } from 'vitest';
import type { LibraryEntry } from '../../api/client';
import type { Bay, ProjectDocument } from '../../api/document';
import { useOf } from './library';

const entry = (given: Partial<LibraryEntry>): LibraryEntry => ({
    name: 'Thing', kind: 'appliance', width: 600, depth: 560, height: 820, kg: 30, count: 1, often: 'weekly', hazard: false, rating: null,
    clearance: null, fixes_to: 'nothing', watts: 0, price_cents: 0, note: '', fills: {}, ...given,
}); // prettier-ignore
const at = (bay: Bay) => ({ id: 'BAY', path: ['pieces', 'P', 'bays', 'BAY'], bay });
const document = { stored: {} } as unknown as ProjectDocument;

describe('what an entry of the library does where it is used', () => {
    it('sets what the fill of the bay takes from it, and nothing of another fill', () => {
        const oven = entry({ fills: { appliance: { width: 595, fixes_to: 'face' } } });
        expect(useOf(oven, at({ fill: { kind: 'appliance' } }), document)).toEqual([
            { op: 'set', path: ['pieces', 'P', 'bays', 'BAY', 'fill', 'width'], value: 595 },
            { op: 'set', path: ['pieces', 'P', 'bays', 'BAY', 'fill', 'fixes_to'], value: 'face' },
        ]);
        expect(useOf(oven, at({ fill: { kind: 'shelves' } }), document)).toBeNull();
    });

    it('puts what is stored into a bay made for it, poison marked as such', () => {
        const [op] = useOf(entry({ kind: null, hazard: true, count: 3 }), at({ fill: { kind: 'stored' } }), document)!;
        expect(op).toMatchObject({ op: 'add', value: { name: 'Thing', width: 600, count: 3, bay: 'BAY', hazard: true } });
        expect(useOf(entry({ kind: null }), at({ fill: { kind: 'drawers' } }), document)).toBeNull();
    });

    it('makes the bay as wide as a found door with its gaps, and hangs one there', () => {
        const ops = useOf(entry({ kind: 'door', width: 450, clearance: 3 }), at({}), document)!;
        expect(ops.map((o) => o.value)).toEqual([{ by: 'fixed', value: 456 }, { kind: 'hinged' }]);
        expect(useOf(entry({ kind: 'door', width: 450 }), at({ door: { kind: 'lift' } }), document)).toHaveLength(1);
    });

    it('takes the maker’s figure of a hinge as the limit', () => {
        const hinge = entry({ kind: 'hinge', rating: 8 });
        expect(useOf(hinge, at({ door: { kind: 'hinged' } }), document)).toEqual([
            { op: 'set', path: ['limits'], value: { 'strength.hinges_few': 8 } },
        ]);
        expect(useOf(hinge, at({}), document)).toBeNull();
        const set = { ...document, limits: { 'strength.hinges_few': 5 } } as ProjectDocument;
        expect(useOf(hinge, at({ door: { kind: 'hinged' } }), set)![0]!.path).toEqual(['limits', 'strength.hinges_few']);
    });
});

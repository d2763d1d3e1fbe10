import type { LibraryEntry, Operation } from '../../api/client';
import type { Bay, ProjectDocument, StoredThing } from '../../api/document';
import { inOrder } from '../../project/order';
import { ulid } from '../../project/ulid';
import { limitSet } from '../../ui/limits';
import { keyAfter, type Path } from './ops';

/** Where an entry of the library is to be used. */
export interface LibraryPlace {
    readonly id: string;
    readonly path: Path;
    readonly bay: Bay;
}

export const kinds = ['slides', 'hinge', 'catch', 'strut', 'castor', 'mattress', 'appliance', 'bin', 'box', 'door'] as const;

/** What using it there does to the document; null where it has nothing to say of such a bay. */
export function useOf(entry: LibraryEntry, place: LibraryPlace, document: ProjectDocument): Operation[] | null {
    const fill = place.bay.fill?.kind ?? 'open';
    if (entry.kind === null) return fill === 'stored' ? [store(entry, place.id, document)] : null;
    if (entry.kind === 'hinge' && place.bay.door && entry.rating !== null) return [limitSet(document, 'strength.hinges_few', entry.rating)];
    if (entry.kind === 'door' && entry.width !== null) {
        const wide = { by: 'fixed', value: entry.width + 2 * (entry.clearance ?? 2.5) };
        const width: Operation = { op: 'set', path: [...place.path, 'width'], value: wide };
        return place.bay.door ? [width] : [width, { op: 'set', path: [...place.path, 'door'], value: { kind: 'hinged' } }];
    }
    const settings = entry.fills[fill];
    if (!settings) return null;
    return Object.entries(settings).map(([key, value]) => ({ op: 'set', path: [...place.path, 'fill', key], value }));
}

function store(entry: LibraryEntry, bay: string, document: ProjectDocument): Operation {
    const value: StoredThing = {
        order: keyAfter(inOrder(document.stored)),
        name: entry.name,
        width: entry.width ?? 300,
        depth: entry.depth ?? 250,
        height: entry.height ?? 200,
        kg: entry.kg,
        count: entry.count,
        often: entry.often,
        bay,
        ...(entry.hazard ? { hazard: true } : {}),
    };
    return { op: 'add', path: ['stored', ulid()], value };
}

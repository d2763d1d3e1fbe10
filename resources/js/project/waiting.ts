import { type IDBPDatabase, openDB } from 'idb';
import type { ConflictRow, Operation } from '../api/client';

/** A change that waits on this device until the server has it. Its ids are made here, so that sending it twice adds nothing. */
export interface Waiting {
    readonly seq?: number;
    readonly change_id: string;
    readonly project: string;
    readonly ops: readonly Operation[];
    /** The revision it was made on; of what was said without one in sight, none. */
    readonly base?: number;
    /** Changes of this device that were still on their way when it was made: it was made on top of them. */
    readonly after?: readonly string[];
    /** Whose it is: it is sent while that person is signed in, and by nobody else. */
    readonly who?: string;
    /** When the guest's copy of the demo house goes that it belongs to. */
    readonly until?: string;
    /** Why the server would not have it; kept until somebody looks. */
    readonly refused?: string;
    /** Where somebody else changed the same: what stands against what. */
    readonly rows?: readonly ConflictRow[];
    /** A picture that goes before the change that names it. */
    readonly photo?: { id: string; blob: Blob };
}

const STORE = 'waiting';
let opened: Promise<IDBPDatabase> | null = null;

/** Opened once; anew where the browser closed it, and not at all where this device keeps nothing. */
function disk(): Promise<IDBPDatabase> {
    opened ??= openDB('incastro', 1, {
        upgrade: (db) => void db.createObjectStore(STORE, { keyPath: 'seq', autoIncrement: true }),
        blocking: (_now, _next, event) => {
            (event.target as IDBDatabase).close();
            opened = null;
        },
        terminated: () => (opened = null),
    }).catch((error: unknown) => {
        opened = null;
        throw error;
    });
    return opened;
}

/** What waits, on the device's own disk: it survives a reload, a restart, and signing out. */
export const waiting = {
    all: async (): Promise<Waiting[]> => (await disk()).getAll(STORE) as Promise<Waiting[]>,
    put: async (item: Waiting): Promise<IDBValidKey> => (await disk()).put(STORE, item),
    drop: async (seq: number): Promise<void> => (await disk()).delete(STORE, seq),
};

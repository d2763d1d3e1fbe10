import type { Operation } from '../api/client';
import { say } from '../measure/say';

/** A change that waits on this device until the server has it. Its ids are made here, so that sending it twice adds nothing. */
export interface Waiting {
    readonly seq?: number;
    readonly change_id: string;
    readonly project: string;
    readonly ops: readonly Operation[];
    /** Why the server would not have it; kept until somebody looks. */
    readonly refused?: string;
    /** A picture that goes before the change that names it. */
    readonly photo?: { id: string; blob: Blob };
}

const STORE = 'waiting';

function opened(): Promise<IDBDatabase> {
    return new Promise((resolve, reject) => {
        const request = indexedDB.open('incastro', 1);
        request.onupgradeneeded = () => request.result.createObjectStore(STORE, { keyPath: 'seq', autoIncrement: true });
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error ?? new Error(say('This device keeps nothing.')));
    });
}

async function within<T>(mode: IDBTransactionMode, work: (store: IDBObjectStore) => IDBRequest<T>): Promise<T> {
    const db = await opened();
    try {
        return await new Promise<T>((resolve, reject) => {
            const transaction = db.transaction(STORE, mode);
            const request = work(transaction.objectStore(STORE));
            transaction.oncomplete = () => resolve(request.result);
            transaction.onerror = () => reject(transaction.error ?? new Error(say('This device would not keep it.')));
        });
    } finally {
        db.close();
    }
}

/** What waits, on the device's own disk: it survives a reload and a restart. */
export const waiting = {
    all: (): Promise<Waiting[]> => within('readonly', (s) => s.getAll() as IDBRequest<Waiting[]>),
    put: (item: Waiting): Promise<IDBValidKey> => within('readwrite', (s) => s.put(item)),
    drop: (seq: number): Promise<undefined> => within('readwrite', (s) => s.delete(seq)),
};

import type { Operation } from '../api/client';
import { ulid } from './ulid';

/** Something that happened, written down beside what was there. */
export const happened = (fact: object, at = new Date().toISOString(), id = ulid()): Operation => ({
    op: 'append',
    path: ['facts', id],
    value: { ...fact, at },
});

/** It stays to be read and counts no more. */
export const struck = (fact: string): Operation => ({ op: 'strike', path: ['facts', fact] });

import type { Opened, Session } from './answers';
import { ask } from './ask';
import { known } from './person';

export const project = (id: string): string => `/api/projects/${id}`;

/** A project asked for while the page is still being put together; used by whoever opens it first. */
let early: { id: string; answer: Promise<Opened>; session: Promise<Session> | null } | null = null;
export function askEarly(path: string): void {
    const id = /^\/projects\/([0-9a-z]{26})(\/|$)/i.exec(path)?.[1];
    if (!id) return;
    early = { id, answer: ask<Opened>('GET', project(id)), session: ask<Session>('GET', '/api/session') };
    early.answer.catch(() => undefined);
    early.session!.catch(() => undefined);
}

export function opened(id: string): Promise<Opened> {
    const ready = early?.id === id ? early.answer : null;
    if (ready === null) early = null;
    else early = { ...early!, id: '' };
    return ready ?? ask<Opened>('GET', project(id));
}

export function whoIsIn(): Promise<Session> {
    const ready = early?.session ?? null;
    early = null;
    return (ready ?? ask<Session>('GET', '/api/session')).then(known);
}

import type { Opened } from '../api/client';

/** The worker's store of what was last seen (public/sw.js). */
const CACHE = 'incastro-1';
const WHEN_QUIET = 1500;
let timer: ReturnType<typeof setTimeout> | undefined;

/**
 * What the server last said of the open project takes the place of what the worker keeps of it: opened again without a network, it is
 * as it was left, and what is edited then is built on the newest that was here.
 */
export function keepForLater(opened: Opened): void {
    if (typeof caches === 'undefined') return;
    clearTimeout(timer);
    timer = setTimeout(() => void keep(opened).catch(() => undefined), WHEN_QUIET);
}

async function keep(opened: Opened): Promise<void> {
    const cache = await caches.open(CACHE);
    const address = `/api/projects/${opened.project.id}`;
    // Only what is kept already: after signing out nothing is.
    if (await cache.match(address, { ignoreVary: true })) await cache.put(address, Response.json(opened));
}

/*
 * Keeps the interface and the projects last seen on the device, so that readings can be taken where there is no network.
 * Nothing that changes a project passes through here: those wait in the page's own queue (resources/js/project/outbox.ts).
 */
const CACHE = 'incastro-1';
const SHELL = '/';
const PATIENCE_MS = 4000;
// A kept answer may be old: a slow server is waited for longer before it is used.
const PATIENCE_WITH_DATA_MS = 15000;

self.addEventListener('install', (event) => {
    self.skipWaiting();
    event.waitUntil(caches.open(CACHE).then((cache) => Promise.all([cache.add(SHELL), keepBuild(cache)])));
});

self.addEventListener('activate', (event) => {
    event.waitUntil(
        Promise.all([
            self.clients.claim(),
            caches.keys().then((keys) => Promise.all(keys.filter((key) => key !== CACHE).map((key) => caches.delete(key)))),
        ]),
    );
});

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (request.method !== 'GET' || url.origin !== self.location.origin) return;
    if (request.mode === 'navigate' && /^\/($|projects\/)/.test(url.pathname)) return event.respondWith(shell(request));
    if (url.pathname.startsWith('/build/') || url.pathname === '/favicon.svg') return event.respondWith(once(request));
    if (/^\/api\/(session|projects(\/[0-9a-z]{26})?)$/i.test(url.pathname) || /\/photos\//.test(url.pathname)) {
        event.respondWith(latest(request));
    }
});

/** Every address is the same page: fresh where there is a network, the kept one where there is none. */
async function shell(request) {
    const cache = await caches.open(CACHE);
    try {
        const response = await soon(fetch(request));
        if (response.ok && (response.headers.get('Content-Type') || '').includes('text/html')) {
            await cache.put(SHELL, response.clone());
            keepBuild(cache).catch(() => undefined);
        }
        return response;
    } catch {
        return (await cache.match(SHELL)) || Response.error();
    }
}

/** Built files carry their content in their name: the kept one is the right one. */
async function once(request) {
    const cache = await caches.open(CACHE);
    const kept = await cache.match(request);
    if (kept) return kept;
    const response = await fetch(request);
    if (response.ok) await cache.put(request, response.clone());
    return response;
}

/** The newest answer where the server can be reached, else the last one it gave. */
async function latest(request) {
    const cache = await caches.open(CACHE);
    try {
        const response = await soon(fetch(request), PATIENCE_WITH_DATA_MS);
        if (response.ok) await cache.put(request, response.clone());
        return response;
    } catch (error) {
        const kept = await cache.match(request);
        if (kept) return kept;
        throw error;
    }
}

/** All files of the interface, also those that no page has asked for yet. */
async function keepBuild(cache) {
    const manifest = await (await fetch('/build/manifest.json', { cache: 'no-store' })).json();
    const files = new Set();
    for (const entry of Object.values(manifest)) {
        for (const file of [entry.file, ...(entry.css || []), ...(entry.assets || [])]) files.add(`/build/${file}`);
    }
    const missing = await Promise.all([...files].map(async (file) => ((await cache.match(file)) ? null : file)));
    await Promise.all(missing.filter(Boolean).map((file) => cache.add(file)));
}

function soon(promise, within = PATIENCE_MS) {
    return Promise.race([promise, new Promise((_, reject) => setTimeout(() => reject(new Error('too slow')), within))]);
}

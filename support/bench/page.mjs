/*
 * What the first page costs: script and style as they come over the wire, and how long until a board can be worked on (its first reading can be
 * picked), by the browser's own timeline, with nothing kept from before. usage: node support/bench/page.mjs BASE
 */
import { chromium } from '@playwright/test';

const base = process.argv[2];
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const signedIn = await browser.newContext({ serviceWorkers: 'block' });
const door = await signedIn.newPage();
await door.goto(`${base}/demo`);
await door.waitForURL(/projects/);
const storageState = await signedIn.storageState();
const site = new URL(door.url()).pathname;

async function visit(path, usable) {
    const context = await browser.newContext({ serviceWorkers: 'block', storageState, viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const cdp = await context.newCDPSession(page);
    await cdp.send('Network.enable');
    const kind = {};
    let bytes = 0;
    cdp.on('Network.responseReceived', (e) => (kind[e.requestId] = e.type));
    cdp.on('Network.loadingFinished', (e) => {
        if (['Script', 'Stylesheet'].includes(kind[e.requestId])) bytes += e.encodedDataLength;
    });
    await page.addInitScript((selector) => {
        const seen = new MutationObserver(() => {
            if (!document.querySelector(selector)) return;
            seen.disconnect();
            // Once what was put there has been painted.
            requestAnimationFrame(() => setTimeout(() => performance.mark('usable')));
        });
        seen.observe(document, { childList: true, subtree: true });
    }, usable);
    await page.goto(base + path);
    await page.waitForFunction(() => performance.getEntriesByName('usable').length > 0);
    const [at, paint] = await page.evaluate(() => [
        performance.getEntriesByName('usable')[0].startTime,
        performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0,
    ]);
    await context.close();
    return { at, paint, bytes };
}

for (const [name, path, usable] of [
    ['projects', '/', 'ul[aria-label=projects] li'],
    ['a board', site, '.drawing .reading'],
]) {
    const runs = [];
    for (let i = 0; i < 7; i++) runs.push(await visit(path, usable));
    const middle = (key) => runs.map((r) => r[key]).sort((a, b) => a - b)[3];
    console.log(
        `first visit, ${name}: script and style ${Math.round(middle('bytes') / 1000)} kB compressed (aim: under 300), first paint ${Math.round(middle('paint'))} ms, usable after ${Math.round(middle('at'))} ms (aim: under 1500)`,
    );
}
await browser.close();

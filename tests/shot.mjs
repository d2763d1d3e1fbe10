import { chromium } from '@playwright/test';
const [out, path, script, size] = process.argv.slice(2);
const [width, height] = (size ?? '1280x800').split('x').map(Number);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await browser.newPage({ viewport: { width, height } });
p.on('console', (m) => { if (m.type() === 'error') console.log('console:', m.text()); });
p.on('pageerror', (e) => console.log('pageerror:', e.message));
if (!process.env.NODEMO) { await p.goto('http://127.0.0.1:8610/demo'); await p.waitForURL(/projects/); }
await p.goto('http://127.0.0.1:8610' + path);
await p.waitForTimeout(900);
if (script) { await new (Object.getPrototypeOf(async function () {}).constructor)('p', script)(p); await p.waitForTimeout(700); }
await p.screenshot({ path: out });
await browser.close();

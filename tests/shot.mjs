import { chromium } from 'playwright';
const [,, out, path, script] = process.argv;
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
await p.goto('http://127.0.0.1:8610/demo'); await p.waitForTimeout(700);
if (await p.getByRole('button', { name: /demo|look/i }).count()) { await p.getByRole('button', { name: /demo|look/i }).first().click().catch(()=>{}); await p.waitForTimeout(500); }
await p.goto('http://127.0.0.1:8610' + path); await p.waitForTimeout(1500);
if (script) { await (new Function('p', 'return (async()=>{' + script + '})()'))(p); await p.waitForTimeout(700); }
await p.screenshot({ path: out }); await b.close();

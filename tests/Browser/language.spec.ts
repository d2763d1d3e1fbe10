import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { CHART_ROOM, roomOf, SIGNAL_CABIN } from './house';

/** A language made for this test: each text of the lists in brackets, its values in their places. What shows outside of brackets was not looked up. */
function madeUp(): Record<string, string> {
    const read = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));
    const lists = read('resources/texts.json') as Record<string, string[]>;
    const core = read('resources/lang/en.json') as Record<string, string>;
    const own = (text: string): string => (text === '' ? '' : `⟦${text}⟧`);
    const bracketed = (text: string): string =>
        text
            .split(/(\{[^}]*\})/)
            .map((piece) =>
                /^\{\w+\}$/.test(piece)
                    ? piece
                    : piece.startsWith('{')
                      ? piece.replace(/\|([^|}]*)/g, (_, word: string) => `|${own(word)}`)
                      : own(piece),
            )
            .join('');
    return Object.fromEntries([
        ...Object.values(lists).flatMap((texts) => texts.map((text) => [text, bracketed(text)] as const)),
        ...Object.entries(core).map(([key, text]) => [key, bracketed(text)] as const),
    ]);
}

/** The page is given the words of that language, as the server gives them to who reads it. */
async function speak(page: Page): Promise<void> {
    const words = JSON.stringify(madeUp()).replace(/</g, '\\u003c');
    await page.route('**/*', async (route) => {
        if (route.request().resourceType() !== 'document') return route.fallback();
        const response = await route.fetch();
        const body = (await response.text()).replace('<body>', () => `<body><script type="application/json" id="words">${words}</script>`);
        await route.fulfill({ response, body });
    });
}

/** What is seen or read aloud and stands outside of brackets, word by word. */
const outside = (page: Page): Promise<string[]> =>
    page.evaluate(() => {
        const found: string[] = [document.title];
        const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_ELEMENT | NodeFilter.SHOW_TEXT);
        for (let node = walker.nextNode(); node; node = walker.nextNode()) {
            if (node instanceof Text && !node.parentElement!.closest('script, style')) found.push(node.data);
            else if (node instanceof Element)
                for (const name of ['aria-label', 'title', 'placeholder', 'alt']) found.push(node.getAttribute(name) ?? '');
        }
        const bare = (text: string): string => {
            let left = text;
            for (let before = ''; before !== left;) [before, left] = [left, left.replace(/⟦[^⟦⟧]*⟧/g, ' ')];
            return left;
        };
        return [...new Set(found.flatMap((text) => bare(text).match(/\p{L}[\p{L}’-]+/gu) ?? []))];
    });

/** Words that people wrote: names in projects and households, and what stands in the log. They are said in no other language. */
async function written(page: Page, projects: readonly string[]): Promise<Set<string>> {
    const asked = [
        '/api/session',
        '/api/households',
        '/api/projects?which=open&search=',
        ...projects.map((path) => `/api${path}/project.json`),
    ];
    const own = new Set(['name', 'household', 'text', 'reason', 'cause', 'from', 'caption', 'colour', 'sheen']);
    const found: string[] = [];
    for (const url of asked) {
        JSON.parse(await (await page.request.get(url)).text(), (key, value: unknown) => {
            if (typeof value === 'string' && own.has(key)) found.push(value);
            return value;
        });
    }
    return new Set(
        found
            .join(' ')
            .toLowerCase()
            .match(/\p{L}[\p{L}’-]+/gu) ?? [],
    );
}

const month = new Date().toLocaleString('en-GB', { month: 'short' });

const SIGNS = [month, 'Incastro', 'mm', 'cm', 'in', 'ml', 'kg', 'lb', 'ft', 'min', 'EUR', 'PDF', 'CSV', 'DXF', 'JSON', 'SVG'];

test.describe('in another language', () => {
    test.use({ serviceWorkers: 'block' });

    test('everything that is seen or read aloud is said in it, but for what people wrote', async ({ page }) => {
        test.setTimeout(150_000);
        await page.request.get('/demo');
        // Pages come by way of the test, which follows where they lead: the rooms are gone to by their own addresses.
        const [chart, cabin] = [await roomOf(page, CHART_ROOM), await roomOf(page, SIGNAL_CABIN)];
        const known = new Set([...(await written(page, [chart, cabin])), ...SIGNS.map((sign) => sign.toLowerCase())]);
        await speak(page);
        const left: Record<string, string[]> = {};
        const look = async (where: string): Promise<void> => {
            const words = (await outside(page)).filter((word) => !known.has(word.toLowerCase()));
            if (words.length > 0) left[where] = words;
        };
        const walk = async (where: string): Promise<void> => {
            await expect(page.getByText('⟦').filter({ visible: true }).first()).toBeVisible();
            await page.waitForTimeout(250);
            await look(where);
            for (const tab of (await page.getByRole('tab').all()).slice(1)) {
                await tab.click();
                await page.waitForTimeout(150);
                await look(`${where}, ${await tab.innerText()}`);
            }
        };
        for (const path of [
            '/',
            '/account',
            '/households',
            ...['history', 'wall', 'saw', 'sticks', 'work'].map((s) => `${chart}/${s}`),
            `${cabin}/piece`,
        ]) {
            await page.goto(path);
            await page.waitForLoadState('networkidle');
            await walk(path);
        }
        await page.goto(`${chart}/site`);
        await page.waitForLoadState('networkidle');
        await walk('site');
        // From stage to stage by keys: the page stays.
        for (const [i, stage] of ['piece', 'fit', 'cut', 'make', 'log'].entries()) {
            await page.keyboard.press(`Alt+${i + 2}`);
            await page.waitForURL(new RegExp(`/${stage}$`));
            await walk(stage);
        }
        expect(left).toEqual({});
    });

    test('where there are two languages one is chosen, and the page comes anew in it', async ({ page }) => {
        await page.request.get('/demo');
        await page.route('**/api/session', async (route) => {
            const response = await route.fetch();
            await route.fulfill({ response, json: { ...(await response.json()), languages: { en: 'English', qa: 'Qalese' } } });
        });
        await page.goto('/account');
        const form = page.getByRole('form', { name: 'how I read and print' });
        await form.getByRole('button', { name: 'Qalese' }).click();
        await form.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByRole('alert')).toHaveText('This server does not speak that language.');
        await page.route('**/api/profile', (route) => route.fulfill({ json: { profile: {} } }));
        const [asked] = await Promise.all([
            page.waitForRequest('**/api/profile'),
            page.waitForEvent('load'),
            form.getByRole('button', { name: 'Keep it' }).click(),
        ]);
        expect(asked.postDataJSON()).toMatchObject({ language: 'qa' });
    });

    test('the same walk in English finds what it should', async ({ page }) => {
        await page.request.get('/demo');
        const chart = await roomOf(page);
        const known = await written(page, [chart]);
        await page.goto(`${chart}/make`);
        await page.waitForLoadState('networkidle');
        const words = (await outside(page)).filter((word) => !known.has(word.toLowerCase()));
        for (const word of ['Steps', 'Carry', 'findings']) expect(words).toContain(word);
    });
});

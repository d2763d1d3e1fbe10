import { expect, type Page, test } from '@playwright/test';
import { bringRoom, CHART_ROOM, openCopy, saved, signUp } from './house';

/** What the audit of WCAG 2.1 AA calls an error on the page as it stands. */
async function errors(page: Page): Promise<string[]> {
    await page.addScriptTag({ path: 'node_modules/html_codesniffer/build/HTMLCS.js' });
    // It throws at values of autocomplete that HTML has and it does not know (username, current-password).
    await page.evaluate(() => document.querySelectorAll('[autocomplete]').forEach((e) => e.removeAttribute('autocomplete')));
    return page.evaluate(
        () =>
            new Promise<string[]>((resolve) => {
                type Message = { type: number; code: string; msg: string; element: Element };
                const cs = (
                    globalThis as unknown as {
                        HTMLCS: { process: (s: string, d: Document, cb: () => void) => void; getMessages: () => Message[] };
                    }
                ).HTMLCS;
                cs.process('WCAG2AA', document, () =>
                    resolve(
                        cs
                            .getMessages()
                            .filter((m) => m.type === 1)
                            .map(
                                (m) =>
                                    `${m.code.split('.').slice(3).join('.')}: ${m.msg.slice(0, 140)} — ${m.element.outerHTML.slice(0, 160)}`,
                            ),
                    ),
                );
            }),
    );
}

test.describe('by the rules of WCAG 2.1 AA', () => {
    test.use({ bypassCSP: true, serviceWorkers: 'block' });

    const views: [string, string, ((page: Page) => Promise<unknown>)?][] = [
        ['projects', '/'],
        ['account', '/account'],
        ['households', '/households'],
        ['site', `${CHART_ROOM}/site`],
        ['piece', `${CHART_ROOM}/piece`],
        ['fit', `${CHART_ROOM}/fit`],
        ['cut', `${CHART_ROOM}/cut`],
        ['at the bench', `${CHART_ROOM}/cut`, (p) => p.getByRole('tab', { name: 'At the bench' }).click()],
        ['make', `${CHART_ROOM}/make`],
        ['buy', `${CHART_ROOM}/make`, (p) => p.getByRole('tab', { name: /^Buy/ }).click()],
        ['log', `${CHART_ROOM}/log`],
        ['handing over', `${CHART_ROOM}/log`, (p) => p.getByRole('tab', { name: 'Handing over' }).click()],
        ['history', `${CHART_ROOM}/history`],
        ['at the wall', `${CHART_ROOM}/wall`],
        ['at the saw', `${CHART_ROOM}/saw`],
        ['at the saw with lumber', `${CHART_ROOM}/sticks`],
        ['step by step', `${CHART_ROOM}/work`],
        ['findings', `${CHART_ROOM}/site`, (p) => p.getByText('All', { exact: true }).last().click()],
    ];
    for (const light of ['light', 'dark'] as const) {
        test(`every view holds, in the ${light}`, async ({ page }) => {
            test.setTimeout(120_000);
            await page.goto('/demo');
            await page.evaluate((l) => localStorage.setItem('light', l), light);
            const found: Record<string, string[]> = {};
            // In the dark other colours are what may be wrong: every second view has them all.
            for (const [name, path, go] of views.filter((_, i) => light === 'light' || i % 2 === 1)) {
                await page.goto(path);
                await page.waitForLoadState('networkidle');
                await go?.(page);
                await page.waitForTimeout(150);
                const wrong = await errors(page);
                if (wrong.length > 0) found[name] = [...new Set(wrong)].slice(0, 8);
            }
            expect(found).toEqual({});
        });
    }

    const menu =
        (item: string) =>
        async (page: Page): Promise<void> => {
            await page.getByRole('button', { name: 'Take away' }).click();
            await page.getByRole('menuitem', { name: item }).click();
        };
    const dialogs: [string, string, (page: Page) => Promise<unknown>][] = [
        ['sharing', 'site', menu('A link to read by')],
        ['bringing in readings', 'site', menu('Bring in readings, boards, a drawing')],
        ['bringing in boards', 'cut', (p) => menu('Bring in readings, boards, a drawing')(p).then(() => inDialog(p, 'Boards'))],
        ['bringing in a drawing', 'cut', (p) => menu('Bring in readings, boards, a drawing')(p).then(() => inDialog(p, 'A drawing (DXF)'))],
        ['a starter', 'piece', (p) => p.getByRole('button', { name: 'Begin from a starter' }).click()],
        ['another space', 'site', (p) => p.getByRole('button', { name: '+ Another space' }).click()],
    ];
    const inDialog = (page: Page, tab: string): Promise<void> =>
        page.getByRole('dialog').getByRole('button', { name: tab, exact: true }).click();

    test('every dialog holds, in the light and in the dark', async ({ page }) => {
        test.setTimeout(120_000);
        // Sharing is for who has an account.
        await page.goto('/');
        await signUp(page, 'Ida Holm');
        await expect(page.getByText('No project yet')).toBeVisible();
        const chart = `/projects/${await bringRoom(page, 'chart-room-left-niche')}`;
        const found: Record<string, string[]> = {};
        for (const [i, [name, stage, open]] of dialogs.entries()) {
            await page.evaluate((l) => localStorage.setItem('light', l), i % 2 === 0 ? 'light' : 'dark');
            await page.goto(`${chart}/${stage}`);
            await page.getByRole('button', { name: 'Take away' }).waitFor();
            await open(page);
            await page.getByRole('dialog').waitFor();
            await page.waitForTimeout(400);
            const wrong = await errors(page);
            if (wrong.length > 0) found[name] = [...new Set(wrong)].slice(0, 8);
        }
        expect(found).toEqual({});
    });

    test('the audit sees what is wrong', async ({ page }) => {
        await page.goto('/');
        await page.getByRole('heading', { name: 'Incastro' }).waitFor();
        await page.evaluate(() =>
            document
                .querySelector('main')!
                .insertAdjacentHTML('beforeend', '<input><p style="color:#ddd;background:#fff">Pale</p><img src="x">'),
        );
        const found = (await errors(page)).join('\n');
        for (const rule of ['1_4_3', '1_1_1', '4_1_2']) expect(found).toContain(rule);
    });

    test('signed out: signing in, beginning an account, and a link that is no longer good', async ({ page }) => {
        await page.goto('/');
        await page.getByLabel('Password').waitFor();
        expect(await errors(page)).toEqual([]);
        await page.getByRole('button', { name: 'Begin an account' }).click();
        await page.getByLabel('Your name').waitFor();
        expect(await errors(page)).toEqual([]);
        await page.goto(`/look/${'a'.repeat(40)}`);
        await expect(page.getByRole('alert')).toBeVisible();
        expect(await errors(page)).toEqual([]);
    });
});

test('a journey by the keyboard alone: a reading, a size, a layout, a revision brought back', async ({ page }) => {
    await openCopy(page);
    const press = (key: string): Promise<void> => page.keyboard.press(key);
    await page.getByRole('button', { name: 'width at 100 mm: 1048' }).focus();
    await press('Enter');
    await page.keyboard.type('1047');
    await press('Enter');
    await saved(page, 2);
    await press('Escape');
    await press('Alt+2');
    await expect(page).toHaveURL(/\/piece$/);
    await page.getByRole('textbox', { name: 'depth', exact: true }).focus();
    await press('Control+a');
    await page.keyboard.type('360');
    await press('Enter');
    await saved(page, 3);
    await press('Alt+4');
    await expect(page).toHaveURL(/\/cut$/);
    await page.getByRole('tab', { name: /Birch ply 18 2/ }).focus();
    await press('Enter');
    await expect(page.getByRole('tab', { name: /Birch ply 18 2/ })).toHaveAttribute('aria-selected', 'true');
    await page.getByRole('link', { name: 'Revision 3' }).focus();
    await press('Enter');
    await page
        .getByRole('navigation', { name: 'revisions' })
        .getByRole('button', { name: /Revision 1/ })
        .focus();
    await press('Enter');
    await page.getByRole('button', { name: 'Bring it back' }).focus();
    await press('Enter');
    await expect(page.getByRole('link', { name: 'Revision 4' })).toBeVisible();
    await page.getByRole('button', { name: 'Take away' }).focus();
    await press('Enter');
    await expect(page.getByRole('menuitem', { name: 'Plan as PDF' })).toBeVisible();
    await press('Escape');
});

test('whatever has the focus shows it', async ({ page }) => {
    await page.goto('/demo');
    await page.waitForURL(/site$/);
    for (let n = 0; n < 25; n++) {
        await page.keyboard.press('Tab');
        const seen = await page.evaluate(() => {
            const at = document.activeElement as HTMLElement;
            if (at === document.body) return true;
            const of = (e: Element): boolean => {
                const s = getComputedStyle(e);
                return (s.outlineStyle !== 'none' && parseFloat(s.outlineWidth) > 0) || s.boxShadow !== 'none';
            };
            return of(at) || (at.parentElement !== null && of(at.parentElement)) || at.outerHTML.slice(0, 200);
        });
        expect(seen).toBe(true);
    }
});

test('with text twice as large nothing is lost, and with less motion nothing moves', async ({ page }) => {
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.goto('/demo');
    await page.waitForURL(/site$/);
    // Half the window at twice the size is what a browser makes of zooming to 200 %.
    await page.setViewportSize({ width: 640, height: 400 });
    for (const path of [
        '/',
        `${CHART_ROOM}/history`,
        `${CHART_ROOM}/site`,
        `${CHART_ROOM}/piece`,
        `${CHART_ROOM}/cut`,
        `${CHART_ROOM}/make`,
        `${CHART_ROOM}/log`,
    ]) {
        await page.goto(path);
        await page.waitForLoadState('networkidle');
        const hidden = await page.evaluate(() => {
            const out: string[] = [];
            const reach = (e: Element | null): boolean => {
                for (let at = e; at; at = at.parentElement) {
                    const s = getComputedStyle(at);
                    if (
                        /(auto|scroll)/.test(s.overflowX + s.overflowY) &&
                        (at.scrollWidth > at.clientWidth || at.scrollHeight > at.clientHeight)
                    )
                        return true;
                }
                return (
                    document.documentElement.scrollWidth <= innerWidth + 1 ||
                    getComputedStyle(document.documentElement).overflowX !== 'hidden'
                );
            };
            for (const e of document.querySelectorAll('button, a[href], input, h1')) {
                const r = e.getBoundingClientRect();
                if (r.width > 0 && (r.left < -1 || r.right > innerWidth + 1) && !reach(e.parentElement))
                    out.push(e.outerHTML.slice(0, 120));
            }
            return out;
        });
        expect(hidden, path).toEqual([]);
    }
    const moving = await page.evaluate(() => document.getAnimations().filter((a) => a.playState === 'running').length);
    expect(moving).toBe(0);
});

test('in a narrow window the batten lies down, the board keeps its width and the tally comes under it', async ({ page }) => {
    const complaints: string[] = [];
    page.on('console', (m) => m.type() === 'error' && complaints.push(m.text()));
    await page.goto('/demo');
    await page.waitForURL(/site$/);
    for (const [width, height] of [
        [640, 400],
        [420, 800],
    ] as const) {
        await page.setViewportSize({ width, height });
        for (const stage of ['piece', 'fit', 'cut', 'make', 'log', 'history']) {
            await page.goto(`${CHART_ROOM}/${stage}`);
            const box = async (of: string): Promise<{ x: number; y: number; width: number; height: number }> =>
                (await page.locator(of).first().boundingBox())!;
            await page.locator('.board').waitFor();
            const [batten, board, tally] = [await box('.batten'), await box('.board'), await box('.tally')];
            expect(board.width, stage).toBe(width);
            expect(board.y, stage).toBeGreaterThanOrEqual(batten.y + batten.height - 1);
            expect(tally.y, stage).toBeGreaterThanOrEqual(board.y + board.height - 1);
            expect(await page.evaluate(() => document.documentElement.scrollWidth), stage).toBe(width);
        }
    }
    expect(complaints).toEqual([]);
});

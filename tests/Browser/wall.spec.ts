import { type BrowserContext, chromium, expect, type Page, test } from '@playwright/test';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openCopy } from './house';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, serviceWorkers: 'allow' });

const state = (page: Page): ReturnType<Page['locator']> => page.locator('header .state');
const tap = async (page: Page, ...keys: string[]): Promise<void> => {
    for (const name of keys) await page.getByRole('group', { name: 'keypad' }).getByRole('button', { name, exact: true }).click();
};

async function atTheWall(page: Page): Promise<string> {
    // The address the QR code carries leads a phone straight to the wall.
    const id = await openCopy(page, undefined, 'wall');
    await expect(state(page)).toContainText('of 19');
    await page.evaluate(async () => {
        await navigator.serviceWorker.ready;
    });
    // Once more, with the worker in charge, so that it has seen this project.
    await page.reload();
    await expect(state(page)).toContainText('of 19');
    return id;
}

/** What the server has for a reading: every take, struck out or not. */
async function takesOf(page: Page, id: string, nth: number): Promise<{ value: number; struck?: boolean }[]> {
    return page.evaluate(
        async ([project, n]) => {
            const { document, plan } = await (await fetch(`/api/projects/${project}`, { cache: 'no-store' })).json();
            const walk = (Object.values(plan.site)[0] as { walk: { id: string }[] }).walk;
            return Object.values(document.facts as Record<string, { reading: string; value: number }>).filter(
                (f) => f.reading === walk[n as number]!.id,
            );
        },
        [id, nth] as const,
    );
}

test('readings are taken one at a time with big keys, and corrected, skipped and taken again', async ({ page }) => {
    const id = await atTheWall(page);
    await tap(page, '1', '0', '4', '9', 'point', '5');
    await expect(page.getByLabel('reading', { exact: true })).toContainText('1049.5');
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await expect(state(page)).toContainText('2 of 19');
    await page.getByRole('button', { name: 'Skip ›' }).click();
    await expect(state(page)).toContainText('3 of 19');
    await page.getByRole('button', { name: '‹ Back' }).click();
    await expect(page.locator('.sketch .reading text')).toHaveText(/1043.5/);
    await page.getByRole('button', { name: 'Again' }).click();
    await expect(page.getByText('Hook on the other side this time, at the same marks.')).toBeVisible();
    await expect(page.locator('.sketch .reading text'), 'what was read before is hidden').toHaveText('?');
    await tap(page, '1', '0', '4', '4');
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await expect
        .poll(async () => (await takesOf(page, id, 0)).map((t) => [t.value, !!t.struck]))
        .toEqual([
            [1048, true],
            [1049.5, false],
        ]);
    await expect
        .poll(async () => (await takesOf(page, id, 1)).map((t) => [t.value, !!t.struck]))
        .toEqual([
            [1043.5, false],
            [1044, false],
        ]);
});

test('a number that the room does not allow is held at once, without a network too', async ({ page, context }) => {
    const id = await atTheWall(page);
    await context.setOffline(true);
    const held = page.getByRole('alertdialog', { name: 'further off than expected' });
    await tap(page, ...'1848');
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await expect(held).toContainText(/1848\? 800.mm more than expected\. Did you mean 1048\?/);
    await held.getByRole('button', { name: 'Take it again' }).click();
    await expect(page.getByRole('alert')).toContainText('Take it again');
    await expect(state(page)).toContainText('1 of 19');
    await tap(page, ...'1848');
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await held.getByRole('button', { name: 'It is 1048' }).click();
    await expect(state(page)).toContainText('2 of 19');
    await context.setOffline(false);
    await expect
        .poll(async () => (await takesOf(page, id, 0)).map((t) => [t.value, !!t.struck]))
        .toEqual([
            [1048, true],
            [1048, false],
        ]);
});

test('a press that comes twice keeps one take and passes no reading over', async ({ page }) => {
    const id = await atTheWall(page);
    await tap(page, '1', '0', '5', '1');
    await page.getByRole('button', { name: 'Keep, next' }).dblclick();
    await expect(state(page)).toContainText('2 of 19');
    await expect
        .poll(async () => (await takesOf(page, id, 0)).map((t) => [t.value, !!t.struck]))
        .toEqual([
            [1048, true],
            [1051, false],
        ]);
    expect(await takesOf(page, id, 1)).toHaveLength(1);
    await expect(state(page)).toContainText('2 of 19');
});

test('where the phone has no room what was tapped stays, and the reading is still to be taken', async ({ page }) => {
    await atTheWall(page);
    await page.evaluate(() => {
        IDBObjectStore.prototype.put = () => {
            throw new DOMException('full', 'QuotaExceededError');
        };
    });
    await tap(page, '1', '0', '5', '2');
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await expect(page.getByRole('alert')).toHaveText('Not kept: this device has no room left.');
    await expect(state(page)).toContainText('1 of 19');
    await expect(page.getByLabel('reading', { exact: true })).toContainText('1052');
});

test('what is taken without a network survives a reload and a restart, and arrives once and in order', async ({ page, context }) => {
    const id = await atTheWall(page);
    await context.setOffline(true);
    for (const mm of ['1051', '1045', '1041']) {
        await tap(page, ...mm);
        await page.getByRole('button', { name: 'Keep, next' }).click();
    }
    await page.getByRole('button', { name: 'Note' }).click();
    await page.getByRole('textbox', { name: 'note' }).fill('plaster is loose here');
    await page.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(state(page)).toContainText('4 kept on this phone');
    await page.reload();
    await expect(state(page)).toContainText('4 kept on this phone');
    await expect(page.getByLabel('reading', { exact: true })).toContainText('1051');
    const restarted = await again(page, context, id);
    await expect(state(restarted)).toContainText('4 kept on this phone');

    await someoneMakesItDeeper(context, id);
    await context.setOffline(false);
    await expect(state(restarted)).not.toContainText('kept on this phone', { timeout: 15_000 });
    for (const [n, mm] of [1051, 1045, 1041].entries()) {
        expect((await takesOf(restarted, id, n)).filter((t) => !t.struck).map((t) => t.value)).toEqual([mm]);
    }
    const project = await restarted.evaluate(async (p) => (await fetch(`/api/projects/${p}`)).json(), id);
    expect((Object.values(project.document.pieces)[0] as { depth: number }).depth, 'the change made elsewhere stands').toBe(333);
    expect(project.revision, 'one revision for each of the five, none twice').toBe(6);
    const revisions = await restarted.evaluate(async (p) => (await (await fetch(`/api/projects/${p}/revisions`)).json()).data, id);
    expect(new Set(revisions.flatMap((r: { change_id?: string }) => r.change_id ?? [])).size).toBe(5);
});

/** The phone is switched off and on: another page of the same browser, still without a network. */
async function again(page: Page, context: BrowserContext, id: string): Promise<Page> {
    await page.close();
    const restarted = await context.newPage();
    await restarted.goto(`/projects/${id}/wall`);
    return restarted;
}

/** Somebody at the desk changes the design meanwhile: the request goes round the phone's dead network. */
async function someoneMakesItDeeper(context: BrowserContext, id: string): Promise<void> {
    const base = process.env.BASE_URL!;
    const opened = await (await context.request.get(`${base}/api/projects/${id}`)).json();
    const piece = Object.keys(opened.document.pieces)[0]!;
    const token = decodeURIComponent((await context.cookies()).find((c) => c.name === 'XSRF-TOKEN')!.value);
    const change = {
        change_id: '01JC0000000000000000000001',
        base_revision: opened.revision,
        ops: [{ op: 'set', path: ['pieces', piece, 'depth'], value: 333 }],
    };
    const answer = await context.request.post(`${base}/api/projects/${id}/changes`, {
        data: change,
        headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
    });
    expect(answer.status()).toBe(200);
}

test('what the server will not have is kept with its reason until it is given up', async ({ page, context }) => {
    const id = await atTheWall(page);
    await context.setOffline(true);
    await tap(page, '2', '9', '9', '9', '9');
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await page.getByRole('button', { name: 'Keep 29999' }).click();
    await tap(page, '1', '0', '4', '4');
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await context.setOffline(false);
    await expect(page.getByRole('list', { name: 'not accepted' }).getByRole('alert')).toContainText('“29999” was not accepted', {
        timeout: 15_000,
    });
    await expect
        .poll(async () => (await takesOf(page, id, 1)).filter((t) => !t.struck).map((t) => t.value), 'the one after it arrived')
        .toEqual([1044]);
    await page.getByRole('button', { name: 'Give it up' }).click();
    await expect(page.getByRole('list', { name: 'not accepted' }).getByRole('alert')).toHaveCount(0);
});

test('a photo is drawn anew on the phone, waits like a reading, and is seen at the desk', async ({ page, context }) => {
    const id = await atTheWall(page);
    await context.setOffline(true);
    await page.getByLabel('photo').setInputFiles({ name: 'wall.jpg', mimeType: 'image/jpeg', buffer: await withPlace(page) });
    await expect(state(page)).toContainText('1 kept on this phone');
    await context.setOffline(false);
    await expect(state(page)).not.toContainText('kept on this phone', { timeout: 15_000 });
    const photo = await page.evaluate(async (p) => {
        const { plan } = await (await fetch(`/api/projects/${p}`)).json();
        return (Object.values(plan.site)[0] as { walk: { photos: { photo: string; width: number }[] }[] }).walk[0]!.photos[0]!;
    }, id);
    expect(photo.width).toBe(40);
    const bytes = await (await context.request.get(`${process.env.BASE_URL}/api/projects/${id}/photos/${photo.photo}`)).body();
    expect(bytes.subarray(0, 2).toString('hex')).toBe('ffd8');
    expect(bytes.includes(Buffer.from('Exif')), 'where it was taken stays behind').toBe(false);
});

/** A small JPEG with a block of camera notes in it. */
async function withPlace(page: Page): Promise<Buffer> {
    const plain = await page.evaluate(() => {
        const canvas = Object.assign(document.createElement('canvas'), { width: 40, height: 30 });
        canvas.getContext('2d')!.fillRect(5, 5, 20, 10);
        return canvas.toDataURL('image/jpeg').split(',')[1]!;
    });
    const jpeg = Buffer.from(plain, 'base64');
    const exif = Buffer.concat([Buffer.from('ffe10018', 'hex'), Buffer.from('Exif\0\0GPS 57.1N 2.0W!!')]).subarray(0, 26);
    return Buffer.concat([jpeg.subarray(0, 2), exif, jpeg.subarray(2)]);
}

test('the distance meter reads what it points at; aim, battery and range matter', async ({ page, context }) => {
    await atTheWall(page);
    const press = (data: object): Promise<unknown> =>
        context.request.post(`${process.env.BASE_URL}/meter/press`, {
            data: { room: 'chart-room-left-niche', way: 'across', z: 100, steady: true, ...data },
        });
    await context.request.post(`${process.env.BASE_URL}/meter/battery`, { data: { percent: 80 } });
    await page.getByRole('button', { name: 'From meter' }).click();
    await expect(page.getByRole('button', { name: /Meter \d+ %/ })).toBeVisible();
    await press({});
    await expect(page.getByLabel('reading', { exact: true })).toContainText('1048');
    await press({ off: 35 });
    await expect(page.locator('.says')).toContainText('aim square');
    await press({ off: 80 });
    await expect(page.locator('.says')).toContainText('no light back');
    await press({ room: 'galley-sink', way: 'out', z: 100 });
    await expect(page.getByLabel('reading', { exact: true })).toContainText('556');
    await context.request.post(`${process.env.BASE_URL}/meter/battery`, { data: { percent: 9 } });
    await expect(page.locator('.says')).toContainText('battery is low');
    await press({});
    await page.getByRole('button', { name: 'Keep, next' }).click();
    await expect(state(page)).toContainText('2 of 19');
    await context.request.post(`${process.env.BASE_URL}/meter/battery`, { data: { percent: 0 } });
    await press({});
    await expect(page.locator('.says')).toContainText('The meter is gone');
    await context.request.post(`${process.env.BASE_URL}/meter/battery`, { data: { percent: 100 } });
});

test('the browser itself is closed and opened again without a network', async ({ baseURL }, info) => {
    const folder = await mkdtemp(join(tmpdir(), 'incastro-phone-'));
    const { launchOptions } = info.project.use;
    const open = (): Promise<BrowserContext> =>
        chromium.launchPersistentContext(folder, {
            ...launchOptions,
            ...(baseURL ? { baseURL } : {}),
            viewport: { width: 390, height: 844 },
            isMobile: true,
            hasTouch: true,
        });
    let phone = await open();
    const id = await atTheWall(phone.pages()[0]!);
    await phone.setOffline(true);
    await tap(phone.pages()[0]!, '1', '0', '4', '7');
    await phone.pages()[0]!.getByRole('button', { name: 'Keep, next' }).click();
    await expect(state(phone.pages()[0]!)).toContainText('1 kept on this phone');
    await phone.close();

    phone = await open();
    await phone.setOffline(true);
    const page = phone.pages()[0]!;
    await page.goto(`/projects/${id}/wall`);
    await expect(state(page)).toContainText('1 kept on this phone');
    await phone.setOffline(false);
    await expect(state(page)).not.toContainText('kept on this phone', { timeout: 15_000 });
    expect((await takesOf(page, id, 0)).filter((t) => !t.struck).map((t) => t.value)).toEqual([1047]);
    await phone.close();
    await rm(folder, { recursive: true, force: true });
});

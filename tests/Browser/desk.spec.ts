import { expect, type Page, test } from '@playwright/test';
import { bringRoom, openCopy, saved, signUp } from './house';

const depth = (page: Page) => page.getByRole('textbox', { name: 'depth', exact: true });
const state = (page: Page) => page.locator('header.top').getByRole('status');
async function deepen(page: Page, mm: string): Promise<void> {
    await depth(page).fill(mm);
    await depth(page).press('Enter');
}
/** The depth as the server has it, in how many revisions. */
const kept = (page: Page, id: string): Promise<[number, number]> =>
    page.evaluate(async (p) => {
        const { document, revision } = await (await fetch(`/api/projects/${p}`, { cache: 'no-store' })).json();
        return [(Object.values(document.pieces)[0] as { depth: number }).depth, revision];
    }, id);

/** Signed in with an account of one's own, at a room that is its; the address of the account, and the room's id. */
async function atHome(page: Page, name = 'Pell Arden'): Promise<{ email: string; id: string }> {
    await page.goto('/');
    const email = await signUp(page, name);
    await expect(page.getByRole('heading', { name: `${name}’s projects` })).toBeVisible();
    const id = await bringRoom(page, 'chart-room-left-niche');
    await page.goto(`/projects/${id}/piece`);
    await expect(depth(page)).toBeVisible();
    return { email, id };
}

async function signInOver(page: Page, email: string): Promise<void> {
    const dialog = page.getByRole('dialog', { name: 'Sign in to go on' });
    await dialog.getByLabel('E-mail').fill(email);
    await dialog.getByLabel('Password').fill('seven small harbours');
    await dialog.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(dialog).toBeHidden();
}

test.describe('without a network', () => {
    test.use({ serviceWorkers: 'allow' });

    test('edits at the desk survive a reload and a closed window, and arrive once and in order', async ({ page, context }) => {
        const id = await openCopy(page, undefined, 'piece');
        await page.evaluate(async () => (await navigator.serviceWorker.ready).active);
        await page.reload();
        await deepen(page, '350');
        await saved(page, 2);
        // The worker has the page, and the project as it was left.
        await expect
            .poll(() => page.evaluate(async (p) => (await (await caches.match(`/api/projects/${p}`))?.json())?.revision, id))
            .toBe(2);
        await context.setOffline(true);
        await deepen(page, '340');
        await expect(state(page)).toHaveText('1 edit waiting on this device, not in the plan yet');
        await deepen(page, '330');
        await expect(state(page)).toHaveText('2 edits waiting on this device, not in the plan yet');
        await page.reload();
        await expect(depth(page)).toHaveValue('330');
        await expect(state(page)).toHaveText('2 edits waiting on this device, not in the plan yet');
        await page.close();
        const again = await context.newPage();
        await again.goto(`/projects/${id}/piece`);
        await expect(depth(again)).toHaveValue('330');
        await context.setOffline(false);
        await expect(state(again)).toHaveText(/^Saved/);
        expect(await kept(again, id)).toEqual([330, 4]);
    });
});

test('what waits outlives signing out, and is sent in nobody else’s name', async ({ page }) => {
    const { email, id } = await atHome(page);
    await page.route('**/changes', (route) => route.abort());
    await deepen(page, '340');
    await expect(state(page)).toHaveText('1 edit waiting on this device, not in the plan yet');
    await page.getByRole('button', { name: 'Take away' }).click();
    await page.getByRole('menuitem', { name: 'Sign out' }).click();
    await expect(page.getByText('One edit waits on this device: sign in to send it.')).toBeVisible();
    await page.unroute('**/changes');
    await signUp(page, 'Ansel Brook');
    await expect(page.getByText('One edit of another account waits on this device until it signs in.')).toBeVisible();
    await page.getByRole('link', { name: 'Account' }).click();
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password').fill('seven small harbours');
    await page.getByRole('button', { name: 'Sign in', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Pell Arden’s projects' })).toBeVisible();
    await expect.poll(() => kept(page, id)).toEqual([340, 2]);
});

test('a session that ended asks for the password over the page, and the edit is sent', async ({ page, context }) => {
    const { email, id } = await atHome(page);
    await context.clearCookies();
    await deepen(page, '340');
    await expect(page.getByText('Your session has ended.')).toBeVisible();
    await expect(page.getByText('One edit waits on this device, and will be sent.')).toBeVisible();
    await page.getByRole('button', { name: 'Later' }).click();
    await expect(state(page)).toContainText('1 edit waiting on this device, not in the plan yet; sign in to send');
    await expect(depth(page)).toHaveValue('340');
    await state(page).getByRole('button', { name: 'sign in to send' }).click();
    await signInOver(page, email);
    await saved(page, 2);
    expect(page.url()).toContain(`/projects/${id}/piece`);
    expect(await kept(page, id)).toEqual([340, 2]);
});

test('the address that was asked for is where one is after signing in', async ({ page, context }) => {
    const { email, id } = await atHome(page);
    for (const [address, shows] of [
        [`/projects/${id}/cut`, 'Take away'],
        [`/projects/${id}/history`, 'Take away'],
        ['/account', 'Sign out'],
        ['/households', 'Begin it'],
    ] as const) {
        await context.clearCookies();
        await page.goto(address);
        await signInOver(page, email);
        await expect(page.getByRole('button', { name: shows }).first()).toBeVisible();
        expect(new URL(page.url()).pathname).toBe(address);
    }
});

test('a file that does not come says why over the page, and can be asked for again', async ({ page, context }) => {
    const { email } = await atHome(page);
    await page.route('**/parts.csv', (route) => route.fulfill({ status: 503, json: { message: 'Just starting: try again.' } }));
    await page.getByRole('button', { name: 'Take away' }).click();
    await page.getByRole('menuitem', { name: 'Cut list as CSV' }).click();
    const files = page.getByRole('list', { name: 'files on their way' });
    await expect(files.getByRole('alert')).toContainText('did not come: Just starting: try again.');
    await page.unroute('**/parts.csv');
    await context.clearCookies();
    const came = page.waitForEvent('download');
    await files.getByRole('button', { name: 'Try again' }).click();
    await signInOver(page, email);
    expect((await came).suggestedFilename()).toMatch(/\.csv$/);
    await expect(files).toBeHidden();
});

test('where this device keeps nothing, the page says that it alone has the edit', async ({ page }) => {
    const id = await openCopy(page, undefined, 'piece');
    await page.evaluate(() => {
        IDBObjectStore.prototype.put = () => {
            throw new DOMException('full', 'QuotaExceededError');
        };
    });
    await page.route('**/changes', (route) => route.abort());
    await deepen(page, '340');
    await expect(state(page)).toHaveText('1 edit in this page alone: leave it open');
    const asked = page.waitForEvent('dialog');
    await page.close({ runBeforeUnload: true });
    expect((await asked).type()).toBe('beforeunload');
    await (await asked).dismiss();
    await page.unroute('**/changes');
    await saved(page, 2);
    expect(await kept(page, id)).toEqual([340, 2]);
});

test('an edit the server failed at stays with its reason until it is tried again', async ({ page }) => {
    const id = await openCopy(page, undefined, 'piece');
    await page.route('**/changes', (route) => route.fulfill({ status: 500, json: { message: 'Something went wrong on our side.' } }));
    await deepen(page, '340');
    await expect(state(page)).toHaveText('The last change is not saved');
    await page.unroute('**/changes');
    await page.reload();
    await state(page).getByRole('button', { name: 'The last change is not saved' }).click();
    const edits = page.getByRole('list', { name: 'edits that are not saved' });
    await expect(edits).toContainText('Chart shelves · depth · 340');
    await expect(edits).toContainText('Something went wrong on our side.');
    await edits.getByRole('button', { name: 'Try again' }).click();
    await saved(page, 2);
    await expect(edits).toBeHidden();
    expect(await kept(page, id)).toEqual([340, 2]);
});

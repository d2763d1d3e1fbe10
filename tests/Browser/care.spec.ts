import { expect, test } from '@playwright/test';
import { goTo, openCopy, roomOf, saved, SIGNAL_CABIN } from './house';

test('two people changing one thing are shown both versions and nothing is lost', async ({ page, context }) => {
    const id = await openCopy(page, undefined, 'piece');
    const other = await context.newPage();
    await other.goto(`/projects/${id}/piece`);
    const depth = (p: typeof page) => p.getByRole('textbox', { name: 'depth', exact: true });
    await depth(other).fill('350');
    await depth(other).press('Enter');
    await saved(other, 2);
    await depth(page).fill('360');
    await depth(page).press('Enter');
    const dialog = page.getByRole('dialog', { name: 'Two versions' });
    await expect(dialog).toContainText('360');
    await expect(dialog).toContainText('350');
    await expect(dialog).toContainText('Chart shelves, depth');
    await dialog.getByRole('radio', { name: '360' }).check();
    await dialog.getByRole('button', { name: 'As chosen' }).click();
    await saved(page, 3);
    await expect(depth(page)).toHaveValue('360');
});

test('a change made while the server is away is kept and sent when it is back', async ({ page }) => {
    await openCopy(page, undefined, 'piece');
    await page.route('**/changes', (route) => route.abort());
    const depth = page.getByRole('textbox', { name: 'depth', exact: true });
    await depth.fill('340');
    await depth.press('Enter');
    await expect(page.getByText('1 edit waiting on this device')).toBeVisible();
    await page.unroute('**/changes');
    await saved(page, 2);
    await expect(page.getByText(/^Saved/)).toBeVisible();
});

test('the stages are reached by keyboard, and a reading is picked and corrected without a mouse', async ({ page }) => {
    await openCopy(page);
    await page.keyboard.press('Alt+3');
    await expect(page).toHaveURL(/\/fit$/);
    await page.keyboard.press('1');
    await expect(page).toHaveURL(/\/site$/);
    await page.getByRole('button', { name: 'width at 100 mm: 1048' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: 'width at 100 mm' })).toBeFocused();
    await page.keyboard.press('Control+A');
    await page.keyboard.type('1048.4');
    await page.keyboard.press('Enter');
    await saved(page, 2);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await saved(page, 3);
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1048', exact: true })).toBeVisible();
});

test('the same plan is read in inches and in millimetres', async ({ page }) => {
    await openCopy(page, SIGNAL_CABIN, 'cut');
    await page.getByRole('button', { name: 'Parts', exact: true }).click();
    await expect(page.getByRole('row', { name: /A1 Side, left/ })).toContainText('72 × 11 3/32');
    await page.getByRole('button', { name: 'Take away' }).click();
    await page.getByRole('menuitem', { name: 'Read in millimetres' }).click();
    await expect(page.getByRole('row', { name: /A1 Side, left/ })).toContainText(/1.*828\.8 × 281\.8/);
    await goTo(page, 'Piece');
    await expect(page.getByRole('textbox', { name: 'depth', exact: true })).toHaveValue('12');
    // How one reads goes with the person, into every project: it is put back.
    await page.getByRole('button', { name: 'Take away' }).click();
    const kept = page.waitForResponse('**/api/profile');
    await page.getByRole('menuitem', { name: 'Read in inches' }).click();
    expect(((await (await kept).json()) as { profile: { unit?: string | null } }).profile.unit ?? null).toBeNull();
});

test('a stage is gone to by its key while the project is still on its way', async ({ page }) => {
    const complaints: string[] = [];
    page.on('pageerror', (e) => complaints.push(e.message));
    await page.goto('/demo');
    await page.waitForURL(/site$/);
    let open = (): void => undefined;
    const held = new Promise<void>((go) => (open = go));
    const cabin = await roomOf(page, SIGNAL_CABIN);
    await page.route(`**/api${cabin}`, async (route) => {
        await held;
        await route.continue();
    });
    await page.goto(`${cabin}/piece`);
    await page.getByText('Opening the project…').waitFor();
    await page.keyboard.press('Alt+6');
    open();
    await expect(page).toHaveURL(/\/log$/);
    await expect(page.getByRole('link', { name: /^Log/ })).toHaveAttribute('aria-current', 'page');
    expect(complaints).toEqual([]);
});

test.describe('with the worker that keeps the interface', () => {
    test.use({ serviceWorkers: 'allow' });
    test('nothing is fetched from anywhere else and nothing is complained of', async ({ page }) => {
        const foreign: string[] = [];
        const complaints: string[] = [];
        page.on('request', (r) => !r.url().startsWith(process.env.BASE_URL!) && !r.url().startsWith('data:') && foreign.push(r.url()));
        page.on('console', (m) => ['error', 'warning'].includes(m.type()) && complaints.push(m.text()));
        page.on('pageerror', (e) => complaints.push(e.message));
        await openCopy(page);
        for (const stage of ['Piece', 'Fit', 'Cut', 'Site'] as const) await goTo(page, stage);
        await page.getByRole('button', { name: 'Take away' }).click();
        await page.getByRole('menuitem', { name: 'Dark' }).click();
        await expect(page.locator('html')).toHaveClass(/dark/);
        expect(foreign).toEqual([]);
        expect(complaints).toEqual([]);
    });
});

test('signed out, the first page offers the demo and a sign-in that says what is wrong', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('link', { name: 'Open the demo house' })).toBeVisible();
    await page.getByLabel('E-mail').fill('nobody@nowhere.example');
    await page.getByLabel('Password').fill('guess');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('alert')).toContainText('do not belong together');
});

import { expect, test } from '@playwright/test';
import { beginMeasuring, bringRoom, saved, signUp } from './house';

test('a link is made for the yard, read without an account, and no longer once it is called off', async ({ page, browser }) => {
    await page.goto('/');
    await signUp(page, 'Ottar Lund');
    await expect(page.getByText('No project yet')).toBeVisible();
    await page.goto(`/projects/${await bringRoom(page, 'chart-room-left-niche')}/site`);
    const share = async (): Promise<void> => {
        await page.getByRole('button', { name: 'Take away' }).click();
        await page.getByRole('menuitem', { name: 'A link to read by' }).click();
    };
    await share();
    await page.getByRole('textbox', { name: 'whom the link is for' }).fill('Timber yard');
    await page.getByRole('combobox', { name: 'good for' }).selectOption({ label: 'for two days' });
    await page.getByRole('button', { name: 'Make the link' }).click();
    const url = await page.getByRole('textbox', { name: 'the link', exact: true }).inputValue();
    const yard = await (await browser.newContext()).newPage();
    await yard.goto(url);
    await expect(yard.getByRole('heading', { name: 'Chart shelves' })).toBeVisible();
    const drawing = yard.getByRole('img', { name: /Chart shelves from the front/ });
    await expect.poll(() => drawing.evaluate((i: HTMLImageElement) => i.naturalWidth)).toBeGreaterThan(100);
    const a1 = yard.getByRole('table', { name: 'parts' }).getByRole('row', { name: /A1/ });
    await expect(a1).toContainText(/2\W*210\.0 × 372\.8/);
    await yard.getByRole('button', { name: 'Inches' }).click();
    await expect(a1).toContainText('87 × 14 11/16');
    const file = yard.waitForEvent('download');
    await yard.getByRole('link', { name: 'Cut list as CSV' }).click();
    expect((await file).suggestedFilename()).toContain('parts.csv');
    await page.getByRole('button', { name: 'call off Timber yard' }).click();
    await expect(page.getByRole('list', { name: 'links that are good' })).toHaveCount(0);
    await yard.reload();
    await expect(yard.getByRole('alert')).toContainText('This link is no longer good');
});

test('how one reads and prints is kept in the account and holds in a project', async ({ page }) => {
    await page.goto('/');
    await signUp(page, 'Orla Finn');
    await expect(page.getByText('No project yet')).toBeVisible();
    await page.getByRole('link', { name: 'Account' }).click();
    const form = page.getByRole('form', { name: 'how I read and print' });
    await form.getByRole('button', { name: 'Inches', exact: true }).click();
    await form.getByRole('button', { name: '1/8' }).click();
    await form.getByLabel('Currency of new projects').fill('usd');
    await form.getByRole('button', { name: 'Keep it' }).click();
    await expect(form.getByRole('status')).toContainText('Kept');
    await page.getByRole('link', { name: 'Projects' }).click();
    await beginMeasuring(page, 'Porch bench');
    await expect(page.getByTitle('the unit you read in')).toHaveText('in');
});

test('prices are kept for the next project, told in the account, and forgotten there', async ({ page }) => {
    await page.goto('/');
    await signUp(page, 'Tess Marl');
    await expect(page.getByText('No project yet')).toBeVisible();
    const shopFor = async (name: string, width: string): Promise<void> => {
        const site = await beginMeasuring(page, name);
        await page
            .getByRole('button', { name: /^width at/ })
            .first()
            .click();
        await page.keyboard.type(width);
        await page.keyboard.press('Enter');
        await saved(page, 2);
        await page.goto(site.replace(/site$/, 'make'));
    };
    await shopFor('Porch bench', '1200');
    await page.getByRole('button', { name: 'Dust mask' }).click();
    await page.getByRole('spinbutton', { name: 'Dust mask: price' }).fill('7.90');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'What it all comes to' }).click();
    await expect(page.locator('.big').first()).toHaveText('€7.90');
    await page.getByRole('button', { name: 'Keep these prices for new projects' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'New projects begin with them, in EUR.' })).toContainText('1 thing,');
    await page.goto('/');
    await shopFor('Boat shelf', '900');
    await expect(page.locator('.big').first()).toHaveText('€7.90');
    await page.goto('/account');
    await expect(page.getByText('prices of 1 thing, in EUR')).toBeVisible();
    await page.getByRole('button', { name: 'Forget them' }).click();
    await expect(page.getByText('prices of 1 thing')).toHaveCount(0);
});

import { expect, type Page, test } from '@playwright/test';
import { big, choose, goTo, openCopy, saved } from './house';

const PANTRY = '/demo/pantry-passage-wall';
const FIRESIDE = '/demo/chart-room-fireside';

const group = (page: Page, name: string) => page.getByRole('group', { name, exact: true });
const marks = (page: Page) => page.locator('.bay-mark');

test('a bay is picked, split, copied, given shelves and chosen openings, and methods change the piece', async ({ page }) => {
    await openCopy(page, undefined, 'piece');
    expect(await big(page)).toBe('≈ 971.7mm');
    await page.getByRole('button', { name: 'pick bay 1' }).click();
    // Chosen, so that the divider is clear of the socket.
    expect(await big(page)).toBe('450.0mm');
    await page.getByRole('button', { name: 'Add a bay beside it' }).click();
    await saved(page, 2);
    await expect(marks(page)).toHaveCount(3);
    // (971.7 − 4 × 17.6 − 450)/2 = 225.65
    expect(await big(page)).toBe('≈ 225.7mm');
    await page.getByRole('button', { name: 'pick bay 1' }).click();
    await group(page, 'shelves of bay 1').getByRole('button', { name: 'one less' }).click();
    await saved(page, 3);
    const opening = page.getByRole('textbox', { name: 'opening 1 of bay 1' });
    await opening.fill('350');
    await opening.press('Enter');
    await saved(page, 4);
    await expect(page.getByRole('button', { name: 'dimension 350.0' })).toBeVisible();
    const clear = page.getByRole('textbox', { name: 'clear opening of bay 1' });
    await clear.fill('400');
    await clear.press('Enter');
    await saved(page, 5);
    expect(await big(page)).toBe('400.0mm');
    await page.getByRole('button', { name: 'Copy it beside' }).click();
    await expect(marks(page)).toHaveCount(4);
    await group(page, 'front').getByText('Face frame').click();
    await saved(page, 7);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect(marks(page)).toHaveCount(3);
    await page.keyboard.press('Control+Shift+z');
    await expect(marks(page)).toHaveCount(4);
});

test('a divider is dragged: it snaps to equal, keeps to round figures, and moves by keys', async ({ page }) => {
    await openCopy(page, PANTRY, 'piece');
    const grip = page.getByRole('slider', { name: 'divider right of bay B1' });
    const box = (await grip.locator('.catch').boundingBox())!;
    const from = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(from.x - 45, from.y, { steps: 4 });
    await expect(grip.locator('text')).toContainText('mm');
    await page.mouse.up();
    await saved(page, 2);
    await page.getByRole('button', { name: 'pick bay B1' }).click();
    const width = Number((await big(page)).replace('mm', ''));
    expect(width % 5).toBe(0);
    expect(width).toBeLessThan(676);
    await grip.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await saved(page, 3);
    expect(Number((await big(page)).replace('mm', ''))).toBe(width + 10);
    // Back near the middle of both: it snaps to equal and shares again. (2100 − 4 × 17.6)/3 = 676.5
    const now = (await grip.locator('.catch').boundingBox())!;
    const scale = box.x - now.x > 0 ? (box.x - now.x) / (676.533 - width - 10) : 0.1;
    await page.mouse.move(now.x + now.width / 2, from.y);
    await page.mouse.down();
    await page.mouse.move(now.x + now.width / 2 + (676.533 - width - 10) * scale + 1, from.y, { steps: 4 });
    await expect(grip.locator('text')).toContainText('equal');
    await page.mouse.up();
    await saved(page, 4);
    expect(await big(page)).toBe('≈ 676.5mm');
});

test('what a bay holds is picked from a list, and what cannot work says so on the spot', async ({ page }) => {
    await openCopy(page, PANTRY, 'piece');
    await page.getByRole('button', { name: 'bay A1', exact: true }).click();
    await choose(page, 'bay A1 holds', 'Drawers');
    await saved(page, 2);
    const opens = page.getByRole('textbox', { name: 'Opens, degrees of the door of bay A1' });
    await opens.fill('wide');
    await opens.press('Enter');
    await expect(page.getByRole('alert')).toContainText('expected a whole number from 80 to 180');
    await opens.fill('85');
    await opens.press('Enter');
    await saved(page, 3);
    await expect(page.getByLabel('tally').getByText('a drawer comes out past it from 95°')).toBeVisible();
    await choose(page, 'bay A1 is closed by', 'None');
    await expect(page.getByLabel('tally').getByText('a drawer comes out past it')).toBeHidden();
    await group(page, 'How many of bay A1').getByRole('button', { name: 'one more' }).click();
    await goTo(page, 'Cut');
    await page.getByRole('button', { name: 'Parts', exact: true }).click();
    await expect(page.getByRole('cell', { name: 'Drawer front 4, bay A1', exact: true })).toBeVisible();
});

test('shelves follow the things to store', async ({ page }) => {
    await openCopy(page, undefined, 'piece');
    await page.getByRole('button', { name: 'pick bay 2' }).click();
    await choose(page, 'bay 2 holds', 'Shelves for these things');
    await expect(page.getByText('Nothing is said yet of what bay 2 is to hold.').first()).toBeVisible();
    await page.getByRole('textbox', { name: 'something to store in bay 2' }).fill('Chart tubes');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await saved(page, 3);
    const high = page.getByRole('textbox', { name: 'height of Chart tubes' });
    await high.fill('260');
    await high.press('Enter');
    await group(page, 'how many Chart tubes').getByRole('button', { name: 'one more' }).click();
    await saved(page, 5);
    await goTo(page, 'Cut');
    await page.getByRole('button', { name: 'Parts', exact: true }).click();
    await expect(page.getByRole('cell', { name: 'Shelf 1, bay 2', exact: true })).toBeVisible();
});

test('bands are added, joined and nested; a run along a side wall; the piece mirrored', async ({ page }) => {
    await openCopy(page, undefined, 'piece');
    await choose(page, 'add a band along the back wall', 'Box');
    await saved(page, 2);
    await expect(page.getByRole('button', { name: 'pick bay B1' })).toBeVisible();
    await page.getByRole('button', { name: 'Box', exact: true }).first().click();
    await group(page, 'shares the uprights below').getByText('Yes').click();
    await saved(page, 3);
    await page.getByRole('button', { name: 'pick bay B1' }).click();
    await page.getByRole('button', { name: 'Divide it into bands' }).click();
    await saved(page, 4);
    await expect(marks(page).filter({ hasText: 'B1·a1' })).toHaveCount(1);
    await page.getByRole('button', { name: '+ A run along the left wall' }).click();
    await saved(page, 5);
    await expect(page.getByRole('button', { name: 'pick bay C1' })).toBeVisible();
    await page.getByRole('button', { name: 'Mirror the piece' }).click();
    await saved(page, 6);
    await expect(page.getByText('Along the right wall')).toBeVisible();
});

test('a starter is fitted in one step, and undo brings back what stood', async ({ page }) => {
    await openCopy(page, undefined, 'piece');
    await page.getByRole('button', { name: 'Begin from a starter' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('heading', { name: 'For a space like this' })).toBeVisible();
    await dialog.getByRole('button', { name: 'Linen cupboard with slatted shelves' }).click();
    await saved(page, 2);
    await expect(page.getByRole('navigation', { name: 'pieces' })).toContainText('Linen cupboard');
    await goTo(page, 'Cut');
    await page.getByRole('button', { name: 'Parts', exact: true }).click();
    await expect(page.getByRole('cell', { name: 'Slat 1 of shelf 1, bay 1', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await goTo(page, 'Piece');
    await expect(page.getByRole('navigation', { name: 'pieces' })).toContainText('Chart shelves');
});

test('several pieces of one space are picked by name', async ({ page }) => {
    await openCopy(page, FIRESIDE, 'piece');
    await page.getByRole('navigation', { name: 'pieces' }).getByRole('button', { name: 'Framed breast' }).click();
    await expect(page.getByRole('button', { name: 'Open stretch' })).toBeVisible();
    await page.getByRole('navigation', { name: 'pieces' }).getByRole('button', { name: 'Right flank' }).click();
    await expect(page.getByRole('button', { name: 'Top', exact: true })).toBeVisible();
});

test('schools are compared on this piece, and one is taken', async ({ page }) => {
    await openCopy(page, PANTRY, 'piece');
    await page.getByText('Schools compared on this piece').click();
    await page.getByRole('button', { name: 'Compare them' }).click();
    const schools = page.getByRole('region', { name: 'schools compared' });
    // Sheets, kilograms, joints, fixings, metres of band and of frame.
    await expect(schools.getByRole('row', { name: /Face frame/ }).getByRole('cell')).toHaveText([
        /Face frame/,
        /^\d+$/,
        /^\d+\.\d$/,
        /^\d+$/,
        /^\d+$/,
        /^(\d+\.\d|–)$/,
        /^\d+\.\d$/,
    ]);
    await expect(schools.getByRole('row', { name: /Dado/ }).getByRole('cell').nth(2)).toHaveText(/^\d+\.\d$/);
    await schools.getByRole('button', { name: 'Inset' }).click();
    await saved(page, 2);
    await expect(schools.getByText('The piece has changed since.')).toBeVisible();
    await page.getByText('Bought for it').click();
    await expect(page.getByText('Drawer slides, pair')).toBeVisible();
});

test('the solid is shown, opened, drawn apart and picked from', async ({ page }) => {
    await openCopy(page, PANTRY, 'piece');
    await page.getByRole('tab', { name: 'Solid' }).click();
    const canvas = page.getByRole('img', { name: /solid of Pantry: \d+ boards/ });
    await expect(canvas).toBeVisible();
    const shot = (): Promise<string> => canvas.evaluate((c: HTMLCanvasElement) => c.toDataURL());
    await expect.poll(async () => (await shot()).length).toBeGreaterThan(20_000);
    const shut = await shot();
    for (const label of ['Open doors and drawers', 'Draw apart', 'Cut away from the front']) {
        const before = await shot();
        await page.getByLabel(label).fill('0.6');
        await expect.poll(shot).not.toBe(before);
        await page.getByLabel(label).fill('0');
        await expect.poll(shot).toBe(shut);
    }
    const box = (await canvas.boundingBox())!;
    await page.mouse.click(box.x + box.width * 0.5, box.y + box.height * 0.6);
    await expect(page.locator('.tape-paper .what')).toContainText('cut length');
});

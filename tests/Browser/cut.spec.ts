import { expect, type Page, test } from '@playwright/test';
import { CHART_ROOM, openCopy } from './house';

const FIRESIDE = '/demo/chart-room-fireside';
const part = (page: Page, name: string): ReturnType<Page['locator']> => page.locator('.sheet g.part', { hasText: name }).first();

async function drag(page: Page, name: string, dx: number, dy: number): Promise<void> {
    const box = (await part(page, name).boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + 24);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + dx, box.y + 24 + dy, { steps: 4 });
    await page.mouse.up();
}

test('the order of cuts says settings, what comes off and what remains, and lights the cut on the sheet', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    const rows = page.locator('.order tbody tr');
    await expect(rows.first()).toContainText('trim, along');
    const settings = Number(await page.locator('.order .sum b').first().innerText());
    await expect(page.locator('.order td.set b')).toHaveCount(settings);
    const cut = rows.filter({ hasText: 'done' }).first();
    const number = await cut.locator('.no').innerText();
    await cut.click();
    await expect(page.locator('.sawcut.lit')).toContainText(number);
});

test('a part is dragged and locked, the rest planned around it; an illegal place is refused with its reason', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    await drag(page, 'E1', 20, -100);
    await expect(page.getByText('Locked: the plan is made around it.')).toBeVisible();
    await expect(part(page, 'E1').locator('.locked')).toBeVisible();
    const before = await part(page, 'E1').locator('rect').getAttribute('x');
    await drag(page, 'E1', 400, 0);
    await expect(page.getByText('would reach into the trim or over the edge')).toBeVisible();
    await expect(part(page, 'E1').locator('rect')).toHaveAttribute('x', before!);
    await page.getByRole('button', { name: 'Unlock' }).click();
    await expect(page.getByRole('button', { name: 'Lock it here' })).toBeVisible();
});

test('with a short rail no cut is longer than it, and a part that none frees is named with its cure', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    await page.getByText('Saws and how far they reach').click();
    await page.getByLabel('Saw on a rail', { exact: true }).check();
    await expect(page.getByRole('contentinfo').or(page.locator('.findings, footer')).first()).toContainText('stop');
    await page.locator('.sheet').first().waitFor();
    await expect(page.getByText('no saw of yours frees it').first()).toBeVisible();
    await page.getByLabel('Saw on a rail', { exact: true }).uncheck();
    await expect(page.getByText('no saw of yours frees it')).toHaveCount(0);
});

test('a piece in hand is put on the list and used before a sheet is bought', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    await page.getByText('Other sizes, pieces in hand, trims').first().click();
    await page.getByRole('button', { name: 'A piece in hand' }).first().click();
    await page.getByLabel('in hand: length along the grain').fill('1200');
    await page.getByLabel('in hand: length along the grain').press('Enter');
    await expect(page.getByText('1 × in hand, in hand').first()).toBeVisible();
});

test('lumber lies on its sticks, around what is bad in one in hand', async ({ page }) => {
    await openCopy(page, FIRESIDE, 'cut');
    await page.getByRole('tab', { name: 'Lumber' }).click();
    await expect(page.locator('.lumber')).toContainText('Proved: no plan needs less.');
    await expect(page.locator('.lumber figure')).toHaveCount(4);
    await page.getByRole('button', { name: 'A stick in hand' }).click();
    await page.getByLabel('stick in hand: bad places').fill('400 to 450');
    await page.getByLabel('stick in hand: bad places').press('Tab');
    await expect(page.locator('.lumber figure', { hasText: 'stick in hand' })).toBeVisible();
    await page.getByLabel('stick in hand: bad places').fill('somewhere');
    await page.getByLabel('stick in hand: bad places').press('Tab');
    await expect(page.getByText('expected two places such as')).toBeVisible();
});

test('the shop is asked through cuts, and labels come as a file', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    await page.getByText('Saws and how far they reach').click();
    await page.getByLabel('The shop’s saw').check();
    await page.getByRole('button', { name: 'At the shop' }).click();
    await expect(page.locator('.shop ol li')).toHaveCount(4);
    await expect(page.locator('.shop ul li').first()).toContainText('for');
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Labels to print' }).click()]);
    expect(file.suggestedFilename()).toContain('labels.pdf');
});

test('shelves asked for in one strip lie side by side, and what counts after cost is chosen', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    for (const mark of ['F1', 'F2']) {
        await page.getByRole('button', { name: 'Parts', exact: true }).click();
        await page.getByRole('cell', { name: mark, exact: true }).click();
        await page.getByLabel('strip', { exact: true }).fill('shelves');
        await page.getByLabel('strip', { exact: true }).press('Tab');
        await expect(page.getByRole('button', { name: 'Ask nothing special' })).toBeVisible();
    }
    await page.getByRole('tab', { name: 'All sheets' }).click();
    const [one, two] = await Promise.all(
        ['F1', 'F2'].map((mark) =>
            page
                .locator('.sheet g.part', { hasText: `${mark} Shelf` })
                .first()
                .boundingBox(),
        ),
    );
    expect(Math.abs(one!.x - two!.x)).toBeLessThan(1);
    expect(two!.y - one!.y).toBeGreaterThan(0.9 * one!.height);
    await page.getByRole('button', { name: 'Fewer settings' }).click();
    await expect(page.getByRole('button', { name: 'Fewer settings' })).toHaveAttribute('aria-pressed', 'true');
});

test('what is left goes on the rack, and another project uses a piece of it and gives it back', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    await page.getByRole('button', { name: 'Put what is left on the rack' }).click();
    await expect(page.getByText('each with a label to write on it')).toBeVisible();
    await openCopy(page, '/demo/chart-room-right-niche', 'cut');
    const piece = page.locator('.piece', { hasText: '920.2 × 372.8' }).first();
    await piece.getByRole('button', { name: 'Use' }).click();
    await expect(page.getByText(/1 × R\d+ of the rack, in hand/).first()).toBeVisible();
    await piece.getByRole('button', { name: 'Give back' }).click();
    await expect(page.getByText(/of the rack, in hand/)).toHaveCount(0);
});

test('at the bench each board shows its holes by face, a line lights its own, and pairs are named', async ({ page }) => {
    await openCopy(page, CHART_ROOM, 'cut');
    await page.getByRole('tab', { name: 'At the bench' }).click();
    const boards = page.getByRole('navigation', { name: 'boards at the bench' });
    await boards.getByRole('button', { name: /Side, left/ }).click();
    const pins = page.locator('.holes tbody tr', { hasText: 'Shelf pin hole' }).first();
    await expect(pins).toContainText('37.0 · 336.8');
    const lit = page.locator('svg .lit .hole');
    await expect(lit).toHaveCount(0);
    await pins.click();
    await expect(lit).toHaveCount((await pins.locator('.run').first().innerText()).split('·').length * 2);
    await boards.getByRole('button', { name: /^C Bottom/ }).click();
    await expect(page.getByRole('heading', { name: 'In the left end' })).toBeVisible();
    await openCopy(page, FIRESIDE, 'cut');
    await page.getByRole('tab', { name: 'At the bench' }).click();
    await expect(boards.getByText('mirror image of B', { exact: true })).toBeVisible();
});

test('a screw with no wood is told at the board and in the findings', async ({ page }) => {
    await openCopy(page, '/demo/galley-sink', 'cut');
    await page.getByRole('tab', { name: 'At the bench' }).click();
    await page
        .getByRole('navigation', { name: 'boards at the bench' })
        .getByRole('button', { name: /Side, right/ })
        .click();
    await expect(page.locator('.work .wrong').first()).toContainText('there is no wood for the screw hole for Nailer');
});

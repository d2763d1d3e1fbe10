import { expect, test } from '@playwright/test';
import { choose, goTo, openCopy } from './house';

test('a shelf that would sag is told with its cure in one step, or left with a reason', async ({ page }) => {
    await openCopy(page, '/demo/chart-room-fireside', 'piece');
    const line = page.locator('.findings');
    await page.getByRole('button', { name: 'pick bay A1', exact: true }).first().click();
    await choose(page, 'Shelves for of bay A1', 'Cans, jars');
    await expect(line).toContainText('1 look');
    await line.getByRole('button', { name: /look/ }).click();
    const sags = line.getByRole('listitem').filter({ hasText: 'would sag 9.1 mm' });
    await sags.getByRole('button', { name: 'Accept' }).click();
    await sags.getByLabel('reason').fill('Only the ends are filled.');
    await sags.getByRole('button', { name: 'Leave it so' }).click();
    await expect(line).toContainText('0 look');
    await expect(line.getByText('Left as it is: Only the ends are filled.')).toBeVisible();
    await line.getByRole('button', { name: 'Take back' }).click();
    await expect(line).toContainText('1 look');
    await line.getByRole('button', { name: 'Close' }).click();
    const tally = page.getByLabel('tally');
    await expect(tally.getByText(/Shelf 1, bay A1 would sag/)).toBeVisible();
    await tally.getByRole('button', { name: 'Glue a nosing of 40 mm before each' }).click();
    await expect(tally.getByText(/would sag/)).toBeHidden();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(tally.getByText(/would sag/)).toBeVisible();
});

test('what somebody else decides is held until it is written down, and let go by it', async ({ page }) => {
    await openCopy(page, '/demo/stair-store', 'cut');
    const line = page.locator('.findings');
    await expect(line).toContainText('1 stop');
    const waits = page.locator('details', { hasText: 'One thing waits for somebody to decide' });
    await waits.locator('summary').click();
    await expect(waits.getByText('Building control decides. Until then it is not fixed in its place.')).toBeVisible();
    await waits.getByRole('button', { name: 'Write down what was said' }).click();
    await waits.getByLabel('who decided').fill('R. Tolland');
    await waits.getByLabel('what they said').fill('Lined in 2003, seen.');
    await waits.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(line).toContainText('0 stop');
    await expect(waits).toBeHidden();
    await line.getByRole('button', { name: /stop/ }).click();
    const decided = line.getByRole('listitem').filter({ hasText: 'R. Tolland' });
    await expect(decided).toContainText('“Lined in 2003, seen.” It goes on.');
    await decided.getByRole('button', { name: 'Take back' }).click();
    await expect(line).toContainText('1 stop');
    // A no is written down as well, and holds.
    const stop = line.getByRole('listitem').filter({ hasText: 'Building control decides' });
    await stop.getByRole('button', { name: 'Write down what was said' }).click();
    await stop.getByLabel('who decided').fill('R. Tolland');
    await stop.getByLabel('what they said').fill('Not before it is lined.');
    await stop.getByRole('button', { name: 'It does not' }).click();
    await stop.getByRole('button', { name: 'Keep', exact: true }).click();
    await expect(line.getByText('It does not go on.')).toBeVisible();
    await expect(line).toContainText('1 stop');
});

test('a finding stands on the drawing and opens what it is about; a limit of one’s own settles it', async ({ page }) => {
    await openCopy(page, '/demo/lamp-room-bench', 'piece');
    const sign = page.getByRole('button', { name: /^look: A2: 20.6 kg on a pair of slides/ }).first();
    await sign.click();
    const tally = page.getByLabel('tally');
    await expect(tally.getByRole('heading', { name: 'Bay A2' })).toBeVisible();
    await tally.getByRole('button', { name: 'Take those rated 31 kg' }).click();
    await expect(sign).toBeHidden();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sign).toBeVisible();

    await openCopy(page, '/demo/chart-room-fireside', 'piece');
    const line = page.locator('.findings');
    await page.getByRole('button', { name: 'pick bay A1', exact: true }).first().click();
    await choose(page, 'Shelves for of bay A1', 'Cans, jars');
    await expect(line).toContainText('1 look');
    await line.getByRole('button', { name: /look/ }).click();
    const sags = line.getByRole('listitem').filter({ hasText: 'would sag' });
    await expect(sags).toContainText('4.7 mm is the usual limit');
    await sags.getByText('The usual limit', { exact: true }).click();
    await sags.getByLabel('limit', { exact: true }).fill('200');
    await sags.getByLabel('limit', { exact: true }).blur();
    // 959.1 · 1.5 / 200.
    await expect(sags).toContainText('7.1 mm is the usual limit');
    // Every limit is found again, whether or not its rule speaks.
    await line.getByText('Limits, 1 of your own').click();
    const lifts = line.locator('.one', { hasText: 'What one person lifts' });
    await expect(lifts.getByLabel('limit', { exact: true })).toHaveValue('23');
    await sags.getByRole('button', { name: 'Back to the usual one' }).click();
    await expect(sags).toContainText('4.7 mm is the usual limit');
    await expect(line.getByText('Limits', { exact: true })).toBeVisible();
});

test('a bay takes what it is built around from the library, ours, one’s own, or a list brought in', async ({ page }) => {
    await openCopy(page, '/demo/lamp-room-bench', 'piece');
    await page
        .getByRole('button', { name: /^look: A2/ })
        .first()
        .click();
    const tally = page.getByLabel('tally');
    const open = async (): Promise<void> => tally.getByRole('button', { name: 'From the library' }).click();
    const dialog = page.getByRole('dialog');
    await open();
    await dialog.getByRole('button', { name: 'use Side slides 600, heavy here' }).click();
    await expect(dialog).toBeHidden();
    await expect(tally.getByText(/wants slides rated/)).toBeHidden();
    await expect(tally.getByLabel('Rated, kg of bay A2')).toHaveValue('60');

    await open();
    await dialog.getByRole('button', { name: 'Add one of yours' }).click();
    await dialog.getByLabel('name').fill('Slides from the shed');
    await dialog.getByLabel('what it is').click();
    await page.getByRole('option', { name: 'Slides, a pair' }).click();
    await dialog.getByLabel('rated, kg').fill('45');
    await dialog.getByLabel('rated, kg').blur();
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog.getByText('Slides from the shed')).toBeVisible();
    await dialog.getByRole('button', { name: 'use Slides from the shed here' }).click();
    await expect(tally.getByLabel('Rated, kg of bay A2')).toHaveValue('45');

    await open();
    const bring = async (csv: string): Promise<void> =>
        dialog
            .getByLabel('bring a list into the library')
            .setInputFiles({ name: 'mine.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
    await bring('kind,name,rating\nslides,Bad slides,many\n');
    await expect(page.getByText('Line 2: rating is "many"; expected a whole number from 1 to 5000.')).toBeVisible();
    await bring('kind,name,rating\nslides,Slides by list,70\n');
    await expect(page.getByText('1 entries of mine.csv are in your library.')).toBeVisible();
    await expect(dialog.getByText('Slides by list')).toBeVisible();
    for (const name of ['Slides by list', 'Slides from the shed']) {
        await dialog.getByRole('button', { name: `take ${name} out of the library` }).click();
        await expect(dialog.getByText(name)).toBeHidden();
    }
});

test('who lives in the house is said once, and rules about it speak up', async ({ page }) => {
    await openCopy(page, '/demo/lamp-room-bench', 'site');
    const line = page.locator('.findings');
    await expect(line).toContainText('2 look');
    await page.getByText('The house', { exact: true }).click();
    await page.getByRole('group', { name: 'children live here' }).getByText('Yes').click();
    // A seat under a window is climbed, and nobody has said what the wall is that would hold it.
    await expect(line).toContainText('4 look');
    await line.getByRole('button', { name: /look/ }).click();
    await expect(line.getByRole('list')).toContainText('raises the floor: 367.5 mm is left up to the glass');
    await line.getByRole('button', { name: 'Close' }).click();
    await goTo(page, 'Piece');
    await expect(page.getByRole('button', { name: /^look: A2/ }).first()).toBeVisible();
});

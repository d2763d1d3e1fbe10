import { expect, type Page, test } from '@playwright/test';
import { big, openCopy, saved } from './house';

const RIGHT_NICHE = '/demo/chart-room-right-niche';
const STAIR_STORE = '/demo/stair-store';
const LAMP_BENCH = '/demo/lamp-room-bench';
const GALLEY = '/demo/galley-sink';

const tally = (page: Page) => page.getByRole('complementary', { name: 'tally' });
const view = (page: Page, name: string): Promise<void> => page.getByRole('tab', { name, exact: true }).click();
const edge = (page: Page, name: string): Promise<void> => tally(page).getByRole('button', { name, exact: true }).click();

test('an edge says its gap, what is proposed and why; a way chosen resizes the parts and is undone', async ({ page }) => {
    await openCopy(page, undefined, 'fit');
    await edge(page, 'Left edge');
    await expect(tally(page)).toContainText('Proposed: Scribed side, because nothing opens here');
    expect(await big(page)).toContain('mm');
    const ways = page.getByRole('radiogroup', { name: 'left edge' });
    await expect(ways.getByRole('radio', { name: 'Filler' })).toHaveAttribute('aria-checked', 'true');
    await expect(ways.getByRole('radio', { name: 'Extended stile' })).toContainText('with a face frame');
    await ways.getByRole('radio', { name: 'Scribed side' }).click();
    await saved(page, 2);
    await expect(ways.getByRole('radio', { name: 'Scribed side' })).toHaveAttribute('aria-checked', 'true');
    // 25 less on the left gives the carcass 25 more: 971.7 + 25.
    await expect(page.getByRole('button', { name: 'dimension ≈ 996.7' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: 'dimension ≈ 971.7' })).toBeVisible();
});

test('offsets taken by hand take over from the survey, line, setting and blank', async ({ page }) => {
    await openCopy(page, undefined, 'fit');
    await edge(page, 'Left edge');
    await page.getByText('Offsets taken by hand', { exact: true }).click();
    for (const [at, gap] of [
        ['100', '33'],
        ['2200', '41'],
    ] as const) {
        const field = (label: string) => page.getByRole('textbox', { name: label, exact: true });
        await field('offset at').fill(at);
        await field('offset at').press('Enter');
        await field('offset gap').fill(gap);
        await field('offset gap').press('Enter');
        await expect(page.getByRole('button', { name: `take out the offset at ${at}`, exact: true })).toBeVisible();
    }
    await expect(tally(page)).toContainText('From the offsets taken by hand, ± 0.5');
    await view(page, 'Gaps and cut lines');
    await expect(page.getByRole('group', { name: /template: Chart shelves: left edge/ })).toContainText('33.0');
    await page.getByRole('button', { name: 'Go back to the survey' }).click();
    await expect(tally(page)).toContainText('From the survey of the room');
});

test('a template goes out as pages, SVG and DXF, also mirrored', async ({ page }) => {
    await openCopy(page, undefined, 'fit');
    await edge(page, 'Right edge');
    await page.getByRole('group', { name: 'paper' }).getByText('A3').click();
    await expect(page.getByRole('link', { name: 'Pages to print' })).toHaveAttribute('href', /paper=a3/);
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'Pages to print' }).click()]);
    expect(download.suggestedFilename()).toBe('chart-shelves-right-edge - full size in mm.pdf');
    await page.getByRole('group', { name: 'marked on' }).getByText('From behind').click();
    await expect(page.getByRole('link', { name: 'DXF' })).toHaveAttribute('href', /behind=1/);
});

test('a top that runs to three walls is scribed in order', async ({ page }) => {
    await openCopy(page, RIGHT_NICHE, 'fit');
    await edge(page, 'Top, rear edge');
    await expect(tally(page)).toContainText('Cut it to length first.');
    await expect(tally(page)).toContainText('Rear last');
});

test('a notched side is marked out from two edges, and mirrored for marking from behind', async ({ page }) => {
    await openCopy(page, GALLEY, 'fit');
    await view(page, 'Gaps and cut lines');
    await page.getByRole('button', { name: 'Sink shelf: Side, right' }).click();
    await expect(tally(page)).toContainText('Seen from the left, 440.0 × 420.0');
    const first = tally(page).getByRole('row').filter({ hasText: 'Notch' });
    await expect(first).toContainText('0.0173.9106.0246.1');
    await page.getByRole('button', { name: 'Marked from behind' }).click();
    // 440 − 106 = 334 from the other edge.
    await expect(first).toContainText('334.0173.9106.0246.1');
});

test('the base is packed level, and fronts are brought flush', async ({ page }) => {
    await openCopy(page, undefined, 'fit');
    await view(page, 'Level and flush');
    await expect(page.getByRole('region', { name: 'shims' })).toContainText('L1');
    const depth = page.getByRole('region', { name: 'stack of its depth' });
    await expect(depth).toContainText('Left to the front line of the space14.0');
    await depth.getByRole('button', { name: /packers of 14 mm behind it/ }).click();
    await saved(page, 2);
    await expect(depth).toContainText('Air behind14.0');
    await expect(depth).toContainText('Left to the front line of the space0.0');
});

test('the way in is searched stretch by stretch, and what blocks is shown', async ({ page }) => {
    await openCopy(page, STAIR_STORE, 'fit');
    await view(page, 'Will it go in?');
    const answer = page.getByRole('region', { name: 'does it go in' });
    await expect(answer).toContainText('No way found');
    await expect(answer).toContainText('7.2 mm too wide at the tightest');
    await expect(answer).toContainText('Best split: 2 boxes one on the other');
    await expect(answer).toContainText('tilting it while turning a corner was not searched');
    await expect(page.getByRole('img', { name: 'Turn into the back passage: the box on its way' })).toBeVisible();
    await expect(page.getByText('Blocked: shown as it would go')).toBeVisible();
    await answer.getByRole('button', { name: 'At its place' }).click();
    await expect(page.getByText('Blocked: shown as it would go')).toBeHidden();
    const box = page.locator('.moving');
    const before = await box.getAttribute('d');
    await page.getByRole('slider', { name: 'along the way' }).fill('0.3');
    expect(await box.getAttribute('d')).not.toBe(before);
});

test('a lid is opened on the drawing until it meets the sill, with the struts it wants', async ({ page }) => {
    await openCopy(page, LAMP_BENCH, 'fit');
    await view(page, 'What moves');
    expect(await big(page)).toBe('93°');
    await expect(tally(page)).toContainText('of 95°: it meets window sill.');
    await expect(tally(page)).toContainText(/From \d+ N to \d+ N each: holds open and stays shut/);
    await page.getByRole('button', { name: 'Drawer front 1, bay A2' }).click();
    expect(await big(page)).toBe('417.6');
    await expect(tally(page)).toContainText('nothing in its way');
    await page.getByRole('button', { name: 'Play' }).click();
    await expect(page.getByRole('button', { name: 'Play' })).toBeVisible({ timeout: 8000 });
});

import { expect, type Locator, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readFile } from 'node:fs/promises';
import { big, goTo, openCopy, saved } from './house';

test('the printed address opens the chart-room niche, signed in', async ({ page }) => {
    await page.goto('/demo');
    await expect(page.getByRole('heading', { name: 'Chart room, left niche' })).toBeVisible();
    await expect(page.getByText('Gannet Point Lookout')).toBeVisible();
    await expect(page).toHaveURL(/\/projects\/\w+\/site$/);
    await expect(page.getByRole('link', { name: /^(Site|Piece|Fit|Cut),/ })).toHaveCount(4);
});

test('readings are taken on the drawing, in walking order and in mixed notation', async ({ page }) => {
    await openCopy(page);
    await page.getByRole('button', { name: 'width at 100 mm: 1048' }).click();
    const field = page.getByRole('textbox', { name: 'width at 100 mm' });
    await expect(field).toBeFocused();
    await field.fill('41 1/4');
    await expect(page.getByText('= 1047.75 mm · 41 1/4 in, read as inches')).toBeVisible();
    await field.press('Enter');
    await expect(page.getByRole('textbox', { name: /width at 1.*200 mm/ })).toBeFocused();
    await page.keyboard.press('Control+A');
    await page.keyboard.type('104cm + 3');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: /width at 2.*300 mm/ })).toBeFocused();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1047.75' })).toBeVisible();
    await expect(page.getByRole('button', { name: /width at 1.*200 mm: 1043$/ })).toBeVisible();
    await saved(page, 3);
});

test('letters and a zero are refused at the field and what was typed stays', async ({ page }) => {
    await openCopy(page);
    await page.getByRole('button', { name: 'width at 100 mm: 1048' }).click();
    const field = page.getByRole('textbox', { name: 'width at 100 mm' });
    await field.fill('abc');
    await field.press('Enter');
    await expect(page.getByRole('alert')).toContainText('Could not read "abc"');
    await expect(field).toHaveValue('abc');
    await field.fill('0');
    await field.press('Enter');
    await expect(page.getByRole('alert')).toContainText('belongs to no room; expected a length above zero');
    await expect(field).toHaveValue('0');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1048' })).toBeVisible();
    await saved(page, 1);
});

test('a refused entry is still told of when another number is picked', async ({ page }) => {
    await openCopy(page);
    await page.getByRole('button', { name: 'width at 100 mm: 1048' }).click();
    await page.keyboard.press('Control+A');
    await page.keyboard.type('1,048');
    await page.getByRole('button', { name: 'height at the left: 2391' }).click();
    await expect(page.getByRole('alert').filter({ hasText: '“1,048” was not kept' })).toContainText('decimal or a thousands comma');
    await saved(page, 1);
});

test('a false diagonal is pointed out with the size of the disagreement, and undone', async ({ page }) => {
    await openCopy(page);
    await page.getByRole('button', { name: 'diagonal, left foot to right head: 2606.5' }).click();
    await page.keyboard.press('Control+A');
    await page.keyboard.type('2640');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Keep 2640' }).click();
    await expect(page.locator('.findings .count').nth(1)).not.toHaveText(/^0/);
    await page.keyboard.press('Escape');
    await page.locator('.findings .bar').click();
    await expect(page.getByRole('listitem').filter({ hasText: /diagonal, left foot to right head.*too long/ })).toBeVisible();
    await page.locator('.findings .bar').click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'diagonal, left foot to right head: 2606.5' })).toBeVisible();
    await expect(page.locator('.findings .message')).toContainText('Box does not go through Half landing');
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(page.getByRole('button', { name: 'diagonal, left foot to right head: 2640' })).toBeVisible();
});

test('a niche of one’s own is measured from nothing to sheets', async ({ page }) => {
    await openCopy(page);
    await page.goto('/');
    await page.getByLabel('Name').fill('Pilots’ berth, port side');
    await page.getByRole('button', { name: 'Begin measuring' }).click();
    await expect(page.getByRole('heading', { name: 'Pilots’ berth, port side' })).toBeVisible();
    await expect(page.locator('.findings .message')).toContainText('No width has been read yet.');
    await page.getByRole('button', { name: 'Read it' }).click();
    for (const reading of [
        '912',
        '905.5',
        '908',
        '911',
        '904',
        '907',
        '2402',
        '2399',
        '340',
        '342',
        '2570',
        '2571',
        '90.4',
        '4',
        '2',
        '-1',
        '0.5',
        '-0.5',
        '2',
    ]) {
        await expect(page.locator('.entry input')).toBeFocused();
        await expect(page.locator('.entry input')).toHaveValue('');
        await page.keyboard.type(reading);
        await page.keyboard.press('Enter');
    }
    await expect(page.getByText('Everything on the list is read.')).toBeVisible();
    await goTo(page, 'Cut');
    await page.getByRole('button', { name: 'Parts', exact: true }).click();
    await expect(page.getByRole('row', { name: /A1 Side, left/ })).toContainText('2');
    const kerf = page.getByRole('textbox', { name: 'Kerf', exact: true });
    await kerf.fill('2.4');
    await kerf.press('Enter');
    await expect(page.getByText('kerf 2.4')).toBeVisible();
});

test('one more width changes the doubt', async ({ page }) => {
    await openCopy(page);
    await expect(page.getByText(/known to ± \d\.\d/).first()).toBeVisible();
    await page.getByText('One more reading', { exact: true }).click();
    const height = page.getByRole('textbox', { name: 'at height of the new reading' });
    await height.fill('650');
    await height.press('Enter');
    await page.getByRole('button', { name: 'Put it on the list' }).click();
    await expect(page.locator('.entry input')).toBeFocused();
    await page.keyboard.type('1045.7');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'width at 650 mm: 1045.7' })).toBeVisible();
});

test('an edge slid over a wall says where it stands proud, and a width is asked for there', async ({ page }) => {
    await openCopy(page);
    const row = (side: string): Locator =>
        page.locator('.bears, .tally').getByRole('button', { name: `Straightedge slid over the ${side} wall` });
    for (const side of ['left', 'right']) {
        await row(side).last().click();
        await page.getByRole('button', { name: 'strike out 0', exact: true }).click();
        await page.keyboard.press('Escape');
    }
    await saved(page, 3);
    await page.locator('.entry input').waitFor({ state: 'detached' });
    await page.keyboard.press('Escape');
    await expect(page.getByText(/Nobody has read the left wall between 90\smm and 2.*300\smm/).first()).toBeVisible();
    // It is on the list already: the advice leads there, and puts no second one beside it.
    await page.locator('.next').getByRole('button', { name: 'Straightedge slid over the left wall' }).click();
    await expect(page.locator('.entry input')).toBeFocused();
    await page.keyboard.type('14');
    await page.keyboard.press('Enter');
    await saved(page, 4);
    await row('left').last().click();
    for (const [name, mm] of [
        ['at height it was found', '1700'],
        ['from the back it was found', '200'],
    ] as const) {
        const field = page.getByRole('textbox', { name });
        await field.fill(mm);
        await field.press('Enter');
    }
    await saved(page, 6);
    await expect(page.getByRole('list', { name: 'takes' })).toContainText(/at 1.*700.*, 200.* from the back/);
    await page.reload();
    await expect(page.getByText(/The left wall stands 14\smm proud at 1.*700\smm/)).toBeVisible();
    await expect(page.getByRole('button', { name: /Width at 1.*700\smm, 200\smm from the back/ })).toBeVisible();
    await expect(page.getByText('Nobody has read the left wall')).toHaveCount(0);
    // The other wall by thumb: the keypad asks where it was once it has the number.
    await page.goto(page.url().replace(/site$/, 'wall'));
    const keep = async (...keys: string[]): Promise<void> => {
        for (const key of keys) await page.getByRole('group', { name: 'keypad' }).getByRole('button', { name: key, exact: true }).click();
        await page.getByRole('button', { name: 'Keep, next' }).click();
    };
    await expect(page.getByText('Straightedge slid over the right wall')).toBeVisible();
    await keep('6', 'plus or minus');
    await expect(page.getByText('How high above the floor was that?')).toBeVisible();
    await keep('8', '5', '0');
    await expect(page.getByText('How far from the back wall was that?')).toBeVisible();
    await keep('3', '0', '0');
    await page.goto(page.url().replace(/wall$/, 'site'));
    await row('right').last().click();
    await expect(page.getByRole('list', { name: 'takes' })).toContainText(/6.*at 850.*, 300.* from the back/);
});

test('measured thickness moves every part that depends on it', async ({ page }) => {
    await openCopy(page, undefined, 'piece');
    await page.getByText('Material', { exact: true }).click();
    const thickness = page.getByRole('textbox', { name: 'measured thickness' });
    await thickness.fill('18.1');
    await thickness.press('Enter');
    await saved(page, 2);
    await goTo(page, 'Cut');
    await page.getByRole('button', { name: 'Parts', exact: true }).click();
    // 971.7 − 2 × 18.1 = 935.5
    await expect(page.getByRole('row', { name: /D1 Top/ })).toContainText('935.5 × 372.8');
});

test('each edge is chosen, and a carcass that cannot go in says which reading stops it', async ({ page }) => {
    await openCopy(page, undefined, 'fit');
    expect(await big(page)).toBe('≈ 1031.7mm');
    await page.getByRole('radiogroup', { name: 'left edge' }).getByRole('radio', { name: 'Extended stile' }).click();
    await saved(page, 2);
    await page.getByRole('button', { name: 'Left edge', exact: true }).click();
    await expect(page.getByText('Left edge: compass setting')).toBeVisible();
    await page.getByRole('button', { name: 'Right edge', exact: true }).click();
    for (const [i, kind] of ['Scribed side', 'Trim', 'Play', 'Filler'].entries()) {
        await page.getByRole('radiogroup', { name: 'right edge' }).getByRole('radio', { name: kind }).click();
        await saved(page, 3 + i);
    }
    await goTo(page, 'Piece');
    const width = page.getByRole('textbox', { name: 'width', exact: true });
    await width.fill('1045');
    await width.press('Enter');
    await expect(page.locator('.findings .message')).toContainText(/It cannot go in: the carcass is 13\.3\smm wider.*old bell plate/);
    await page.getByRole('button', { name: 'from the fit' }).click();
    await expect(page.locator('.findings .count').first()).toHaveText(/0 stop/);
});

test('the sheets are drawn, a part explains itself, and a better layout is looked for', async ({ page }) => {
    await openCopy(page, undefined, 'cut');
    await expect(page.getByText('Proved: no plan needs fewer.').first()).toBeVisible();
    await page.getByRole('button', { name: 'A1 Side, left' }).click();
    expect(await big(page)).toBe('2210.0mm');
    await expect(page.locator('.trail').first()).toContainText("height chosen, from the floor's high point");
    await expect(page.getByText('A left-hand part.')).toBeVisible();
    await page.getByRole('tab', { name: /Birch ply 6/ }).click();
    await expect(page.getByRole('button', { name: /Back$/ })).toBeVisible();
    await page.getByRole('button', { name: 'Look for a better layout' }).click();
    await expect(
        page.getByRole('status').filter({ hasText: /Nothing better was found|fewer settings of the fence|instead of/ }),
    ).toBeVisible({
        timeout: 30_000,
    });
});

test('the plan, the cut list and the project are taken away, and the project brought in again', async ({ page }) => {
    await openCopy(page);
    const take = async (item: string): Promise<Buffer> => {
        await page.getByRole('button', { name: 'Take away' }).click();
        const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: item }).click()]);
        return readFile(await download.path());
    };
    const paper = execFileSync('pdftotext', ['-layout', '-', '-'], { input: await take('Plan as PDF') }).toString();
    expect(paper).toMatch(/plumb clear ≈ 1031\.7 · carcass ≈ 971\.7 × 2210\.0 × 380\.0/);
    expect(paper).toMatch(/A1\s+Side, left\s+Birch ply 18\s+2210\.0 × 373\.8\s+2210\.0 × 372\.8\s+front/);
    expect(paper).toContain('Birch ply 18, sheet 2 of 2');
    expect((await take('Cut list as CSV')).toString()).toContain('A1,"Side, left",left,Birch ply 18,17.6,2210,373.8');
    const json = await take('Project as JSON');
    await page.goto('/');
    const file = page.locator('input[type=file]');
    await file.setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: json.subarray(0, 300) });
    await expect(page.getByRole('alert')).toContainText('not whole JSON');
    await file.setInputFiles({
        name: 'newer.json',
        mimeType: 'application/json',
        buffer: Buffer.from(json.toString().replace('"version": 3', '"version": 9')),
    });
    await expect(page.getByRole('alert')).toContainText('saved by a newer Incastro');
    await file.setInputFiles({ name: 'project.json', mimeType: 'application/json', buffer: json });
    await expect(page).toHaveURL(/\/site$/);
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1048' })).toBeVisible();
});

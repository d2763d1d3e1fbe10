import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { goTo, openCopy, saved } from './house';

async function bring(page: Page, tab: string): Promise<void> {
    await page.getByRole('button', { name: 'Take away' }).click();
    await page.getByRole('menuitem', { name: 'Bring in readings, boards, a drawing' }).click();
    await page.getByRole('dialog', { name: 'Bring in' }).getByRole('button', { name: tab, exact: true }).click();
}

test('readings typed from paper find their places, and one undo takes them all back', async ({ page }) => {
    await openCopy(page);
    await bring(page, 'Readings');
    const dialog = page.getByRole('dialog', { name: 'Bring in' });
    await dialog.getByRole('textbox', { name: 'readings' }).fill('1;1047\nheight at the left;2390\nthe other one;1042');
    await dialog.getByRole('button', { name: 'Read it' }).click();
    await expect(dialog.getByRole('button', { name: 'Take 2 readings' })).toBeVisible();
    await dialog.getByRole('combobox', { name: 'reading of line 3' }).selectOption({ index: 2 });
    await dialog.getByRole('button', { name: 'Take 3 readings' }).click();
    await saved(page, 2);
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1047' })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1048' })).toBeVisible();
});

test('a cut list from elsewhere is cut from the same sheets', async ({ page }) => {
    await openCopy(page, undefined, 'cut');
    await bring(page, 'Boards');
    const dialog = page.getByRole('dialog', { name: 'Bring in' });
    await dialog.getByRole('textbox', { name: 'boards' }).fill('Teil;Lang;Breit\nSled;600;250\nFence;wide;80');
    await dialog.getByRole('button', { name: 'Read it' }).click();
    await expect(dialog.getByRole('status')).toHaveText('Say which column is the length and the width.');
    await dialog.getByRole('combobox', { name: 'column of length' }).selectOption({ label: 'column 2' });
    await dialog.getByRole('combobox', { name: 'column of width' }).selectOption({ label: 'column 3' });
    await dialog.getByRole('combobox', { name: 'column of name' }).selectOption({ label: 'column 1' });
    await dialog.getByRole('combobox', { name: 'material of line 2' }).selectOption({ label: 'Birch ply 18' });
    await expect(dialog.getByRole('row', { name: /^3/ })).toContainText('left out: the length is "wide"');
    await dialog.getByRole('button', { name: 'Add 1 board' }).click();
    await expect(page.getByRole('link', { name: 'Revision 2' })).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'loose board’s name' })).toHaveValue('Sled');
    await page.getByRole('button', { name: 'take away Sled' }).click();
    await expect(page.getByRole('textbox', { name: 'loose board’s name' })).toHaveCount(0);
});

test('a drawing becomes a board of its shape, and what is no drawing is refused with the reason', async ({ page }) => {
    await openCopy(page, undefined, 'cut');
    await bring(page, 'A drawing (DXF)');
    const dialog = page.getByRole('dialog', { name: 'Bring in' });
    const choose = (name: string, text: string): Promise<void> =>
        dialog.getByLabel('drawing, as a file').setInputFiles({ name, mimeType: 'application/dxf', buffer: Buffer.from(text) });
    await choose('letter.dxf', 'Dear all,\nhere is the drawing\nas asked\nIvo');
    await dialog.getByRole('button', { name: 'Read it' }).click();
    await expect(dialog.getByRole('alert')).toContainText('This is not a DXF drawing');
    const corners = [
        [0, 0],
        [400, 0],
        [400, 180],
        [150, 300],
        [0, 300],
    ];
    const line = (i: number): string => {
        const [[x1, y1], [x2, y2]] = [corners[i]!, corners[(i + 1) % corners.length]!];
        return `0\nLINE\n8\nBRACKET\n10\n${x1}\n20\n${y1}\n11\n${x2}\n21\n${y2}\n`;
    };
    await choose('bracket.dxf', `0\nSECTION\n2\nENTITIES\n${corners.map((_, i) => line(i)).join('')}0\nENDSEC\n0\nEOF\n`);
    await dialog.getByRole('button', { name: 'Read it' }).click();
    await expect(dialog.getByRole('img', { name: 'outline of 400.0 × 300.0' })).toBeVisible();
    await dialog.getByRole('button', { name: 'A board of this shape' }).click();
    await expect(page.getByRole('textbox', { name: 'loose board’s name' })).toHaveValue('bracket');
    await expect(page.getByText('A shape: its outline is kept.')).toBeVisible();
});

test('a project goes out with its photos and comes in again; half a file is refused and leaves nothing', async ({ page }) => {
    await openCopy(page);
    await page.getByRole('button', { name: 'Take away' }).click();
    const out = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: 'Project with its photos' }).click();
    const bytes = readFileSync(await (await out).path());
    await page.goto('/');
    const list = page.getByRole('list', { name: 'projects' }).getByRole('listitem');
    await expect(list.first()).toBeVisible();
    const before = await list.count();
    const input = page.getByLabel('Bring a project in from a file');
    await input.setInputFiles({ name: 'half.zip', mimeType: 'application/zip', buffer: bytes.subarray(0, bytes.length / 2) });
    await expect(page.getByRole('alert')).toContainText('The file is damaged or no zip archive');
    await page.reload();
    await expect(list).toHaveCount(before);
    await input.setInputFiles({ name: 'project.zip', mimeType: 'application/zip', buffer: bytes });
    await page.waitForURL(/\/projects\/\w+\/site$/);
    await expect(page.getByRole('heading', { name: 'Chart room, left niche' })).toBeVisible();
});

test('a drawing on the board is taken as SVG in full size', async ({ page }) => {
    await openCopy(page, undefined, 'piece');
    const out = page.waitForEvent('download');
    await page.getByRole('link', { name: 'SVG' }).click();
    const svg = readFileSync(await (await out).path(), 'utf8');
    expect(svg).toContain('971.7');
    await goTo(page, 'Site');
    await expect(page.getByRole('link', { name: 'SVG' })).toBeVisible();
});

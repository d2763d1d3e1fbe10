import { expect, test } from '@playwright/test';
import { openCopy, saved } from './house';

test('a window closed in the middle of an edit leaves all of it or nothing', async ({ page, context }) => {
    const id = await openCopy(page, undefined, 'piece');
    const depth = (p: typeof page) => p.getByRole('textbox', { name: 'depth', exact: true });
    await depth(page).fill('360');
    await depth(page).press('Enter');
    await saved(page, 2);
    // On its way when the window closes: the server has it, nobody hears that it has.
    const sent = page.waitForRequest(/changes$/);
    await depth(page).fill('350');
    await depth(page).press('Enter');
    await sent;
    await page.close();
    const again = await context.newPage();
    await again.goto(`/projects/${id}/piece`);
    await expect(depth(again)).toHaveValue(/^(350|360)$/);
    // Typed and not entered yet: nothing of it was kept.
    await depth(again).fill('1');
    await again.close();
    const last = await context.newPage();
    await last.goto(`/projects/${id}/piece`);
    await expect(depth(last)).toHaveValue(/^(350|360)$/);
    await depth(last).fill('340');
    await depth(last).press('Enter');
    await expect(last.getByText(/^Saved/)).toBeVisible();
    await last.reload();
    await expect(depth(last)).toHaveValue('340');
});

test('a clock set back a day between two readings changes neither', async ({ page }) => {
    await page.clock.install();
    await openCopy(page);
    const width = page.getByRole('button', { name: /^width at 100 mm:/ });
    const read = async (mm: string): Promise<void> => {
        await width.click();
        await page.getByRole('textbox', { name: /width at 100/i }).fill(mm);
        await page.keyboard.press('Enter');
    };
    await read('1047');
    await saved(page, 2);
    await page.keyboard.press('Escape');
    await page.clock.setSystemTime(Date.now() - 86_400_000);
    await read('1046');
    await saved(page, 3);
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1046' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: 'width at 100 mm: 1046' })).toBeVisible();
});

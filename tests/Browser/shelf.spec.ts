import { expect, test } from '@playwright/test';
import { beginMeasuring, signUp } from './house';

test('a project is found, copied, put away, taken out, deleted and brought back', async ({ page }) => {
    await page.goto('/');
    await signUp(page, 'Ivo Brand');
    await expect(page.getByRole('heading', { name: 'Ivo Brand’s projects' })).toBeVisible();
    await beginMeasuring(page, 'Porch bench');
    await page.goto('/');
    const list = page.getByRole('list', { name: 'projects' });
    await page.getByRole('button', { name: 'copy Porch bench', exact: true }).click();
    await expect(list.getByRole('listitem')).toHaveCount(2);
    await page.getByRole('textbox', { name: 'find a project' }).fill('COPY');
    await expect(list.getByRole('listitem')).toHaveCount(1);
    await page.getByRole('textbox', { name: 'find a project' }).fill('nothing like it');
    await expect(page.getByText('No project is called that.')).toBeVisible();
    await page.getByRole('textbox', { name: 'find a project' }).fill('');
    await page.getByRole('button', { name: 'put away Porch bench', exact: true }).click();
    await expect(list.getByRole('listitem')).toHaveCount(1);
    await page.getByRole('button', { name: 'Put away', exact: true }).click();
    await page.getByRole('button', { name: 'take out Porch bench', exact: true }).click();
    await expect(page.getByText('Nothing is put away.')).toBeVisible();
    await page.getByRole('button', { name: 'At hand' }).click();
    await page.getByRole('button', { name: 'delete Porch bench', exact: true }).click();
    await expect(list.getByRole('listitem')).toHaveCount(1);
    await page.getByRole('button', { name: 'Deleted' }).click();
    await expect(list).toContainText('Porch bench');
    await page.getByRole('button', { name: 'bring back' }).click();
    await page.getByRole('button', { name: 'At hand' }).click();
    await expect(list.getByRole('link', { name: 'Porch bench', exact: true })).toBeVisible();
});

test('a project is given to another household of one’s own', async ({ page }) => {
    await page.goto('/');
    await signUp(page, 'Ada Quill');
    await expect(page.getByRole('heading', { name: 'Ada Quill’s projects' })).toBeVisible();
    await beginMeasuring(page, 'Porch bench');
    await page.goto('/');
    const list = page.getByRole('list', { name: 'projects' });
    await expect(list).toContainText('Porch bench');
    // With one household there is nowhere to move it.
    await expect(list.getByRole('button', { name: 'move Porch bench' })).toHaveCount(0);
    await page.getByRole('link', { name: 'Households' }).click();
    await page.getByRole('form', { name: 'begin a household' }).getByRole('textbox').fill('The ship shed');
    await page.getByRole('button', { name: 'Begin it' }).click();
    await expect(page.getByRole('region', { name: 'The ship shed' })).toBeVisible();
    await page.getByRole('link', { name: 'Projects' }).click();
    await list.getByRole('button', { name: 'move Porch bench' }).click();
    await page.getByRole('combobox', { name: 'Whose it is to be' }).selectOption({ label: 'The ship shed' });
    await page.getByRole('button', { name: 'move it' }).click();
    await expect(list.getByRole('listitem')).toContainText('The ship shed · revision 1');
    await expect(page.getByRole('combobox', { name: 'Whose it is to be' })).toHaveCount(0);
});

import { expect, test } from '@playwright/test';
import { beginMeasuring } from './house';

test('an account is begun, a project in it, its password changed, and all of it taken away', async ({ page }) => {
    const email = `ivo-${Date.now()}@lee-shore.example`;
    await page.goto('/');
    await page.getByRole('button', { name: 'Begin an account' }).click();
    await page.getByLabel('Your name').fill('Ivo Brand');
    await page.getByLabel('Household').fill('Lee Shore');
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password').fill('short');
    const form = page.getByRole('form', { name: 'Begin an account' });
    await form.getByRole('button').click();
    await expect(page.getByRole('alert')).toContainText('expected 10 characters or more');
    await page.getByLabel('Password').fill('seven small harbours');
    await form.getByRole('button').click();
    await expect(page.getByRole('heading', { name: 'Ivo Brand’s projects' })).toBeVisible();
    await expect(page.getByText('No project yet')).toBeVisible();
    const project = await beginMeasuring(page, 'Porch bench');

    await page.goto('/account');
    const change = page.getByRole('form', { name: 'change the password' });
    await change.getByLabel('Present password').fill('not this one');
    await change.getByLabel('New password').fill('eight small harbours');
    await change.getByRole('button').click();
    await expect(page.getByRole('alert')).toContainText('The present password is not this one');
    await change.getByLabel('Present password').fill('seven small harbours');
    await change.getByRole('button').click();
    await expect(page.getByRole('status')).toContainText('It is changed');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password').fill('eight small harbours');
    await page.getByRole('form', { name: 'Sign in' }).getByRole('button').click();
    await expect(page.getByRole('link', { name: 'Porch bench' })).toBeVisible();

    await page.getByRole('link', { name: 'Account' }).click();
    await page.getByLabel('Password, to be sure').fill('eight small harbours');
    await page.getByRole('button', { name: 'Delete everything that is mine' }).click();
    await expect(page.getByRole('form', { name: 'Sign in' })).toBeVisible();
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password').fill('eight small harbours');
    await page.getByRole('form', { name: 'Sign in' }).getByRole('button').click();
    await expect(page.getByRole('alert')).toContainText('do not belong together');
    expect((await page.request.get(project.replace('/projects/', '/api/projects/').replace('/site', ''))).status()).toBe(401);
});

test('a forgotten password: the answer is the same for everybody, and a link that is no longer good says so', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Forgot the password?' }).click();
    await page.getByLabel('E-mail').fill('nobody@lee-shore.example');
    await page.getByRole('button', { name: 'Send me a link' }).click();
    await expect(page.getByRole('status')).toContainText('If there is an account with this address');
    await page.goto('/reset?email=nobody@lee-shore.example&token=old');
    await page.getByLabel('New password').fill('nine small harbours');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('alert')).toContainText('This link is no longer good');
});

import { expect, test } from '@playwright/test';
import { signUp } from './house';

test('a household is begun, somebody asked, the letter called off; its last owner cannot leave', async ({ page }) => {
    const email = `maud-${Date.now()}@lee-shore.example`;
    await page.goto('/');
    await signUp(page, 'Maud Reef', email);
    await page.getByRole('link', { name: 'Households' }).click();
    await page.getByRole('form', { name: 'begin a household' }).getByRole('textbox').fill('Boat club');
    await page.getByRole('button', { name: 'Begin it' }).click();
    const club = page.getByRole('region', { name: 'Boat club' });
    await club.getByRole('textbox', { name: 'e-mail of whom to ask' }).fill('bo@lee-shore.example');
    await club.getByRole('combobox', { name: 'as what' }).selectOption('viewer');
    await club.getByRole('button', { name: 'Ask' }).click();
    await expect(club.getByRole('status')).toContainText('A letter to bo@lee-shore.example is on its way');
    await expect(club.getByRole('list', { name: 'members' })).toContainText('bo@lee-shore.example, asked until');
    await club.getByRole('button', { name: 'call off' }).click();
    await expect(club.getByRole('list', { name: 'members' })).not.toContainText('bo@lee-shore.example');
    await club.getByRole('button', { name: 'leave' }).click();
    await expect(club.getByRole('alert')).toContainText('keeps at least one owner');
    await expect(club).toBeVisible();
});

test('a letter asks for an account first, and one that is no longer good says so', async ({ page }) => {
    await page.goto('/join?token=old');
    await expect(page.getByText('Sign in, or begin an account')).toBeVisible();
    await signUp(page, 'Bo Tern', `bo-${Date.now()}@lee-shore.example`);
    await page.getByRole('button', { name: 'Join as Bo Tern' }).click();
    await expect(page.getByRole('alert')).toContainText('This invitation is no longer good');
});

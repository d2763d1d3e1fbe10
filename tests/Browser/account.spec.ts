import { expect, test } from '@playwright/test';
import { createHmac } from 'node:crypto';
import { beginMeasuring, CHART_ROOM, openCopy, saved, signUp } from './house';

/** What an authenticator shows so many steps from now (RFC 6238). */
function codeOf(secret: string, steps = 0): string {
    const bits = [...secret].map((c) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(c).toString(2).padStart(5, '0')).join('');
    const key = Buffer.from(bits.match(/.{8}/g)!.map((b) => parseInt(b, 2)));
    const step = Buffer.alloc(8);
    step.writeBigUInt64BE(BigInt(Math.floor(Date.now() / 30_000) + steps));
    const mac = createHmac('sha1', key).update(step).digest();
    return String((mac.readUInt32BE(mac[19]! & 15) & 0x7fffffff) % 1_000_000).padStart(6, '0');
}

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
    const away = page.getByRole('form', { name: 'delete the account' });
    await away.getByLabel('Password, to be sure').fill('eight small harbours');
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

test('a second factor is set up by its picture, asked for at the door, and where one is signed in can be ended', async ({
    page,
    browser,
}) => {
    await page.goto('/');
    const email = await signUp(page, 'Sigrid Vold');
    await expect(page.getByText('No project yet')).toBeVisible();
    await page.goto('/account');
    const factor = page.getByRole('region', { name: 'second factor' });
    await factor.getByLabel('Password, to be sure').fill('seven small harbours');
    await factor.getByRole('button', { name: 'Set it up' }).click();
    await expect(factor.getByRole('img', { name: 'the secret as a picture' })).toBeVisible();
    const secret = (await factor.locator('.secret').innerText()).replace(/\s/g, '');
    await factor.getByLabel('Code').fill('000000');
    await factor.getByRole('button', { name: 'Turn it on' }).click();
    await expect(factor.getByRole('alert')).toContainText('This code is not the one of now');
    await factor.getByLabel('Code').fill(codeOf(secret));
    await factor.getByRole('button', { name: 'Turn it on' }).click();
    const onPaper = factor.getByRole('list', { name: 'codes on paper' }).getByRole('listitem');
    await expect(onPaper).toHaveCount(10);
    const paper = await onPaper.first().innerText();

    // Somewhere else the password alone is not enough.
    const phone = await (await browser.newContext()).newPage();
    await phone.goto('/');
    await phone.getByLabel('E-mail').fill(email);
    await phone.getByLabel('Password').fill('seven small harbours');
    await phone.getByRole('form', { name: 'Sign in' }).getByRole('button').click();
    await phone.getByLabel('Code of your authenticator, or one on paper').fill(paper);
    await phone.getByRole('form', { name: 'Sign in' }).getByRole('button').click();
    await expect(phone.getByRole('heading', { name: 'Sigrid Vold’s projects' })).toBeVisible();

    await page.reload();
    await expect(factor).toContainText('Codes on paper left: 9');
    const where = page.getByRole('region', { name: 'where you are signed in' });
    await expect(where.getByRole('list', { name: 'sessions' }).getByRole('listitem')).toHaveCount(2);
    await where.getByRole('button', { name: /^end / }).click();
    await expect(where.getByRole('list', { name: 'sessions' }).getByRole('listitem')).toHaveCount(1);
    await phone.reload();
    await expect(phone.getByRole('form', { name: 'Sign in' })).toBeVisible();
});

test('who looks round the demo house is told whose copy it is, and takes along what they changed when they begin an account', async ({
    page,
}) => {
    await openCopy(page, CHART_ROOM);
    await page.getByRole('button', { name: 'width at 100 mm: 1048' }).click();
    await page.keyboard.press('Control+A');
    await page.keyboard.type('1047');
    await page.keyboard.press('Enter');
    await saved(page, 2);
    await page.getByRole('link', { name: /^Your own copy, until/ }).click();
    const card = page.getByRole('region', { name: 'your copy of the demo house' });
    await expect(card).toContainText('yours alone');
    await expect(page.getByRole('heading', { name: 'Rooms of the demo house' })).toBeVisible();
    await card.getByRole('button', { name: 'Keep it: begin an account' }).click();
    await card.getByLabel('Your name').fill('Torvald Ness');
    await card.getByLabel('E-mail').fill(`torvald-${Date.now()}@lee-shore.example`);
    await card.getByLabel('Password').fill('1234567890');
    await card.getByRole('form', { name: 'Begin an account' }).getByRole('button').click();
    await expect(card.getByRole('alert')).toContainText('among the first that are guessed');
    await card.getByLabel('Password').fill('seven small harbours');
    await card.getByRole('form', { name: 'Begin an account' }).getByRole('button').click();
    await expect(page.getByRole('heading', { name: 'Torvald Ness’s projects' })).toBeVisible();
    await expect(page.getByRole('list', { name: 'projects' }).getByRole('listitem')).toHaveCount(1);
    await expect(page.getByRole('link', { name: 'Chart room, left niche' })).toBeVisible();
    await expect(page.getByText('yours alone')).toHaveCount(0);
});

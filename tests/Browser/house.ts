import { expect, type Page } from '@playwright/test';

export const CHART_ROOM = '/projects/01jchartr00m0000000000eft1';
export const CLOSET = '/projects/01js1gna1c10set00000000001';
export const SIGNAL_CABIN = '/projects/01js1gna0cab1n0000000bay01';

/** In by the demo's one click, onto a fresh copy of a project, so that tests do not meet each other's changes. No page is drawn before the copy's own. */
export async function openCopy(page: Page, project = CHART_ROOM, stage = 'site'): Promise<string> {
    await page.request.get('/demo');
    const cookie = (await page.context().cookies()).find((c) => c.name === 'XSRF-TOKEN');
    const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(cookie!.value) };
    const json = await (await page.request.get(`/api${project}/project.json`)).text();
    const made = await page.request.post('/api/projects', { headers, data: json });
    const { id } = ((await made.json()) as { data: { id: string } }).data;
    await page.goto(`/projects/${id}/${stage}`);
    await expect(page.getByRole('navigation', { name: stage === 'wall' ? 'readings' : 'stages' })).toBeVisible();
    return id;
}

export const goTo = (page: Page, stage: 'Site' | 'Piece' | 'Fit' | 'Cut' | 'Make' | 'Log'): Promise<void> =>
    page
        .getByRole('navigation', { name: 'stages' })
        .getByRole('link', { name: new RegExp(`^${stage},`) })
        .click();

/** One option of a choice that opens. */
export async function choose(page: Page, select: string, option: string): Promise<void> {
    await page.getByRole('combobox', { name: select, exact: true }).click();
    await page.getByRole('option', { name: option, exact: true }).click();
}

/** The big number on the tally tape, without its thin spaces. */
export async function big(page: Page): Promise<string> {
    const text = await page.locator('.tape-paper .big').first().innerText();
    return text
        .replace(/[\u2060\u2009\u202f\u00a0]/g, '')
        .replace(/\s+/g, ' ')
        .trim();
}

export async function saved(page: Page, revision: number): Promise<void> {
    await expect(page.locator('.title-block')).toContainText(`revision${revision}`);
}

/** On the first page, an account of one's own; nobody else has its address. */
export async function signUp(
    page: Page,
    name: string,
    email = `${name.split(' ')[0]!.toLowerCase()}-${Date.now()}@lee-shore.example`,
): Promise<string> {
    await page.getByRole('button', { name: 'Begin an account' }).click();
    await page.getByLabel('Your name').fill(name);
    await page.getByLabel('E-mail').fill(email);
    await page.getByLabel('Password').fill('seven small harbours');
    await page.getByRole('form', { name: 'Begin an account' }).getByRole('button').click();
    return email;
}

/** From the first page, a project of that name; its address. */
export async function beginMeasuring(page: Page, name: string): Promise<string> {
    await page.getByLabel('Name').fill(name);
    await page.getByRole('button', { name: 'Begin measuring' }).click();
    await page.waitForURL(/\/projects\/\w+\/site$/);
    return page.url();
}

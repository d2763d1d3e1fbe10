import { expect, type Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';

/** Rooms of the demo house: a stage after it opens in one's own copy. */
export const CHART_ROOM = '/demo/chart-room-left-niche';
export const CLOSET = '/demo/signal-cabin-closet';
export const SIGNAL_CABIN = '/demo/signal-cabin-book-niche';

/** Where a room is in one's own copy of the house. No page is drawn for it. */
export async function roomOf(page: Page, room = CHART_ROOM): Promise<string> {
    const answer = await page.request.get(`${room}/site`, { maxRedirects: 0 });
    return answer.headers()['location']!.replace(/^.*(\/projects\/\w+)\/site$/, '$1');
}

/** In by the demo's one click, onto a room in a copy of the house that no other test is in. */
export async function openCopy(page: Page, room = CHART_ROOM, stage = 'site'): Promise<string> {
    await page.goto(`${room}/${stage}`);
    await expect(page.getByRole('navigation', { name: stage === 'wall' ? 'readings' : 'stages' })).toBeVisible();
    return /projects\/(\w+)/.exec(page.url())![1]!;
}

/** A room of the demo house as a project of the account that is signed in; its id. */
export async function bringRoom(page: Page, room: string): Promise<string> {
    const cookie = (await page.context().cookies()).find((c) => c.name === 'XSRF-TOKEN');
    const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(cookie!.value) };
    const made = await page.request.post('/api/projects', { headers, data: await readFile(`database/demo/${room}.json`, 'utf8') });
    return ((await made.json()) as { data: { id: string } }).data.id;
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

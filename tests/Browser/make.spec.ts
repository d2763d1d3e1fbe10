import { expect, type Page, test } from '@playwright/test';
import { CLOSET, goTo, openCopy } from './house';

type Fact = { kind: string; struck?: boolean; cut?: number; length?: number; line?: string; cents?: number; step?: string; text?: string };

const server = (
    page: Page,
    id: string,
): Promise<{
    document: { facts: Record<string, Fact> };
    plan: { parts: { label: string; state: string }[]; steps: { done: boolean; kind: string }[] };
}> => page.evaluate(async (project) => (await fetch(`/api/projects/${project}`, { cache: 'no-store' })).json(), id);
const facts = async (page: Page, id: string, kind: string): Promise<Fact[]> =>
    Object.values((await server(page, id)).document.facts).filter((f) => f.kind === kind && !f.struck);

test('the shopping list says how each number came about; what is in hand and what is bought is taken off', async ({ page }) => {
    const id = await openCopy(page, undefined, 'make');
    const shop = page.getByRole('region', { name: 'Hardware shop' });
    const row = shop.getByRole('row', { name: /Screw 4\.0, 40/ });
    await expect(row).toContainText('80');
    await expect(row).toContainText('1 × 100');
    await row.getByRole('button').click();
    const tally = page.getByRole('complementary', { name: 'tally' });
    // 68 holes and 4 down into the plinth, a tenth to spare is 79.2: 80; 12 in hand.
    for (const line of ['72 through 17.6', '+ 10 % to spare: 80', '− 12 in hand', '= 68 to buy', '1 × €4.80 = €4.80'])
        await expect(tally).toContainText(line);
    await tally.getByRole('spinbutton', { name: /in hand$/ }).fill('80');
    await page.keyboard.press('Enter');
    await expect(row).toContainText('in hand');
    await expect(row.getByRole('checkbox')).toBeDisabled();
    await page.getByRole('button', { name: 'Undo' }).click();
    await row.getByRole('checkbox').check();
    await expect(row).toContainText('bought');
    await expect.poll(() => facts(page, id, 'bought')).toMatchObject([{ line: 'buy.screw 1600000', cents: 480 }]);
    await page.getByRole('button', { name: 'What it all comes to' }).click();
    await expect(tally).toContainText('spent so far €4.80');
    await expect(tally).toContainText('€135.00 left of the budget');
    await row.getByRole('checkbox').uncheck();
    await expect.poll(() => facts(page, id, 'bought')).toEqual([]);
});

test('steps stand in an order that works and say why; one moved out of it is told', async ({ page }) => {
    await openCopy(page, undefined, 'make');
    await page.getByRole('tab', { name: 'Steps' }).click();
    const list = page.getByRole('navigation', { name: 'steps' });
    await list.getByRole('button', { name: /together, 3 of 3/ }).click();
    const tally = page.getByRole('complementary', { name: 'tally' });
    // √(971.7² + 2210²) = 2414.2; a difference of 1 is put right by 2414.2 / (2 · 971.7) = 1.2.
    await expect(tally).toContainText('both diagonals 2 414.2 mm'.replace('2 414', '2\u2060\u2009\u2060414'));
    await expect(tally).toContainText('push the corners of the longer one together by 1.2');
    await expect(page.getByRole('img', { name: /^picture: Put the carcass/ })).toBeVisible();
    await expect(tally).toContainText('Glue holds before it is turned over; 1 h between');
    await tally.getByText('Move it').click();
    await tally.getByRole('button', { name: 'One earlier' }).click();
    await expect(list.getByRole('button', { name: /out of order|!/ })).toHaveCount(1);
    await expect(page.getByRole('contentinfo').or(page.locator('.findings'))).toContainText('2 look');
    await tally.getByRole('button', { name: 'Back to the usual order' }).click();
    await expect(page.locator('.findings')).toContainText('1 look');
    // Painted once it stands: no coat on the boards any more.
    await expect(list).toContainText('Coat 1 on the boards');
    await tally.getByRole('button', { name: 'Once it stands' }).click();
    await expect(list).not.toContainText('Coat 1 on the boards');
    await expect(list).toContainText('Coat 1 on Chart shelves where it stands');
});

test('days: more hours end it sooner, a date that is not kept is told, the calendar can be taken along', async ({ page }) => {
    const id = await openCopy(page, undefined, 'make');
    await page.getByRole('tab', { name: 'Days' }).click();
    const tally = page.getByRole('complementary', { name: 'tally' });
    await expect(tally.locator('.big')).toHaveText('Mon 7 Dec');
    await tally.getByRole('textbox', { name: 'to be done by' }).or(tally.getByLabel('to be done by')).fill('2026-12-06');
    await expect(tally).toContainText('later than Sun 6 Dec');
    for (const day of ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday']) {
        await tally.getByRole('spinbutton', { name: `${day}: hours` }).fill('5');
        await page.keyboard.press('Enter');
        await expect(tally.getByRole('spinbutton', { name: `${day}: hours` })).toHaveValue('5 h');
    }
    await expect(tally).not.toContainText('later than');
    const ics = await page.evaluate(async (p) => (await fetch(`/api/projects/${p}/work.ics`)).text(), id);
    expect(ics).toContain('BEGIN:VCALENDAR\r\n');
    expect(ics).toContain(
        'DTSTART:20261124T183000\r\nDTEND:20261124T185000\r\nSUMMARY:Look over the sheets of Birch ply 18 as they come\r\n',
    );
    for (const line of ics.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
});

test('at the saw: cut by cut, also without a network; a part cut wrong holds its sheet until the plan is in', async ({ page, context }) => {
    const id = await openCopy(page, undefined, 'make');
    await page.getByRole('link', { name: 'At the saw' }).click();
    const state = page.locator('header .state');
    const done = page.getByRole('button', { name: 'Done', exact: true });
    await expect(state).toContainText('0 of 10 cuts');
    await expect(page.getByLabel('set to 5.6 mm')).toBeVisible();
    await done.click();
    await expect(state).toContainText('1 of 10 cuts');
    await expect.poll(async () => (await facts(page, id, 'sawn')).map((f) => f.cut)).toEqual([1]);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(state).toContainText('0 of 10 cuts');
    await expect.poll(() => facts(page, id, 'sawn')).toEqual([]);

    await context.setOffline(true);
    for (let n = 1; n <= 6; n++) {
        await done.click();
        await expect(state).toContainText(`${n} of 10 cuts`);
    }
    await expect(state).toContainText('6 kept on this device');
    await page.getByRole('button', { name: 'Note' }).click();
    await page.getByRole('textbox', { name: 'note on this sheet' }).fill('blade is getting dull');
    await page.getByRole('button', { name: 'Keep' }).click();
    await page.getByRole('button', { name: 'Cut wrong' }).click();
    await page.getByRole('textbox', { name: 'what went wrong' }).fill('fence slipped');
    await page.getByRole('dialog', { name: 'cut wrong' }).getByRole('button', { name: 'A1' }).click();
    await expect(page.getByText('The new plan is not in yet')).toBeVisible();
    await expect(done).toBeDisabled();

    await context.setOffline(false);
    await expect(state).not.toContainText('kept on this device', { timeout: 20_000 });
    await expect(done).toBeEnabled();
    const now = await server(page, id);
    expect(now.plan.parts.find((p) => p.label === 'A1')!.state).toBe('to_cut');
    expect((await facts(page, id, 'remark')).map((f) => f.text)).toEqual(['blade is getting dull']);
    // It is cut anew from another sheet; the spoiled one still lies where it lay.
    await page.getByRole('link', { name: 'back to the desk' }).click();
    await goTo(page, 'Cut');
    await expect(page.getByRole('tab', { name: /Birch ply 18 3\/3/ })).toBeVisible();
});

test('lumber is cut off its sticks at the stop, also without a network; a part too short is cut again', async ({ page, context }) => {
    const id = await openCopy(page, CLOSET, 'make');
    await page.getByRole('link', { name: 'Lumber, cut by cut' }).click();
    const state = page.locator('header .state');
    const done = page.getByRole('button', { name: 'Done', exact: true });
    await expect(state).toContainText('0 of 3 cuts');
    // 712.54 mm is 28.05 in; 10 mm are cut off to square the end: 722.54 mm is 28.45 in from there.
    await expect(page.getByLabel('set to 28 1/16 in')).toBeVisible();
    await expect(page.getByText('mark it at 28 7/16 from the end of the stick')).toBeVisible();
    await done.click();
    await expect(state).toContainText('1 of 3 cuts');
    await expect(page.getByText('The same stop, 2 cuts at it from here')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(state).toContainText('0 of 3 cuts');

    await context.setOffline(true);
    await done.click();
    await done.click();
    await page.getByRole('button', { name: 'Cut wrong' }).click();
    await page.getByRole('textbox', { name: 'length it measures' }).fill('27 1/2');
    await page.getByRole('textbox', { name: 'what went wrong' }).fill('the stop slipped');
    await page.getByRole('dialog', { name: 'cut wrong' }).getByRole('button', { name: 'G2' }).click();
    await expect(page.getByText('It was cut 27 1/2 long: cut it anew.')).toBeVisible();
    await expect(state).toContainText('1 of 3 cuts');
    await context.setOffline(false);
    await expect(state).not.toContainText('kept on this device', { timeout: 20_000 });
    const part = async (label: string): Promise<string> => (await server(page, id)).plan.parts.find((p) => p.label === label)!.state;
    expect([await part('G1'), await part('K1')]).toEqual(['cut', 'to_cut']);
    expect((await facts(page, id, 'mistake')).map((f) => f.text)).toEqual(['the stop slipped']);

    await done.click();
    await done.click();
    await expect(page.getByRole('heading', { name: 'This stick is cut.' })).toBeVisible();
    await expect.poll(() => part('K1')).toBe('cut');
    const steps = async (): Promise<boolean[]> =>
        (await server(page, id)).plan.steps.filter((s) => s.kind === 'cut_lumber').map((s) => s.done);
    expect((await steps()).filter(Boolean)).toHaveLength(1);
    await page.getByRole('button', { name: 'The next stick' }).click();
    await expect(state).toContainText('0 of 1 cuts');
});

test('step by step: done is done, timed or not, and can be taken back', async ({ page }) => {
    const id = await openCopy(page, undefined, 'make');
    await page.getByRole('link', { name: 'Step by step' }).click();
    await expect(page.getByRole('heading', { name: /Look over the sheets of Birch ply 18/ })).toBeVisible();
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.locator('header .state')).toContainText('2 of 37');
    await expect.poll(async () => (await server(page, id)).plan.steps.map((s) => s.done).slice(0, 3)).toEqual([true, false, false]);
    await page.getByRole('button', { name: '‹ Back' }).click();
    await expect(page.getByRole('button', { name: 'Done already' })).toBeDisabled();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect.poll(() => facts(page, id, 'done')).toEqual([]);
    // What somebody still has to decide cannot be ticked off.
    await page.goto(`/projects/${id}/work?step=set_base:01J8R000000000000PV1NTH006:rail_front`);
    await expect(page.getByText('Waits.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Done', exact: true })).toBeDisabled();
});

test('the log says how far each part is, keeps what it measures and what happened', async ({ page }) => {
    const id = await openCopy(page, undefined, 'log');
    const tally = page.getByRole('complementary', { name: 'tally' });
    await expect(page.getByRole('columnheader', { name: /installed 0 of 23/ })).toBeVisible();
    await page.getByRole('button', { name: 'A1, to cut' }).click();
    await expect(tally).toContainText('Planned 2\u2060\u2009\u2060210.0 × 373.8 mm');
    await tally.getByRole('textbox', { name: 'A1: length as made' }).fill('2208');
    await tally.getByRole('button', { name: 'Write down' }).click();
    await expect(tally).toContainText('As made 2\u2060\u2009\u2060208.0 × not measured');
    // 2210 − 2208 is more than a part may be off.
    await expect(tally).toContainText('2 mm short');
    await tally.getByRole('textbox', { name: 'A1: length as made' }).fill('two metres');
    await tally.getByRole('button', { name: 'Write down' }).click();
    await expect(tally.getByRole('alert')).toBeVisible();
    await tally.getByRole('textbox', { name: 'note on A1' }).fill('a knot at the lower end');
    await tally.getByRole('button', { name: 'Keep' }).click();
    await page.getByRole('tab', { name: 'What happened' }).click();
    const record = page.getByRole('list', { name: 'record' });
    await expect(record.getByRole('listitem')).toHaveCount(2);
    await expect(record).toContainText('A1: a knot at the lower end');
    await record.getByRole('listitem').filter({ hasText: 'measures' }).getByRole('button', { name: 'strike out' }).click();
    await expect(record.getByRole('button', { name: 'put back' })).toBeVisible();
    await expect.poll(() => facts(page, id, 'as_built')).toEqual([]);
    await page.getByRole('tab', { name: 'Parts', exact: true }).click();
    await expect(page.getByRole('row', { name: /^A1/ })).not.toContainText('208');
});

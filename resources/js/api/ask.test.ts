import { beforeEach, expect, it, vi } from 'vitest';
import { ask, askFile, askNow, nameOf } from './ask';
import { asksOverPage, asksPassword, isPutOff, signedIn } from './person';

let isIn: boolean;
const asked: string[] = [];
beforeEach(() => {
    isIn = false;
    asked.length = 0;
    vi.stubGlobal('document', { querySelector: () => null });
    vi.stubGlobal('fetch', (path: string) => {
        asked.push(path);
        return Promise.resolve(isIn ? Response.json({ depth: 380 }) : Response.json({ message: 'Sign in first.' }, { status: 401 }));
    });
});
const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 5));

it('says that nobody is in where no page could ask', async () => {
    await expect(ask('GET', '/api/x')).rejects.toThrow('Sign in first.');
});

it('asks for the password over the page and then asks again', async () => {
    asksOverPage();
    const answers = [ask<{ depth: number }>('GET', '/api/x'), ask<{ depth: number }>('GET', '/api/y')];
    await pause();
    expect([asksPassword.value, asked]).toEqual([true, ['/api/x', '/api/y']]);
    isIn = true;
    signedIn(true);
    expect((await Promise.all(answers)).map((a) => a.depth)).toEqual([380, 380]);
    expect([asksPassword.value, asked.length]).toEqual([false, 4]);
});

it('gives the reason where it is put off, and does not hold up what is kept here anyway', async () => {
    asksOverPage();
    const put = ask('GET', '/api/x');
    put.catch(() => undefined);
    await expect(askNow('POST', '/api/z', {})).rejects.toThrow('Sign in first.');
    signedIn(false);
    await expect(put).rejects.toThrow('Sign in first.');
    expect(isPutOff.value).toBe(true);
});

it('gives up on a network that swallows a change, and never on a picture', async () => {
    const signals: boolean[] = [];
    vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
        signals.push(init.signal instanceof AbortSignal);
        return Promise.resolve(Response.json({}));
    });
    await askNow('POST', '/api/projects/p/changes', {});
    await askNow('PUT', '/api/projects/p/photos/f', new Blob(['x']), 'image/jpeg');
    await ask('GET', '/api/projects/p');
    expect(signals).toEqual([true, false, false]);
});

it('fetches a file with its name and tells how far it is', async () => {
    const heard: [number, number | null][] = [];
    vi.stubGlobal('fetch', () =>
        Promise.resolve(
            new Response('1234567', {
                headers: { 'Content-Length': '7', 'Content-Type': 'text/csv', 'Content-Disposition': `attachment; filename="x.csv"` },
            }),
        ),
    );
    const file = await askFile('/api/projects/p/parts.csv', (got, of) => heard.push([got, of]));
    expect([file.name, await file.blob.text(), file.blob.type, heard.at(-1)]).toEqual(['x.csv', '1234567', 'text/csv', [7, 7]]);
});

it('says why a file did not come, and when only half of it did', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ message: 'Wait a minute.' }, { status: 429 })));
    await expect(askFile('/api/p.pdf', () => undefined)).rejects.toThrow('Wait a minute.');
    const half = new ReadableStream({ start: (c) => c.enqueue(new Uint8Array([1])), pull: (c) => c.error(new TypeError('network')) });
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(half)));
    await expect(askFile('/api/p.pdf', () => undefined)).rejects.toThrow('The server went away before all of it was here.');
});

it.each([
    [`attachment; filename="plan.pdf"; filename*=UTF-8''n%C3%ADche%20-%20plan.pdf`, 'níche - plan.pdf'],
    ['attachment; filename="left niche.pdf"', 'left niche.pdf'],
    ['attachment; filename=parts.csv', 'parts.csv'],
    ['', 'template.pdf'],
])('reads the name out of %s', (disposition, name) => {
    expect(nameOf(disposition, '/api/projects/p/template.pdf?of=x')).toBe(name);
});

import { afterEach, describe, expect, it, vi } from 'vitest';

/** The page as the server makes it for who reads another language. */
async function inPage(words: string | null): Promise<typeof import('./say') & typeof import('./words')> {
    vi.resetModules();
    vi.stubGlobal('document', { querySelector: () => (words === null ? null : { textContent: words }) });
    return { ...(await import('./say')), ...(await import('./words')) };
}

afterEach(() => vi.unstubAllGlobals());

describe('a text of the interface', () => {
    it('is English where the page brings no words', async () => {
        const { say } = await inPage(null);
        expect(say('Cut {0} of {1} boards', 3, 'all')).toBe('Cut 3 of all boards');
        expect(say('Nothing to cut')).toBe('Nothing to cut');
    });

    it('is turned as the language wants it, and stays English where the language lacks it', async () => {
        const { say } = await inPage('{"Cut {0} of {1} boards": "{1}: {0} tablo"}');
        expect(say('Cut {0} of {1} boards', 3, 'all')).toBe('all: 3 tablo');
        expect(say('Saw {0}', 3)).toBe('Saw 3');
    });

    it('takes a value as it is, whatever stands in it', async () => {
        const { say } = await inPage(null);
        expect(say('{0}, {1}', "$& {1} $'", 'x')).toBe("$& {1} $', x");
        expect(say('{0} and {1}', undefined)).toBe(' and ');
    });
});

describe('a sentence of the core', () => {
    const text = { key: 'asks.studs', args: { n: { type: 'count', count: 2 } } } as const;

    it('is said in the language of the page, by the same rules', async () => {
        expect((await inPage(null)).render(text, 'mm')).toBe('2 studs in the wall');
        expect((await inPage('{"asks.studs": "mur: {n|trab|traboj}"}')).render(text, 'mm')).toBe('mur: 2 traboj');
    });
});

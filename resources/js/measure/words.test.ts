import { expect, it } from 'vitest';
import samples from '../../../core/tests/fixtures/words.json';
import { render, type Text } from './words';

/** The same samples as the server's catalogue (tests/Feature/WordsTest); only the kinds of space may differ. */
const plain = (text: string): string =>
    text
        .replace(/\u2060/g, '')
        .replace(/\u2009/g, '')
        .replace(/\u00a0/g, ' ')
        .replaceAll('−', '-');

it.each(samples)('$mm', ({ text, mm, in: inches }) => {
    expect(plain(render(text as unknown as Text, 'mm'))).toBe(mm);
    expect(plain(render(text as unknown as Text, 'in'))).toBe(inches);
});

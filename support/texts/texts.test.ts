import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { files, parts, shownIn, unsaid } from './collect';
import { listed } from './listed';

const LIST = 'resources/texts.json';

test('the list of texts to translate is what the interface and the server say', { timeout: 120_000 }, () => {
    const now = `${JSON.stringify(listed('.'), null, 4)}\n`;
    if (process.env.WRITE_TEXTS) writeFileSync(LIST, now);
    expect(readFileSync(LIST, 'utf8'), 'npm run texts writes it anew').toBe(now);
});

test('no sentence of a script stands outside of say', { timeout: 120_000 }, () => {
    const code = /^pi pi-|prefers-reduced-motion|^(sq ft|fl oz|\{\} (in|mm))$/;
    const found = files('resources/js').flatMap((file) => unsaid(parts(file).script).map((text) => `${file}: ${text}`));
    expect(found.filter((line) => !code.test(line.slice(line.indexOf(': ') + 2)))).toEqual([]);
});

test('of a template, what a reader sees is looked up, with its values in the sentence', () => {
    expect(shownIn('<p>Cut {{ n }} boards</p>')).toEqual(['Cut {0} boards']);
    expect(shownIn('<p> {{ n }} × {{ m }} </p>')).toEqual([]);
    expect(shownIn('<p class="big one" aria-label="the size">12 <b>wide</b></p>')).toEqual(['the size', 'wide']);
    expect(shownIn('<h1 translate="no" title="So">Incastro</h1>')).toEqual([]);
    expect(shownIn('<input name="over" title="Over it" /><Sheet name="the sheet" />')).toEqual(['Over it', 'the sheet']);
});

test('of an expression, only what it may come to is looked up', () => {
    expect(shownIn(`<p>{{ way === 'up' ? 'Begin' : call('not this', of['nor this']) }}</p>`)).toEqual(['Begin']);
    expect(shownIn("<p>{{ n ? `, opened ${day ?? 'never'}` : '' }}</p>")).toEqual(['never', ', opened {0}']);
    expect(shownIn(`<Choice :options="[{ value: 'a4', label: 'Sheet' }]" :class="on ? 'is on' : ''" />`)).toEqual(['Sheet']);
    expect(shownIn(`<b :title="gone ? 'Gone' : name || 'None'" @click="go('away then')" />`)).toEqual(['Gone', 'None']);
});

test('a sentence of a script outside of say is found, and what is no sentence is not', () => {
    expect(unsaid("const a = 'Not kept'; say('Kept well'); say('{0} and {1}', b ? 'one of them' : '', 2); import x from './a b';")).toEqual(
        ['Not kept'],
    );
    expect(unsaid('const a = `the end ${b} of ${c}`; const d: "two words" = e; f(`${g}/${h}`); i = `${j} wall`;')).toEqual([
        'the end {} of {}',
        '{} wall',
    ]);
});

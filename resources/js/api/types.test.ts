import { compileFromFile } from 'json-schema-to-typescript';
import { readFile } from 'node:fs/promises';
import { expect, it } from 'vitest';

/** `npm run types` makes them anew. */
it.each(['document', 'plan'])('the types of the %s are those of its schema', async (name) => {
    const made = await compileFromFile(`schema/${name}.schema.json`, { style: { singleQuote: true } });
    expect(await readFile(`resources/js/api/${name}.d.ts`, 'utf8')).toBe(made);
});

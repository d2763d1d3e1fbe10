import { ESLint } from 'eslint';
import { expect, it } from 'vitest';

/** What the lint says of one import written in one file. */
const said = async (file: string, from: string): Promise<string[]> => {
    const [result] = await new ESLint().lintText(`import { a } from '${from}';\nexport const b = a;\n`, {
        filePath: `resources/js/${file}`,
    });
    return result!.messages.map((m) => m.ruleId ?? m.message);
};

const planted: [string, string][] = [
    ['stages/site/planted.ts', '../cut/order'],
    ['stages/site/planted.ts', '../../stages/piece/ops'],
    ['stages/wall/planted.ts', '../site/walk'],
    ['stages/history/planted.ts', '../log/record'],
    ['stages/cut/planted.ts', '../../pages/Home.vue'],
    ['measure/planted.ts', '../api/client'],
    ['measure/planted.ts', '../stages/cut/order'],
    ['api/planted.ts', '../project/store'],
    ['project/planted.ts', '../ui/refusals'],
    ['draw/planted.ts', '../project/store'],
    ['ui/planted.ts', '../stages/piece/ops'],
];

it.each(planted)('%s may not import %s', async (file, from) => {
    expect(await said(file, from)).toContain('no-restricted-imports');
});

const allowed: [string, string][] = [
    ['stages/site/planted.ts', './walk'],
    ['stages/site/planted.ts', '../../project/store'],
    ['stages/cut/planted.ts', '../../api/client'],
    ['project/planted.ts', '../api/client'],
    ['ui/planted.ts', '../measure/say'],
];

it.each(allowed)('%s may import %s', async (file, from) => {
    expect(await said(file, from)).not.toContain('no-restricted-imports');
});

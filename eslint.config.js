import vue from 'eslint-plugin-vue';
import prettier from 'eslint-config-prettier';
import ts from 'typescript-eslint';

const stages = ['site', 'wall', 'piece', 'fit', 'cut', 'make', 'log', 'history'];

/** What each part of the floor may not reach up to: project → api → measure; ui, draw → measure. */
const floor = {
    measure: ['**/api/**', '**/project/**', '**/ui/**', '**/stages/**', '**/pages/**'],
    api: ['**/project/**', '**/ui/**', '**/stages/**', '**/pages/**', '**/draw/**'],
    project: ['**/ui/**', '**/stages/**', '**/pages/**', '**/draw/**'],
    draw: ['**/project/**', '**/ui/**', '**/stages/**', '**/pages/**'],
    ui: ['**/stages/**', '**/pages/**'],
};

const forbids = (files, patterns) => ({ files, rules: { 'no-restricted-imports': ['error', { patterns }] } });

/** Another stage, however it is written: `../cut/x` from beside it, `../../stages/cut/x` from further away. */
const another = (stage) => ({ regex: `(^|/)(\\.\\./|stages/)(${stages.filter((s) => s !== stage).join('|')})(/|$)` });

export default [
    { ignores: ['vendor/**', 'var/**', 'public/**', 'node_modules/**', 'resources/js/api/*.d.ts', 'test-results/**', 'playwright-report/**'] },
    ...ts.configs.strict,
    ...vue.configs['flat/recommended'],
    prettier,
    { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } }, rules: { 'vue/multi-word-component-names': 'off', 'max-lines': ['error', 200] } },
    {
        rules: {
            'vue/require-default-prop': 'off',
            '@typescript-eslint/no-non-null-assertion': 'off',
            '@typescript-eslint/no-invalid-void-type': 'off',
            '@typescript-eslint/unified-signatures': 'off',
        },
    },
    ...Object.entries(floor).map(([part, group]) => forbids([`resources/js/${part}/**`], [{ group }])),
    ...stages.map((stage) => forbids([`resources/js/stages/${stage}/**`], [another(stage), { group: ['**/pages/**'] }])),
];

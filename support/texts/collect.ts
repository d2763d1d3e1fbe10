import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { compileTemplate, parse } from 'vue/compiler-sfc';
import { texts } from './templates';

/** Every text of the interface that is looked up in a reader's language, in order; the files are those below a folder. */
export function collected(folder: string): string[] {
    const all = new Set<string>();
    for (const file of files(folder)) {
        const { script, template } = parts(file);
        for (const text of saidIn(script)) all.add(text);
        for (const text of template === '' ? [] : shownIn(template)) all.add(text);
    }
    return [...all].sort((a, b) => (a < b ? -1 : 1));
}

export function files(folder: string): string[] {
    const all = readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((name) => join(folder, name));
    return all.filter((name) => /\.(vue|ts)$/.test(name) && !/\.(test|d)\.ts$/.test(name)).sort();
}

export function parts(file: string): { script: string; template: string } {
    const text = readFileSync(file, 'utf8');
    if (!file.endsWith('.vue')) return { script: text, template: '' };
    const { descriptor } = parse(text, { filename: file, ignoreEmpty: false });
    return { script: descriptor.scriptSetup?.content ?? '', template: descriptor.template?.content ?? '' };
}

export function shownIn(template: string): string[] {
    const found: string[] = [];
    const { errors } = compileTemplate({
        source: template,
        filename: 'component.vue',
        id: 'texts',
        compilerOptions: { nodeTransforms: [texts((text) => found.push(text))], expressionPlugins: ['typescript'] },
    });
    if (errors.length > 0) throw new Error(String(errors[0]));
    return found;
}

function saidIn(script: string): string[] {
    const found: string[] = [];
    visit(script, (node) => {
        if (!ts.isCallExpression(node) || !ts.isIdentifier(node.expression) || node.expression.text !== 'say') return;
        const [text] = node.arguments;
        if (text === undefined || !ts.isStringLiteralLike(text)) throw new Error(`A text is said as it stands: ${node.getText()}`);
        found.push(text.text);
    });
    return found;
}

/** Sentences of a script that are not looked up: words with a space between them, outside of `say` and of what only programs read. */
export function unsaid(script: string): string[] {
    const found: string[] = [];
    visit(script, (node) => {
        const text = ts.isStringLiteralLike(node) ? node.text : ts.isTemplateExpression(node) ? bare(node) : '';
        if (/\p{L}{2,}[,:]? (\p{L}{2,}|\{\})|\{\} \p{L}{2,}/u.test(text) && !isSaid(node)) found.push(text);
    });
    return found;
}

const bare = (node: ts.TemplateExpression): string => [node.head.text, ...node.templateSpans.map((s) => s.literal.text)].join('{}');

function isSaid(node: ts.Node): boolean {
    for (let up = node.parent; !ts.isSourceFile(up); up = up.parent) {
        if (ts.isCallExpression(up) && ts.isIdentifier(up.expression) && up.expression.text === 'say') return true;
        if (ts.isLiteralTypeNode(up) || ts.isImportDeclaration(up)) return true;
    }
    return false;
}

function visit(script: string, see: (node: ts.Node) => void): void {
    const on = (node: ts.Node): void => {
        see(node);
        ts.forEachChild(node, on);
    };
    on(ts.createSourceFile('script.ts', script, ts.ScriptTarget.Latest, true));
}

import { parse } from '@babel/parser';
import type { Node } from '@babel/types';
import {
    createSimpleExpression,
    type DirectiveNode,
    type ElementNode,
    type InterpolationNode,
    NodeTypes,
    type NodeTransform,
    type RootNode,
    type TemplateChildNode,
    type TextNode,
} from '@vue/compiler-dom';

/**
 * Components are written in plain English. When a template is compiled, what a reader sees of it is looked up in their language: text, the attributes
 * below, and the texts an expression comes to. `Cut {{ n }} boards` becomes `$say('Cut {0} boards', n)`, so that a translator sees the whole and may turn it.
 */
const SEEN = new Set(['alt', 'aria-label', 'aria-description', 'header', 'label', 'of', 'placeholder', 'says', 'suffix', 'title', 'what']);

/** Of an element's own attributes `name` is no text; of our components it is what they are called aloud. */
const isSeen = (element: ElementNode, name: string): boolean => SEEN.has(name) || (name === 'name' && /^[A-Z]/.test(element.tag));

/** Keys of an option, a column or a drawing that a reader sees. */
const SEEN_KEYS = new Set(['label', 'title', 'hint', 'text', 'across', 'along']);

const hasWords = (text: string): boolean => /\p{L}/u.test(text);

export type Heard = (text: string) => void;

export function texts(heard: Heard = () => undefined): NodeTransform {
    return (node) => {
        // Once, before anything else has looked into the tree.
        if (node.type === NodeTypes.ROOT) within(node, heard);
    };
}

function within(parent: RootNode | ElementNode, heard: Heard): void {
    for (const child of parent.children) {
        if (child.type !== NodeTypes.ELEMENT || isName(child)) continue;
        attributes(child, heard);
        within(child, heard);
    }
    parent.children = runs(parent.children).flatMap((run) => (isRun(run) ? sentence(run, heard) : run)) as typeof parent.children;
}

/** By HTML's own mark: a name is the same in every language. */
const isName = (element: ElementNode): boolean =>
    element.props.some((p) => p.type === NodeTypes.ATTRIBUTE && p.name === 'translate' && p.value?.content === 'no');

type Run = (TextNode | InterpolationNode)[];

const isRun = (of: Run | TemplateChildNode): of is Run => Array.isArray(of);

/** Text and values that stand beside one another belong together. */
function runs(children: TemplateChildNode[]): (Run | TemplateChildNode)[] {
    const found: (Run | TemplateChildNode)[] = [];
    for (const child of children) {
        const last = found.at(-1);
        if (child.type !== NodeTypes.TEXT && child.type !== NodeTypes.INTERPOLATION) found.push(child);
        else if (last !== undefined && isRun(last)) last.push(child);
        else found.push([child]);
    }
    return found;
}

function sentence(run: Run, heard: Heard): Run {
    const values = run.flatMap((n) => (n.type === NodeTypes.INTERPOLATION ? [seen(source(n), heard)] : []));
    let at = 0;
    const whole = run.map((n) => (n.type === NodeTypes.TEXT ? n.content : `{${at++}}`)).join('');
    if (!run.some((n) => n.type === NodeTypes.TEXT && hasWords(n.content))) {
        at = 0;
        return run.map((n) => (n.type === NodeTypes.TEXT ? n : value(values[at++]!, n)));
    }
    const [, before, text, after] = /^(\s*)(.*?)(\s*)$/s.exec(whole)!;
    const blank = (content: string): Run => (content === '' ? [] : [{ type: NodeTypes.TEXT, content, loc: run[0]!.loc }]);
    return [...blank(before!), value(call('$say', text!, values, heard), run[0]!), ...blank(after!)];
}

const source = (node: InterpolationNode): string => ('content' in node.content ? String(node.content.content) : '');

const value = (expression: string, like: TextNode | InterpolationNode): InterpolationNode => ({
    type: NodeTypes.INTERPOLATION,
    content: createSimpleExpression(expression, false, like.loc),
    loc: like.loc,
});

function call(name: string, text: string, values: string[], heard: Heard): string {
    heard(text);
    return `${name}(${[JSON.stringify(text), ...values].join(', ')})`;
}

function attributes(element: ElementNode, heard: Heard): void {
    element.props = element.props.map((prop) => {
        if (prop.type === NodeTypes.ATTRIBUTE) {
            const text = prop.value?.content ?? '';
            return isSeen(element, prop.name) && hasWords(text) ? bound(prop.name, call('$say', text, [], heard), prop.loc) : prop;
        }
        if (
            prop.name !== 'bind' ||
            prop.arg === undefined ||
            prop.exp === undefined ||
            !('content' in prop.arg) ||
            !('content' in prop.exp)
        )
            return prop;
        const name = String(prop.arg.content);
        const was = String(prop.exp.content);
        const is = seen(was, heard, isSeen(element, name));
        return is === was ? prop : bound(name, is, prop.loc);
    });
}

const bound = (name: string, expression: string, loc: DirectiveNode['loc']): DirectiveNode => ({
    type: NodeTypes.DIRECTIVE,
    name: 'bind',
    rawName: `:${name}`,
    arg: createSimpleExpression(name, true, loc),
    exp: createSimpleExpression(expression, false, loc),
    modifiers: [],
    loc,
});

/** The expression with the texts it may come to looked up; those it only compares or passes on are left alone. */
function seen(expression: string, heard: Heard, isShown = true): string {
    if (!/['"`]/.test(expression)) return expression;
    const code = `(${expression})`;
    const edits: { from: number; to: number; is: string }[] = [];
    look(parse(code, { plugins: ['typescript'] }).program.body[0]!, isShown, code, edits, heard);
    return edits
        .sort((a, b) => b.from - a.from)
        .reduce((text, e) => text.slice(0, e.from) + e.is + text.slice(e.to), code)
        .slice(1, -1);
}

function look(node: Node, isShown: boolean, code: string, edits: { from: number; to: number; is: string }[], heard: Heard): void {
    const on = (child: Node, shown: boolean): void => look(child, shown, code, edits, heard);
    switch (node.type) {
        case 'ExpressionStatement':
            return on(node.expression, isShown);
        case 'ParenthesizedExpression':
        case 'TSAsExpression':
        case 'TSNonNullExpression':
            return on(node.expression, isShown);
        case 'ConditionalExpression':
            on(node.consequent, isShown);
            return on(node.alternate, isShown);
        case 'LogicalExpression':
            if (node.operator !== '&&') on(node.left, isShown);
            return on(node.right, isShown);
        case 'BinaryExpression':
            if (node.operator !== '+') return;
            on(node.left, isShown);
            return on(node.right, isShown);
        case 'ArrayExpression':
            return node.elements.forEach((e) => e && on(e, isShown));
        case 'ObjectExpression':
            return node.properties.forEach((p) => {
                if (p.type === 'ObjectProperty' && p.key.type === 'Identifier') on(p.value, SEEN_KEYS.has(p.key.name));
            });
        case 'StringLiteral':
            if (isShown && hasWords(node.value)) edits.push({ from: node.start!, to: node.end!, is: call('$say', node.value, [], heard) });
            return;
        case 'TemplateLiteral':
            if (isShown) template(node, code, edits, heard);
    }
}

function template(
    node: Extract<Node, { type: 'TemplateLiteral' }>,
    code: string,
    edits: { from: number; to: number; is: string }[],
    heard: Heard,
): void {
    const values = node.expressions.map((e) => seen(code.slice(e.start!, e.end!), heard));
    const text = node.quasis.map((q, i) => q.value.cooked! + (i < values.length ? `{${i}}` : '')).join('');
    if (node.quasis.some((q) => hasWords(q.value.cooked!))) {
        edits.push({ from: node.start!, to: node.end!, is: call('$say', text, values, heard) });
    } else {
        node.expressions.forEach((e, i) => edits.push({ from: e.start!, to: e.end!, is: values[i]! }));
    }
}

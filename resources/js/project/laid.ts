import type { ProjectDocument } from '../api/document';
import type { Waiting } from './waiting';

type Tree = Record<string, unknown>;
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * A document with those edits on it that wait and only put another value into a field that is there; what adds or takes away shows
 * once the server has it, with a plan that knows it.
 */
export function laid(document: ProjectDocument, waiting: readonly Waiting[]): ProjectDocument {
    return waiting
        .flatMap((w) => w.ops)
        .filter((o) => o.op === 'set')
        .reduce((tree, o) => put(tree, o.path, o.value), document as unknown as Tree) as unknown as ProjectDocument;
}

function put(tree: Tree, path: readonly string[], value: unknown): Tree {
    const [key = '', ...rest] = path;
    const there = tree[key];
    if (rest.length === 0) return there !== undefined && typeof there === typeof value && value !== null ? { ...tree, [key]: value } : tree;
    return isTree(there) ? { ...tree, [key]: put(there, rest, value) } : tree;
}

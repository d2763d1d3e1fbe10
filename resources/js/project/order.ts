/** The elements of a collection in the order that the document gives them, as core/Document reads it. */
export function inOrder<T extends { order?: string }>(collection: Readonly<Record<string, T>> | undefined): [string, T][] {
    return Object.entries(collection ?? {}).sort(([a, x], [b, y]) => compare(x.order ?? '', y.order ?? '') || compare(a, b));
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

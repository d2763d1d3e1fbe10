import type { Purchase, ShoppingList } from '../../api/plan';
import type { ProjectDocument } from '../../api/document';
import type { Operation } from '../../api/client';

/** The shops that are always there; the person may name them and add others. */
export const usualShops = ['timber', 'hardware', 'paint', 'other'] as const;

export type ShopLine = NonNullable<NonNullable<ProjectDocument['shop']>['lines']>[string];

/** What is said of one line goes in whole: the shop, its lines and the line may not be there yet. */
export function setLine(document: ProjectDocument, key: string, change: Partial<Record<keyof ShopLine, unknown>>): Operation {
    const line = Object.fromEntries(Object.entries({ ...document.shop?.lines?.[key], ...change }).filter(([, v]) => v !== null));
    if (!document.shop) return { op: 'set', path: ['shop'], value: { lines: { [key]: line } } };
    if (!document.shop.lines) return { op: 'set', path: ['shop', 'lines'], value: { [key]: line } };
    return { op: 'set', path: ['shop', 'lines', key], value: line };
}

/** One field of the shop itself. */
export function setShop(document: ProjectDocument, field: string, value: unknown): Operation {
    return document.shop ? { op: 'set', path: ['shop', field], value } : { op: 'set', path: ['shop'], value: { [field]: value } };
}

export interface Heap {
    readonly key: string;
    readonly lines: readonly Purchase[];
}

/** The lines by shop, or by what sort of thing they are, in the order in which they first come. */
export function heaps(list: ShoppingList, by: 'shop' | 'group'): Heap[] {
    const keys = [...new Set(list.lines.map((l) => l[by]))];
    const order = by === 'shop' ? [...usualShops, ...keys.filter((k) => !usualShops.some((u) => u === k))] : keys;
    return order.map((key) => ({ key, lines: list.lines.filter((l) => l[by] === key) })).filter((h) => h.lines.length > 0);
}

/** What one line still asks for: nothing where all is in hand, was bought or is left out. */
export type Standing = 'buy' | 'bought' | 'in_hand' | 'left_out';

export function standing(line: Purchase): Standing {
    if (line.left_out) return 'left_out';
    if (line.packs === 0) return 'in_hand';
    return line.bought ? 'bought' : 'buy';
}

import type { Operation } from '../../api/client';
import type { Purchase, ShoppingList } from '../../api/plan';
import type { ProjectDocument } from '../../api/document';

/** The shops that are always there; the person may name them and add others. */
export const usualShops = ['timber', 'hardware', 'paint', 'other'] as const;

export type ShopLine = NonNullable<NonNullable<ProjectDocument['shop']>['lines']>[string];

/** What is said of one line of the list, field by field: two fields said at once do not undo one another. */
export const setLine = (key: string, change: Partial<Record<keyof ShopLine, unknown>>): Operation[] =>
    Object.entries(change).map(([field, value]) => ({ op: 'set', path: ['shop', 'lines', key, field], value }));

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

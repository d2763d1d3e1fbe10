import type { Profile } from '../../api/client';
import type { ProjectDocument } from '../../api/document';

export type Prices = NonNullable<Profile['prices']>;

/** Sheets and their banding are told apart by ids of this project alone; their prices are kept with the sheets. */
const isOfThisProject = (key: string): boolean => /\b[0-7][0-9A-HJKMNP-TV-Z]{25}\b/.test(key);

/**
 * What of this project's money serves the next one too: tax, shops, and of each thing its pack, price, shop and days to wait. What is in hand or
 * left out is of this project alone. Prices kept before stay, where they are in the same currency.
 */
export function pricesOf(shop: ProjectDocument['shop'], before: Prices | null | undefined): Prices {
    const currency = shop?.currency ?? 'EUR';
    const old = before?.currency === currency ? before : undefined;
    const lines: Prices['lines'] = { ...old?.lines };
    for (const [key, { pack, price_cents, shop: where, lead_days }] of Object.entries(shop?.lines ?? {})) {
        const said = Object.entries({ pack, price_cents, shop: where, lead_days }).filter(([, value]) => value !== undefined);
        if (said.length > 0 && !isOfThisProject(key)) lines[key] = { ...lines[key], ...Object.fromEntries(said) };
    }
    return {
        currency,
        ...(shop?.tax_percent === undefined ? {} : { tax_percent: shop.tax_percent }),
        ...(shop?.tax_included === undefined ? {} : { tax_included: shop.tax_included }),
        shops: { ...old?.shops, ...shop?.shops },
        lines,
    };
}

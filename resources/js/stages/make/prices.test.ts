import { expect, it } from 'vitest';
import { pricesOf } from './prices';

it('keeps what serves the next project, and nothing of this one alone', () => {
    const kept = pricesOf(
        {
            currency: 'GBP',
            tax_percent: 20,
            tax_included: true,
            budget_cents: 90_000,
            shops: { timber: 'Quay timber' },
            lines: {
                glue: { price_cents: 950, pack: 0.5, in_hand: 0.2, lead_days: 2 },
                caulk: { left_out: true },
                'sheet 01J8R100000000000000000002 01J8R100000000000000000002': { shop: 'timber' },
                shim: { shop: 'paint', instead: 'offcuts' },
            },
        },
        null,
    );
    expect(kept).toEqual({
        currency: 'GBP',
        tax_percent: 20,
        tax_included: true,
        shops: { timber: 'Quay timber' },
        lines: { glue: { price_cents: 950, pack: 0.5, lead_days: 2 }, shim: { shop: 'paint' } },
    });
});

it('adds to the prices kept before, the newer one counting, but not across currencies', () => {
    const before = {
        currency: 'EUR',
        shops: { paint: 'Lee paints' },
        lines: { glue: { price_cents: 800, pack: 0.25 }, filler: { price_cents: 400 } },
    };
    const shop = { lines: { glue: { price_cents: 990 } } };
    expect(pricesOf(shop, before)).toEqual({
        currency: 'EUR',
        shops: { paint: 'Lee paints' },
        lines: { glue: { price_cents: 990, pack: 0.25 }, filler: { price_cents: 400 } },
    });
    expect(pricesOf({ ...shop, currency: 'USD' }, before).lines).toEqual({ glue: { price_cents: 990 } });
    expect(pricesOf(undefined, undefined)).toEqual({ currency: 'EUR', shops: {}, lines: {} });
});

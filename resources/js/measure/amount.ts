import type { Unit } from './read';

export type AmountUnit = 'each' | 'm' | 'm2' | 'l' | 'kg' | 'h';
export interface Amount {
    readonly value: number;
    readonly unit: AmountUnit;
}

/** From which size up something is said in which unit, the largest first: how much one is in the amount's own unit. */
const SAID: Readonly<Record<Unit, Readonly<Record<AmountUnit, readonly (readonly [number, string])[]>>>> = {
    mm: {
        each: [[1, '']],
        m: [[1, 'm']],
        m2: [[1, 'm²']],
        l: [
            [1, 'l'],
            [0.001, 'ml'],
        ],
        kg: [
            [1, 'kg'],
            [0.001, 'g'],
        ],
        h: [[1, 'h']],
    },
    in: {
        each: [[1, '']],
        m: [[0.3048, 'ft']],
        m2: [[0.09290304, 'sq ft']],
        l: [
            [3.785411784, 'gal'],
            [0.946352946, 'qt'],
            [0.0295735296, 'fl oz'],
        ],
        kg: [
            [0.45359237, 'lb'],
            [0.028349523, 'oz'],
        ],
        h: [[1, 'h']],
    },
};

/** "3.11 l", "133 sq ft": three figures are enough to buy by. The server's twin is App\Words\Amounts. */
export function showAmount(amount: Amount, unit: Unit): string {
    const steps = SAID[unit][amount.unit];
    // What is a hair under a whole one for having been rounded is a whole one.
    const [size, name] = steps.find(([s]) => amount.value >= s * 0.995) ?? steps.at(-1)!;
    const value = amount.value / size;
    const decimals = value >= 99.95 ? 0 : value >= 9.995 ? 1 : 2;
    const text = String(Number((Math.round(value * 10 ** decimals + 1e-7) / 10 ** decimals).toFixed(decimals)));
    return name ? `${text}\u00a0${name}` : text;
}

const SIGNS: Readonly<Record<string, string>> = { EUR: '€', GBP: '£', USD: '$' };

/** "€12.40", "12.40 CHF". */
export function money(cents: number, currency: string): string {
    const text = (Math.abs(cents) / 100).toFixed(2);
    const sign = SIGNS[currency];
    return `${cents < 0 ? '−' : ''}${sign ? `${sign}${text}` : `${text}\u00a0${currency}`}`;
}

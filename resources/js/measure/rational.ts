/** An exact fraction; the denominator is always above zero. */
export interface Rational {
    readonly top: bigint;
    readonly bottom: bigint;
}

export const rational = (top: bigint, bottom = 1n): Rational => (bottom < 0n ? { top: -top, bottom: -bottom } : { top, bottom });

/** Reads "12", "12.5", ".5" or "3/8". */
export function readRational(text: string): Rational {
    if (text.includes('/')) {
        const [top, bottom] = text.split('/') as [string, string];
        return rational(BigInt(top), BigInt(bottom));
    }
    const [whole = '', decimals = ''] = text.split('.');
    return rational(BigInt(`${whole}${decimals}` || '0'), 10n ** BigInt(decimals.length));
}

export const plus = (a: Rational, b: Rational): Rational => rational(a.top * b.bottom + b.top * a.bottom, a.bottom * b.bottom);

export const minus = (a: Rational, b: Rational): Rational => plus(a, negated(b));

export const times = (a: Rational, b: Rational): Rational => rational(a.top * b.top, a.bottom * b.bottom);

export const over = (a: Rational, b: Rational): Rational => rational(a.top * b.bottom, a.bottom * b.top);

export const negated = (a: Rational): Rational => ({ top: -a.top, bottom: a.bottom });

/** The nearest whole number, halves away from zero, and whether it is exactly that. */
export function rounded(a: Rational): { whole: bigint; exact: boolean } {
    const negative = a.top < 0n;
    const top = negative ? -a.top : a.top;
    const whole = (2n * top + a.bottom) / (2n * a.bottom);
    return { whole: negative ? -whole : whole, exact: top % a.bottom === 0n };
}

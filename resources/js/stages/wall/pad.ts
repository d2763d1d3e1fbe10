import type { Unit } from '../../measure/read';

/** What has been tapped so far: a whole number or decimal, and a fraction of an inch. */
export interface Tapped {
    readonly minus: boolean;
    readonly digits: string;
    readonly fraction: readonly [number, number] | null;
    /** Came from an instrument that reads millimetres, whatever the project's unit. */
    readonly mm?: boolean;
}

export const nothing: Tapped = { minus: false, digits: '', fraction: null };

export function digit(t: Tapped, d: string): Tapped {
    if (t.mm) return digit(nothing, d);
    if (t.fraction) return { ...t, fraction: null, digits: d };
    if (d === '.') return t.digits.includes('.') ? t : { ...t, digits: `${t.digits || '0'}.` };
    return t.digits.length >= 8 ? t : { ...t, digits: t.digits === '0' ? d : t.digits + d };
}

/** One tap gives the first of its kind, each further tap the next odd one: 1/8, 3/8, 5/8, 7/8, none. */
export function fraction(t: Tapped, denominator: number): Tapped {
    const digits = t.mm ? '' : t.digits.replace(/\..*$/, '');
    const numerator = t.fraction?.[1] === denominator ? t.fraction[0] + 2 : 1;
    return { minus: t.minus, digits, fraction: numerator < denominator ? [numerator, denominator] : null };
}

export const exactly = (t: Tapped, numerator: number, denominator: number): Tapped => ({
    minus: t.minus,
    digits: t.mm ? '' : t.digits.replace(/\..*$/, ''),
    fraction: [numerator, denominator],
});

/** What a meter read. A tap on a figure begins anew. */
export const metered = (mm: number): Tapped => ({ minus: false, digits: String(mm), fraction: null, mm: true });

export const turned = (t: Tapped): Tapped => ({ ...t, minus: !t.minus });

/** The last thing tapped goes. */
export function back(t: Tapped): Tapped {
    if (t.mm) return nothing;
    if (t.fraction) return { ...t, fraction: null };
    return t.digits === '' ? nothing : { ...t, digits: t.digits.slice(0, -1) };
}

/** As it would be typed; empty when nothing is tapped. A bare fraction says its unit, so that nobody has to guess. */
export function spoken(t: Tapped, unit: Unit): string {
    const digits = t.digits.replace(/\.$/, '');
    const fraction = t.fraction ? `${t.fraction[0]}/${t.fraction[1]}` : '';
    const text = [digits, fraction].filter(Boolean).join(' ');
    if (t.mm && text !== '') return `${text} mm`;
    return text === '' ? '' : `${t.minus ? '-' : ''}${text}${fraction && unit === 'mm' ? ' in' : ''}`;
}

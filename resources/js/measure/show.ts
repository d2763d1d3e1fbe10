import { PER_MM, type Unit } from './read';

const PER_64TH = 15_875;
/** A thin space between word joiners: seen, and no number breaks over two lines. */
const THIN = '\u2060\u2009\u2060';

/** "1 048.0": one decimal, thousands set apart. */
export function millimetres(mm: number, decimals = 1): string {
    // Rounded on the exact grid, halves up: 462.95 as a binary fraction lies just below its half.
    const step = PER_MM / 10 ** decimals;
    const tenths = Math.round(Math.abs(Math.round(mm * PER_MM)) / step);
    const [whole = '0', rest] = (tenths / 10 ** decimals).toFixed(decimals).split('.');
    const grouped = whole.replace(/\B(?=(\d{3})+$)/g, THIN);
    const text = rest === undefined ? grouped : `${grouped}.${rest}`;
    return mm < 0 && tenths !== 0 ? `−${text}` : text;
}

/** The finest fraction of an inch that lengths are shown to: the reader's own, from their profile. */
let finest = 32;
export function showInchesTo(denominator: number): void {
    finest = denominator;
}

export interface Inches {
    readonly sign: string;
    readonly whole: number;
    readonly top: number;
    readonly bottom: number;
}

/** The nearest 1/denominator inch, reduced. */
export function inches(mm: number, denominator = finest): Inches {
    let count = Math.round(Math.abs(mm * PER_MM) / ((PER_64TH * 64) / denominator));
    const sign = mm < 0 && count > 0 ? '−' : '';
    const whole = Math.floor(count / denominator);
    count %= denominator;
    while (count > 0 && count % 2 === 0) {
        count /= 2;
        denominator /= 2;
    }
    return { sign, whole, top: count, bottom: denominator };
}

export function inchText(mm: number, denominator = finest): string {
    const { sign, whole, top, bottom } = inches(mm, denominator);
    if (top === 0) return `${sign}${whole}`;
    return `${sign}${whole === 0 ? '' : `${whole} `}${top}/${bottom}`;
}

/** For reading: mm to a tenth, inches to the reader's fraction. */
export function show(mm: number, unit: Unit): string {
    return unit === 'in' ? inchText(mm) : millimetres(mm);
}

/** In a sentence: no empty decimal, and the unit sticks to its number. */
export function showWithUnit(mm: number, unit: Unit): string {
    return `${show(mm, unit).replace(/\.0$/, '')}\u00a0${unit}`;
}

/** Everything a length holds, for a field to be edited: never rounded. */
export function lossless(mm: number, unit: Unit): string {
    const units = Math.round(mm * PER_MM);
    if (unit === 'mm') return String(units / PER_MM);
    return units % PER_64TH === 0 ? inchText(mm, 64).replace('−', '-') : String(Number((units / (PER_64TH * 64)).toFixed(9)));
}

/** What was read, in full: a length or an angle; `otherwise` where nothing was. */
export function read(r: { value?: number | null; deg?: number | null }, unit: Unit, otherwise: string): string {
    if (r.deg !== null && r.deg !== undefined) return `${r.deg}°`;
    return r.value === null || r.value === undefined ? otherwise : lossless(r.value, unit);
}

/** The same length in the other unit, nearest 1/64 in or 0.1 mm. */
export function also(mm: number, unit: Unit): string {
    return unit === 'mm' ? `${inchText(mm, 64)} in` : `${millimetres(mm)} mm`;
}

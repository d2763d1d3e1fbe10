import { readLength, type Unit } from './read';

/**
 * The ways a tape is misread or a number keyed wrong, by the same rules as the core (core/tests/fixtures/misreadings.json holds both to them):
 * at the hand nobody waits for an answer from elsewhere.
 */
export interface Misread {
    /** The key of what it is called. */
    readonly key: string;
    /** What the tape would then have shown, mm. */
    readonly mm: number;
}

const INCH = 25.4;
const NEAR = 3;
const NEAR_MM = 1.5;

const isDigit = (c: string | undefined): boolean => c !== undefined && c >= '0' && c <= '9';
const put = (text: string, at: number, of: number, by: string): string => text.slice(0, at) + by + text.slice(at + of);

function* neighbours(text: string): Generator<[number, string, string]> {
    for (let i = 1; i < text.length; i++) if (isDigit(text[i]) && isDigit(text[i - 1])) yield [i, text[i - 1]!, text[i]!];
}

const swapped = (text: string): string[] =>
    [...neighbours(text)].filter(([, a, b]) => a !== b).map(([i, a, b]) => put(text, i - 1, 2, b + a));
const doubled = (text: string): string[] => [...neighbours(text)].filter(([, a, b]) => a === b).map(([i]) => put(text, i, 1, ''));

/** One digit in place of so many of the whole number that it begins with. */
function another(text: string, of: number): string[] {
    const length = /^\d*/.exec(text)![0].length;
    return Array.from({ length: Math.max(0, length + 1 - of) }, (_, i) => i).flatMap((i) =>
        Array.from({ length: 10 }, (_, digit) => put(text, i, of, String(digit))),
    );
}

function* candidates(typed: string, read: number, unit: Unit): Generator<Misread> {
    const texts = (key: string, found: string[]): Misread[] =>
        found.flatMap((text) => {
            try {
                return [{ key, mm: readLength(text, unit).mm }];
            } catch {
                return [];
            }
        });
    const off = (key: string, by: number): Misread[] => [read + by, read - by].map((mm) => ({ key, mm }));
    yield* texts('survey.misread_digits', swapped(typed));
    if (unit === 'in') {
        yield* off('survey.misread_inch', INCH);
        yield* off('survey.misread_foot', 12 * INCH);
        const inches = read / INCH;
        yield { key: 'survey.misread_fraction', mm: (2 * Math.floor(inches) + 1 - inches) * INCH };
    } else {
        yield* off('survey.misread_ten', 10);
        yield* off('survey.misread_ten', 100);
    }
    yield* texts('survey.misread_doubled', doubled(typed));
    yield* texts('survey.misread_digit', another(typed, 1));
    yield* texts('survey.misread_dropped', another(typed, 0));
}

/**
 * @param expected what all others say it is, mm
 * @param deviation how well they say it, one standard deviation, mm
 */
export function misread(typed: string, expected: number, deviation: number, unit: Unit): Misread | null {
    const read = readLength(typed, unit).mm;
    const near = Math.max(NEAR_MM, Math.min(NEAR * deviation, Math.abs(read - expected) / 3));
    let best: Misread | null = null;
    for (const one of candidates(typed, read, unit)) {
        const off = Math.abs(one.mm - expected);
        if (off <= near && (best === null || off < Math.abs(best.mm - expected))) best = one;
    }
    return best;
}

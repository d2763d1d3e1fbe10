import { say } from './say';
import { minus, negated, over, plus, rational, type Rational, readRational, rounded, times } from './rational';

/**
 * Reads what people say for a length, by the same rules as the core (core/tests/fixtures/lengths.json holds both to
 * them). It echoes; the server reads again and decides.
 */

export type Unit = 'mm' | 'in';

export interface ReadLength {
    readonly mm: number;
    readonly exact: boolean;
    readonly notes: readonly string[];
}

export type Reason = 'empty' | 'sign' | 'comma' | 'groups' | 'product' | 'divisor' | 'unfinished' | 'range';

export class LengthNotReadable extends Error {
    constructor(
        readonly reason: Reason,
        readonly found = '',
    ) {
        super(SENTENCES[reason].replace('{found}', () => found));
    }
}

const SENTENCES: Record<Reason, string> = {
    empty: say('Nothing was entered; expected a length such as 34 5/8, 2\' 10 5/8", 880 or 88cm.'),
    sign: say('Could not read "{found}"; expected a length such as 34 5/8, 2\' 10 5/8", 880 or 88cm.'),
    comma: say('"{found}" could be a decimal or a thousands comma; write it with a point or without the comma.'),
    groups: say('"{found}" is two numbers with nothing between them; put +, − or a unit between.'),
    product: say('Two lengths cannot be multiplied; only one factor may carry a unit.'),
    divisor: say('A length can only be divided by a plain number other than zero.'),
    unfinished: say('The sum is not finished; a number is missing at its end or a bracket is open.'),
    range: say('That is longer than 50 m; expected a length inside a house.'),
};

export const PER_MM = 40_000;
const LARGEST = 50_000n * BigInt(PER_MM);

interface Token {
    readonly at: string;
    readonly sign?: string;
    readonly whole?: string;
    readonly fraction?: string;
    readonly unit?: string;
}

interface Quantity {
    readonly value: Rational;
    readonly isLength: boolean;
    readonly fraction: boolean;
}

const ALIKE: Record<string, string> = {
    '½': ' 1/2', '¼': ' 1/4', '¾': ' 3/4', '⅛': ' 1/8', '⅜': ' 3/8', '⅝': ' 5/8', '⅞': ' 7/8',
    '⁄': '/', '−': '-', '–': '-', '×': '*', '·': '*', '÷': '/', '″': '"', '”': '"', '“': '"',
    '′': "'", '’': "'", '\u00a0': ' ', '\u2009': ' ', '\u202f': ' ',
    '\u2060': '',
}; // prettier-ignore

const DIGITS = '(?:\\d{1,3}(?: \\d{3})+(?!\\d|\\/128(?!\\d))|\\d+)(?:[.,]\\d+)?|\\.\\d+';
const FRACTION = '\\d+\\/(?:128|64|32|16|8|4|2)(?!\\d)';
const UNITS = "mm|cm|m(?![a-z])|inches|inch|in(?![a-z])|feet|foot|ft|''|\"|'";
const NUMBER = new RegExp(`^(?:(?<alone>${FRACTION})|(?<whole>${DIGITS})(?: (?<fraction>${FRACTION}))?)\\s*(?<unit>${UNITS})?`);
const PLAIN = new RegExp(`^(?:${DIGITS})`);

/** 34-5/8: a whole number, a hyphen without spaces and a fraction below one, as it is written in a workshop. */
const HYPHENED = /((?:'|ft|foot|feet)\s*)?(?<![\d.,/])(\d+)-(\d+\/(?:64|32|16|8|4|2)(?!\d))(\s*(?:"|''|in))?/gu;

/** Where inches are meant, by the document or by a mark at the number itself, the hyphen joins; elsewhere, and with spaces, it is a minus. */
function unhyphened(text: string, unit: Unit): string {
    return text.replace(HYPHENED, (all, feet: string | undefined, whole: string, fraction: string, inches: string | undefined) => {
        const isInches = unit === 'in' || feet !== undefined || inches !== undefined;
        return isInches && isProper(fraction) ? `${feet ?? ''}${whole} ${fraction}${inches ?? ''}` : all;
    });
}

function split(text: string, unit: Unit): Token[] {
    let rest = [...text].map((c) => ALIKE[c] ?? c).join('').toLowerCase().replace(/\s+/g, ' ').trim(); // prettier-ignore
    rest = unhyphened(rest, unit);
    if (rest === '') throw new LengthNotReadable('empty');
    const tokens: Token[] = [];
    while (rest !== '') {
        const [token, taken] = next(rest);
        tokens.push(token);
        rest = rest.slice(taken).trimStart();
    }
    return tokens;
}

function next(rest: string): [Token, number] {
    if ('+-*/()'.includes(rest[0]!)) return [{ sign: rest[0]!, at: rest[0]! }, 1];
    const found = NUMBER.exec(rest);
    if (!found?.groups) throw new LengthNotReadable('sign', rest);
    const { alone, whole, fraction, unit } = found.groups;
    const part = alone ?? fraction;
    if (part !== undefined && !isProper(part)) {
        const plain = PLAIN.exec(rest)![0];
        return [number(plain, undefined, undefined, plain), plain.length];
    }
    return [number(whole, part, unit, found[0]), found[0].length];
}

function number(whole: string | undefined, fraction: string | undefined, unit: string | undefined, at: string): Token {
    if (whole !== undefined && /,\d{3}$/.test(whole)) throw new LengthNotReadable('comma', whole);
    if (whole !== undefined && fraction !== undefined && /[.,]/.test(whole)) throw new LengthNotReadable('groups', at.trim());
    return { at: at.trim(), whole: whole?.replaceAll(' ', '').replace(',', '.'), fraction, unit };
}

function isProper(fraction: string): boolean {
    const [top, bottom] = fraction.split('/').map(Number) as [number, number];
    return top > 0 && top < bottom;
}

function perUnit(unit: string): string {
    if (unit === 'mm') return '1';
    if (unit === 'cm') return '10';
    if (unit === 'm') return '1000';
    return ['ft', 'feet', 'foot', "'"].includes(unit) ? '304.8' : '25.4';
}

class Reader {
    private position = 0;
    readonly notes = new Set<string>();

    constructor(
        private readonly tokens: Token[],
        private readonly unit: Unit,
    ) {}

    whole(): Rational {
        const mm = this.asLength(this.sum());
        const left = this.tokens[this.position];
        if (left === undefined) return mm;
        if (left.sign !== undefined) throw new LengthNotReadable('sign', left.at);
        throw new LengthNotReadable('groups', `${this.tokens[this.position - 1]?.at ?? ''} ${left.at}`);
    }

    private sum(): Quantity {
        let total = this.product();
        while (this.peek() === '+' || this.peek() === '-') {
            const add = this.tokens[this.position++]!.sign === '+';
            const term = this.asLength(this.product());
            const left = this.asLength(total);
            total = { value: add ? plus(left, term) : minus(left, term), isLength: true, fraction: false };
        }
        return total;
    }

    private product(): Quantity {
        let result = this.factor();
        while (this.peek() === '*' || this.peek() === '/') {
            const multiply = this.tokens[this.position++]!.sign === '*';
            const factor = this.factor();
            result = multiply ? multiplied(result, factor) : divided(result, factor);
        }
        return result;
    }

    private factor(): Quantity {
        const token = this.tokens[this.position];
        if (token === undefined) throw new LengthNotReadable('unfinished');
        this.position++;
        if (token.sign === undefined) return this.number(token);
        if (token.sign === '-') {
            const inner = this.factor();
            return { ...inner, value: negated(inner.value) };
        }
        if (token.sign !== '(') throw new LengthNotReadable('sign', token.at);
        const inside = this.sum();
        if (this.peek() !== ')') throw new LengthNotReadable('unfinished');
        this.position++;
        return inside;
    }

    private number(token: Token): Quantity {
        const value = plus(readRational(token.whole ?? '0'), readRational(token.fraction ?? '0'));
        if (token.unit === undefined) return { value, isLength: false, fraction: token.fraction !== undefined };
        const per = perUnit(token.unit);
        const mm = times(value, readRational(per));
        return { value: per === '304.8' ? plus(mm, this.inchesAfterFeet()) : mm, isLength: true, fraction: false };
    }

    private inchesAfterFeet(): Rational {
        const token = this.tokens[this.position];
        if (token === undefined || token.sign !== undefined || (token.unit !== undefined && perUnit(token.unit) !== '25.4')) {
            return rational(0n);
        }
        this.position++;
        return times(plus(readRational(token.whole ?? '0'), readRational(token.fraction ?? '0')), readRational('25.4'));
    }

    private asLength(q: Quantity): Rational {
        if (q.isLength) return q.value;
        if (this.unit === 'mm' && q.fraction) this.notes.add('fraction_as_inches');
        return times(q.value, readRational(this.unit === 'in' || q.fraction ? '25.4' : '1'));
    }

    private peek(): string | undefined {
        const token = this.tokens[this.position];
        return token === undefined ? undefined : (token.sign ?? 'number');
    }
}

function multiplied(a: Quantity, b: Quantity): Quantity {
    if (a.isLength && b.isLength) throw new LengthNotReadable('product');
    const isLength = a.isLength || b.isLength;
    return { value: times(a.value, b.value), isLength, fraction: !isLength && (a.fraction || b.fraction) };
}

function divided(a: Quantity, b: Quantity): Quantity {
    if (b.isLength || b.value.top === 0n) throw new LengthNotReadable('divisor');
    return { ...a, value: over(a.value, b.value) };
}

/** @throws LengthNotReadable */
export function readLength(text: string, unit: Unit): ReadLength {
    const reader = new Reader(split(text, unit), unit);
    const { whole, exact } = rounded(times(reader.whole(), rational(BigInt(PER_MM))));
    if (whole > LARGEST || whole < -LARGEST) throw new LengthNotReadable('range');
    return { mm: Number(whole) / PER_MM, exact, notes: [...reader.notes] };
}

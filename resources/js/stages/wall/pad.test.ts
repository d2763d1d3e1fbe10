import { expect, it, test } from 'vitest';
import { readLength } from '../../measure/read';
import { back, digit, exactly, fraction, metered, nothing, spoken, type Tapped, turned } from './pad';

const tap = (...keys: string[]): Tapped =>
    keys.reduce(
        (t, k) =>
            k === '1/8' ? fraction(t, 8) : k === '1/2' ? exactly(t, 1, 2) : k === '±' ? turned(t) : k === '<' ? back(t) : digit(t, k),
        nothing,
    );

test.each([
    [['3', '4', '1/8', '1/8', '1/8'], 'in', '34 5/8', 879.475],
    [['1', '0', '4', '3', '.', '5'], 'mm', '1043.5', 1043.5],
    [['±', '4'], 'mm', '-4', -4],
    [['1/2'], 'in', '1/2', 12.7],
    [['3', '4', '1/8'], 'mm', '34 1/8 in', 866.775],
    [['7', '<', '8'], 'mm', '8', 8],
    [['5', '.'], 'mm', '5', 5],
] as const)('%j in %s says %s', (keys, unit, text, mm) => {
    expect(spoken(tap(...keys), unit)).toBe(text);
    expect(readLength(text, unit).mm).toBeCloseTo(mm, 6);
});

it('goes round the eighths and back to none', () => {
    let t = digit(nothing, '3');
    const seen = [1, 2, 3, 4, 5].map(() => spoken((t = fraction(t, 8)), 'in'));
    expect(seen).toEqual(['3 1/8', '3 3/8', '3 5/8', '3 7/8', '3']);
});

it('starts anew with a digit after a fraction, and takes one point only', () => {
    expect(spoken(tap('3', '1/8', '4'), 'in')).toBe('4');
    expect(spoken(tap('3', '.', '.', '2'), 'mm')).toBe('3.2');
    expect(spoken(back(nothing), 'mm')).toBe('');
});

it('begins anew with any key after a number from the meter', () => {
    expect(spoken(metered(1048), 'in')).toBe('1048 mm');
    expect(spoken(exactly(metered(1048), 1, 2), 'in')).toBe('1/2');
    expect(spoken(fraction(metered(1048), 8), 'in')).toBe('1/8');
    expect(spoken(digit(metered(1048), '9'), 'mm')).toBe('9');
});

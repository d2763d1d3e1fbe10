import { expect, it } from 'vitest';
import { also, inchText, lossless, millimetres, show, showInchesTo } from './show';
import { render } from './words';

it('rounds halves up on the exact grid', () => {
    expect(millimetres(462.95)).toBe('463.0');
    expect(millimetres(-0.04)).toBe('0.0');
    expect(millimetres(-3.25)).toBe('−3.3');
});

it('sets thousands apart without letting them break', () => {
    expect(millimetres(1048)).toBe('1\u2060\u2009\u2060048.0');
});

it('writes the nearest fraction, reduced', () => {
    expect(inchText(879.475)).toBe('34 5/8');
    expect(inchText(25.4 * 2.0001)).toBe('2');
    expect(inchText(-19.05)).toBe('−3/4');
    expect(show(17.8562, 'in')).toBe('11/16');
});

it('keeps everything in a field to be edited', () => {
    expect(lossless(17.8562, 'in')).toBe('0.703');
    expect(lossless(879.475, 'in')).toBe('34 5/8');
    expect(also(843.475, 'mm')).toBe('33 13/64 in');
});

it('renders a text in the reader’s words and unit', () => {
    const text = {
        key: 'piece.sides_and_dividers',
        args: { dividers: { type: 'count', count: 1 }, t: { type: 'length', mm: 17.6 } },
    } as const;
    expect(render(text, 'mm')).toBe('2 sides, 1 divider × 17.6\u00a0mm');
    expect(render({ ...text, args: { ...text.args, dividers: { type: 'count', count: 2 } } }, 'mm')).toContain('2 dividers');
    expect(render({ key: 'part.plinth_front', args: {} }, 'in')).toBe('Toe-kick rail, front');
    expect(render({ key: 'part.plinth_front', args: {} }, 'mm')).toBe('Plinth rail, front');
});

it("shows inches to the reader's own fraction, and to 1/32 again when asked", () => {
    const shown = (fraction: number): string => {
        showInchesTo(fraction);
        return show(971.5, 'in');
    };
    // 971.5 / 25.4 = 38.248…
    expect([8, 16, 32, 64].map(shown)).toEqual(['38 1/4', '38 1/4', '38 1/4', '38 1/4']);
    showInchesTo(8);
    expect(show(372.8, 'in')).toBe('14 5/8');
    showInchesTo(64);
    expect(show(372.8, 'in')).toBe('14 43/64');
    showInchesTo(32);
    expect(show(372.8, 'in')).toBe('14 11/16');
});

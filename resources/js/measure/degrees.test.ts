import { expect, test } from 'vitest';
import { readDegrees } from './degrees';

test.each([
    ['91.5', 91.5],
    ['91,5°', 91.5],
    ["34° 30'", 34.5],
    [' 90 deg ', 90],
    ['0', 0],
])('%s is read', (typed, expected) => expect(readDegrees(typed)).toBe(expected));

test.each(['', 'square', '181', '-3', '34 5/8'])('%s is refused with a sentence', (typed) =>
    expect(() => readDegrees(typed)).toThrow(/no angle/),
);

import { expect, it } from 'vitest';
import table from '../../../core/tests/fixtures/misreadings.json';
import { misread } from './misread';
import type { Unit } from './read';

type Row = [string, string, number, number, string | null, number | null];

/** The same table as the core's MisreadingTest. */
it.each(table.rows as Row[])('explains %s %s where all others say %d', (typed, unit, expected, deviation, key, mm) => {
    const found = misread(typed, expected, deviation, unit as Unit);
    expect(found?.key ?? null).toBe(key);
    if (mm === null) expect(found).toBeNull();
    else expect(found!.mm).toBeCloseTo(mm, 4);
});

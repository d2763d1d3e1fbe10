import { expect, test } from 'vitest';
import type { Schedule } from '../../api/plan';
import { clock, dayName, daysBetween, dryingOn, longest } from './days';

test('times and dates are said without asking the browser where it is', () => {
    expect([clock(0), clock(18 * 60 + 30)]).toEqual(['00:00', '18:30']);
    expect(dayName('2026-11-25')).toBe('Wed 25 Nov');
    expect(daysBetween('2026-02-27', '2026-03-01')).toBe(2);
});

test('the longest day is as wide as the board', () => {
    expect(longest({ days: [{ minutes: 120 }, { minutes: 360 }] } as Schedule)).toBe(360);
    expect(longest({ days: [] } as unknown as Schedule)).toBe(60);
});

test('what dries over night is seen on each of its days', () => {
    const dries = { from: { date: '2026-11-25', minute: 1200 }, until: { date: '2026-11-27', minute: 60 } } as Schedule['drying'][number];
    expect(['2026-11-24', '2026-11-25', '2026-11-26', '2026-11-27'].map((d) => dryingOn(dries, d))).toEqual([
        null,
        { from: 1200, to: 1440 },
        { from: 0, to: 1440 },
        { from: 0, to: 60 },
    ]);
});

import { describe, expect, it } from 'vitest';
import table from '../../../core/tests/fixtures/lengths.json';
import { LengthNotReadable, readLength, type Unit } from './read';
import { lossless } from './show';

interface Accepted {
    text: string;
    unit: string;
    mm: number;
    exact?: boolean;
    notes?: string[];
}

/** The same table as the core's LengthReaderTest. */
describe('readLength', () => {
    it.each(table.accepted as Accepted[])('reads $text in $unit', ({ text, unit, mm, exact, notes }) => {
        expect(readLength(text, unit as Unit)).toEqual({ mm, exact: exact ?? true, notes: notes ?? [] });
    });

    it.each(table.refused)('refuses "$text"', ({ text, unit, reason }) => {
        try {
            readLength(text, unit as Unit);
        } catch (error) {
            expect(error).toBeInstanceOf(LengthNotReadable);
            expect((error as LengthNotReadable).reason).toBe(reason);
            return;
        }
        throw new Error(`"${text}" was read.`);
    });

    it('reads back whatever lossless writes', () => {
        for (const step of [1, 0.1, 25.4 / 64, 0.0254]) {
            for (let n = -500; n <= 500; n += 7) {
                const mm = Math.round(n * step * 40_000) / 40_000;
                for (const unit of ['mm', 'in'] as const) expect(readLength(lossless(mm, unit), unit).mm).toBe(mm === 0 ? 0 : mm);
            }
        }
    });
});

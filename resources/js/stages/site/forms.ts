import type { Reading } from '../../api/document';
import type { ReadingForm } from '../../api/plan';
import { say } from '../../measure/say';

type Field = ReadingForm['asks'][number];

/** What the places of a reading are called, and what one might say, in millimetres and in inches. */
export const places: Readonly<Record<Field, { label: string; mm: string; inches: string }>> = {
    z: { label: say('at height'), mm: '1700', inches: '66' },
    from_z: { label: say('from height'), mm: '100', inches: '4' },
    x: { label: say('from the left'), mm: '500', inches: '20' },
    y: { label: say('from the back'), mm: '300', inches: '12' },
    run: { label: say('level run'), mm: '600', inches: '24' },
    along_back: { label: say('along the back'), mm: '800', inches: '36' },
    along_side: { label: say('along the side'), mm: '600', inches: '27' },
};

/** The reading as the document holds it. */
export function placed(form: ReadingForm, at: Readonly<Partial<Record<Field, number | null>>>): Reading {
    const reading: Reading = { ...form.fixed };
    for (const field of form.asks) reading[field] = at[field] ?? 0;
    return reading;
}

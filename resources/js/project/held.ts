import { ref } from 'vue';
import type { Walked } from '../api/plan';
import { misread } from '../measure/misread';
import type { Unit } from '../measure/read';
import { say } from '../measure/say';
import { lossless, showWithUnit } from '../measure/show';
import { isAngle, isSigned } from './readings';

/** A number as it was read, and as it was typed. */
export interface Read {
    readonly value: number;
    readonly typed: string;
}

/** A number that is further from what all others say than the room allows: it waits for an answer before anything hangs on it. */
export interface Held extends Read {
    readonly reading: Walked;
    /** How far it is over what is expected; under where negative. */
    readonly over: number;
    /** What the tape may have shown, where a slip explains it. */
    readonly guess: Read | null;
    answer(with_: Read | null): void;
}

export const held = ref<Held | null>(null);

/** Far off is told roughly: what is expected is not known to the hair. */
const roughly = (by: number, unit: Unit): number => (unit === 'mm' ? Math.round(by) : Math.round((by / 25.4) * 8) * (25.4 / 8));

export function howFar({ reading, over }: Pick<Held, 'reading' | 'over'>, unit: Unit): string {
    const by = isAngle(reading.kind) ? `${Math.round(Math.abs(over) * 10) / 10}°` : showWithUnit(roughly(Math.abs(over), unit), unit);
    return over > 0 ? say('{0} more than expected', by) : say('{0} less than expected', by);
}

/** Itself where the room allows it; else what the person says it is. Rejects where it is to be taken again, or another is asked meanwhile. */
export function asked(reading: Walked, read: Read, unit: Unit): Promise<Read> {
    const { expected } = reading;
    // What no room has is refused elsewhere, and with its reason.
    const isNone = read.value <= 0 && !isSigned(reading.kind);
    if (!expected || isNone || Math.abs(read.value - expected.value) <= expected.within) return Promise.resolve(read);
    held.value?.answer(null);
    const over = read.value - expected.value;
    const slip = isAngle(reading.kind) ? null : misread(read.typed, expected.value, expected.deviation, unit);
    const guess = slip && { value: slip.mm, typed: lossless(slip.mm, unit) };
    return new Promise((resolve, reject) => {
        held.value = {
            ...read,
            reading,
            over,
            guess,
            answer(with_) {
                held.value = null;
                if (with_) resolve(with_);
                else reject(new Error(say('Not kept: {0}. Take it again.', howFar({ reading, over }, unit))));
            },
        };
    });
}

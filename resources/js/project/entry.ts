import { ref } from 'vue';
import type { Operation } from '../api/client';
import type { Walked } from '../api/plan';
import { say } from '../measure/say';
import { findsPlace, type Found, instrumentsFor, nowhere, takeAgain, takeInstead, type With } from './readings';

/** How a reading is taken once more, so that the same slip is not made twice: a tape from its other end, an instrument turned round. */
export function turnedRound(kind: Walked['kind']): string {
    if (findsPlace(kind) || kind === 'gap') return say('Lay it on anew.');
    return instrumentsFor(kind)[0]!.value === 'tape'
        ? say('Hook on the other side this time, at the same marks.')
        : say('Turn the instrument round this time.');
}

/** How the next number is kept: as one more take beside the others, and read with what. */
export const again = ref(false);
export const instrument = ref<With | null>(null);

/** Where the next number was found, of what is looked for all over. */
export const found = ref<Found>(nowhere);

/** The instrument where it suits the reading, else null for the usual one. */
const suits = (kind: Walked['kind'], wanted: With | null): With | null =>
    instrumentsFor(kind).find((i) => i.value === wanted)?.value ?? null;

export const instrumentOf = (kind: Walked['kind']): With => suits(kind, instrument.value) ?? instrumentsFor(kind)[0]!.value;

/** A number put right was found where it was found before, unless another place is said. */
const placeOf = (reading: Walked): Found => {
    const last = again.value ? undefined : reading.takes.at(-1);
    return found.value.z === null && found.value.y === null && last ? { z: last.z, y: last.y } : found.value;
};

/** The operations that keep a number just read, with the chosen instrument unless another one sent it. */
export function taken(reading: Walked, value: number, typed: string, by: With | null = instrument.value): Operation[] {
    const how = {
        with: suits(reading.kind, by),
        at: new Date().toISOString(),
        ...(findsPlace(reading.kind) ? { found: placeOf(reading) } : {}),
    };
    return again.value ? [takeAgain(reading, value, typed, how)] : takeInstead(reading, value, typed, how);
}

import { ref } from 'vue';
import type { Operation } from '../api/client';
import type { Walked } from '../api/plan';
import { instrumentsFor, takeAgain, takeInstead, type With } from './readings';

/** How the next number is kept: as one more take beside the others, and read with what. */
export const again = ref(false);
export const instrument = ref<With | null>(null);

/** The chosen instrument where it suits the reading, else null for the usual one. */
const chosen = (kind: Walked['kind']): With | null => instrumentsFor(kind).find((i) => i.value === instrument.value)?.value ?? null;

export const instrumentOf = (kind: Walked['kind']): With => chosen(kind) ?? instrumentsFor(kind)[0]!.value;

/** The operations that keep a number just read. */
export function taken(reading: Walked, value: number, typed: string): Operation[] {
    const how = { with: chosen(reading.kind), at: new Date().toISOString() };
    return again.value ? [takeAgain(reading, value, typed, how)] : takeInstead(reading, value, typed, how);
}

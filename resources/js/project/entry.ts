import { ref } from 'vue';
import type { Operation } from '../api/client';
import type { Walked } from '../api/plan';
import { instrumentsFor, takeAgain, takeInstead, type With } from './readings';

/** How the next number is kept: as one more take beside the others, and read with what. */
export const again = ref(false);
export const instrument = ref<With | null>(null);

/** The instrument where it suits the reading, else null for the usual one. */
const suits = (kind: Walked['kind'], wanted: With | null): With | null =>
    instrumentsFor(kind).find((i) => i.value === wanted)?.value ?? null;

export const instrumentOf = (kind: Walked['kind']): With => suits(kind, instrument.value) ?? instrumentsFor(kind)[0]!.value;

/** The operations that keep a number just read, with the chosen instrument unless another one sent it. */
export function taken(reading: Walked, value: number, typed: string, by: With | null = instrument.value): Operation[] {
    const how = { with: suits(reading.kind, by), at: new Date().toISOString() };
    return again.value ? [takeAgain(reading, value, typed, how)] : takeInstead(reading, value, typed, how);
}

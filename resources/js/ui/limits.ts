import type { Operation } from '../api/client';
import type { ProjectDocument } from '../api/document';
import vocabulary from '../../../schema/vocabulary.json';

/** Limits of rules that a person may set, by the rule’s code. */
export const limits = vocabulary.limits as Readonly<
    Record<string, { unit: 'length' | 'kg' | 'part_in'; usual: number; least: number; most: number }>
>;

/** Whose limit a finding goes by: seats and decks by that of tops. */
export const limitCode = (code: string): string => (/^strength\.(seat|deck)_sags$/.test(code) ? 'strength.top_sags' : code);

/** A limit of one’s own; null for the usual one again. */
export function limitSet(document: ProjectDocument, code: string, to: number | null): Operation {
    return document.limits ? { op: 'set', path: ['limits', code], value: to } : { op: 'set', path: ['limits'], value: { [code]: to } };
}

import vocabulary from '../../../schema/vocabulary.json';

/** Limits of rules that a person may set, by the rule’s code. */
export const limits = vocabulary.limits as Readonly<
    Record<string, { unit: 'length' | 'kg' | 'part_in'; usual: number; least: number; most: number }>
>;

import type { Finding } from '../api/plan';

/** From what cannot be made as it is to what is good to know; each with its sign. */
export const severities = ['stop', 'look', 'note'] as const;

export const marks = {
    stop: 'M5.5 1h6l4.5 4.5v6l-4.5 4.5h-6l-4.5-4.5v-6z',
    look: 'M8.5 1.5l7.5 14h-15z',
    note: 'M8.5 4a4.5 4.5 0 1 0 .01 0z',
} as const;

/** Still counted: neither accepted as it is nor let go on by who decides. */
export const isOpen = (f: Finding): boolean => f.accepted === null && f.decided?.goes_on !== true;

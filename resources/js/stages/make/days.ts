import type { Schedule } from '../../api/plan';
import { say } from '../../measure/say';

export const weekdays = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;

export const clock = (minute: number): string =>
    `${String(Math.floor(minute / 60) % 24).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

const MONTHS = [
    say('Jan'),
    say('Feb'),
    say('Mar'),
    say('Apr'),
    say('May'),
    say('Jun'),
    say('Jul'),
    say('Aug'),
    say('Sep'),
    say('Oct'),
    say('Nov'),
    say('Dec'),
];

/** "Wed 25 Nov" of a date as it is kept, whatever zone the browser is in. */
export function dayName(date: string): string {
    const at = new Date(`${date}T00:00:00Z`);
    return `${[say('Sun'), say('Mon'), say('Tue'), say('Wed'), say('Thu'), say('Fri'), say('Sat')][at.getUTCDay()]} ${at.getUTCDate()} ${MONTHS[at.getUTCMonth()]}`;
}

export const daysBetween = (a: string, b: string): number =>
    Math.round((Date.parse(`${b}T00:00:00Z`) - Date.parse(`${a}T00:00:00Z`)) / 86_400_000);

/** The longest stretch of work on any day, in minutes: as wide as the board. */
export const longest = (schedule: Schedule): number => Math.max(60, ...schedule.days.map((d) => d.minutes));

/** What of a drying falls into one day, in minutes of it; null where nothing does. */
export function dryingOn(dries: Schedule['drying'][number], date: string): { from: number; to: number } | null {
    if (date < dries.from.date || date > dries.until.date) return null;
    const from = date === dries.from.date ? dries.from.minute : 0;
    const to = date === dries.until.date ? dries.until.minute : 24 * 60;
    return to > from ? { from, to } : null;
}

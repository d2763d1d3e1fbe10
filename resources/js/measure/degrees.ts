import { say } from './say';
/** An angle as people say it: `91.5`, `91,5°`, `91° 30'`. Throws a sentence that can be shown. */
export function readDegrees(typed: string): number {
    const found = /^\s*(\d{1,3}(?:[.,]\d+)?)\s*(?:°|deg)?\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*['′])?\s*$/.exec(typed);
    const degrees = found ? number(found[1]!) + number(found[2] ?? '0') / 60 : NaN;
    if (!(degrees >= 0 && degrees <= 180))
        throw new Error(say('“{0}” is no angle; expected degrees from 0 to 180, such as 91.5.', typed.trim()));
    return Math.round(degrees * 1000) / 1000;
}

const number = (text: string): number => Number(text.replace(',', '.'));

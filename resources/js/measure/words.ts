import sentences from '../../lang/en.json';
import type { Unit } from './read';
import { type AmountUnit, money, showAmount } from './amount';
import { spokenKey } from './say';
import { showWithUnit } from './show';

/** A text of the plan: a key of the catalogue and typed arguments. The server's twin is App\Words\Catalogue. */
export interface Text {
    readonly key: string;
    readonly args: Readonly<Record<string, Argument>>;
}

export type Argument =
    | { type: 'length'; mm: number }
    | { type: 'angle'; degrees: number }
    | { type: 'count'; count: number }
    | { type: 'name'; name: string }
    | { type: 'text'; text: Text }
    | { type: 'amount'; value: number; unit: AmountUnit }
    | { type: 'money'; cents: number; currency: string };

const catalogue: Readonly<Record<string, string>> = sentences;

const sentence = (key: string): string | undefined => spokenKey(key) ?? catalogue[key];

export function render(text: Text, unit: Unit): string {
    const template = sentence(`${text.key}@${unit}`) ?? sentence(text.key) ?? text.key;
    return template.replace(/\{(\w+)(?:\|([^|}]*)\|([^}]*))?\}/g, (_, name: string, one?: string, many?: string) => {
        const shown = argument(text.args[name], unit);
        return one === undefined ? shown : `${shown} ${shown === '1' ? one : many}`;
    });
}

/** A word of the catalogue that needs nothing said about it. */
export const word = (key: string, unit: Unit = 'mm'): string => render({ key, args: {} }, unit);

export const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function argument(arg: Argument | undefined, unit: Unit): string {
    switch (arg?.type) {
        case 'length':
            return showWithUnit(arg.mm, unit);
        case 'angle':
            return `${arg.degrees.toFixed(1)}°`;
        case 'count':
            return String(arg.count);
        case 'name':
            return arg.name;
        case 'text':
            return render(arg.text, unit);
        case 'amount':
            return showAmount(arg, unit);
        case 'money':
            return money(arg.cents, arg.currency);
        default:
            return '';
    }
}

import type { ProjectDocument } from '../../api/document';
import type { Part, Plan } from '../../api/plan';
import { render } from '../../measure/words';
import { say } from '../../measure/say';

export const states = ['to_cut', 'cut', 'machined', 'finished', 'assembled', 'installed'] as const;

export type Fact = ProjectDocument['facts'][string];

/** The facts of making, newest first; those of readings are in the survey. */
export function making(document: ProjectDocument): { id: string; fact: Fact }[] {
    const kinds = new Set([
        'bought',
        'done',
        'begun',
        'crosscut',
        'cut_wrong',
        'remark',
        'picture',
        'as_built',
        'checked',
        'choice',
        'mistake',
        'hidden',
        'tin',
        'cared',
        'handed_over',
    ]);
    return Object.entries(document.facts)
        .filter(([, f]) => kinds.has(f.kind))
        .map(([id, fact]) => ({ id, fact }))
        .sort((a, b) => ((a.fact.at ?? a.id) < (b.fact.at ?? b.id) ? 1 : -1));
}

/** How many parts are at least as far as each state. */
export function tally(parts: readonly Part[]): Record<(typeof states)[number], number> {
    const rank = (s: string): number => states.indexOf(s as (typeof states)[number]);
    return Object.fromEntries(states.map((s) => [s, parts.filter((p) => rank(p.state) >= rank(s)).length])) as Record<
        (typeof states)[number],
        number
    >;
}

/** Minutes worked and planned over the steps that were timed, and the minutes of steps done without being timed. */
export function hoursOf(document: ProjectDocument, plan: Plan): { worked: number; planned: number; untimed: number } {
    const done = Object.values(document.facts).filter((f) => f.kind === 'done' && !f.struck);
    const timed = done.filter((f) => f.minutes !== undefined);
    const minutes = new Map(plan.steps.map((s) => [s.id, s.minutes]));
    return {
        worked: timed.reduce((n, f) => n + f.minutes!, 0),
        planned: timed.reduce((n, f) => n + (f.planned ?? 0), 0),
        untimed: done.filter((f) => f.minutes === undefined).reduce((n, f) => n + (minutes.get(f.step!) ?? 0), 0),
    };
}

export type Writing = 'remark' | 'choice' | 'mistake' | 'hidden' | 'tin' | 'picture';

interface Field {
    readonly key: string;
    readonly title: string;
    readonly label: string;
    readonly placeholder?: string;
}

type Said = Readonly<Record<string, string>>;

const field = (key: string, title: string, label: string, placeholder = ''): Field => ({ key, title, label, placeholder });
const some = (said: Said, ...keys: string[]): Record<string, string> =>
    Object.fromEntries(keys.filter((k) => said[k]).map((k) => [k, said[k]!]));

function needed(said: Said, key: string, what: string): string {
    if (!said[key]) throw new Error(say('Nothing was kept; expected {0}.', what));
    return said[key];
}

/** A distance from something that stays: both or neither. */
function distance(said: Said, nth: string, read: (text: string) => number): object {
    const [from, length] = [said[`${nth}From`], said[`${nth}Length`]];
    if (!from && !length) return {};
    if (!from || !length) throw new Error(say('Nothing was kept; expected both what it is measured from and how far.'));
    return { [nth]: { from, length: read(length) } };
}

/** What can be written down, with its fields and the fact it becomes; what is missing is refused in a sentence. */
export const writings: Record<
    Writing,
    { label: string; hint: string; fields: readonly Field[]; fact: (said: Said, about: string, read: (text: string) => number) => object }
> = {
    remark: {
        label: say('Note'),
        hint: say('Anything worth knowing'),
        fields: [field('text', say('Note'), say('note'))],
        fact: (said, about) => ({ kind: 'remark', about, text: needed(said, 'text', 'a note') }),
    },
    choice: {
        label: say('Decision'),
        hint: say('What was decided, and why; how it turned out can be said later'),
        fields: [field('text', say('Decided'), say('what was decided')), field('reason', say('Because'), say('why'))],
        fact: (said, about) => ({
            kind: 'choice',
            about,
            text: needed(said, 'text', say('what was decided')),
            reason: needed(said, 'reason', say('the reason')),
        }),
    },
    mistake: {
        label: say('Mistake'),
        hint: say('What went wrong and why, so that it does not again'),
        fields: [
            field('text', say('What'), say('what went wrong')),
            field('cause', say('Cause'), say('cause')),
            field('minutes', say('Cost, min'), say('minutes it cost')),
        ],
        fact: (said, about) => {
            if (said.minutes && !/^\d{1,5}$/.test(said.minutes)) throw new Error(say('Nothing was kept; expected whole minutes.'));
            const minutes = said.minutes ? { minutes: Number(said.minutes) } : {};
            return { kind: 'mistake', about, text: needed(said, 'text', say('what went wrong')), ...some(said, 'cause'), ...minutes };
        },
    },
    hidden: {
        label: say('Hidden'),
        hint: say('Where something lies that will be covered, from two things that stay'),
        fields: [
            field('text', say('What'), say('what is hidden')),
            field('firstFrom', say('Near'), say('first thing that stays'), say('the door frame')),
            field('firstLength', say('Distance'), say('distance from it')),
            field('secondFrom', say('And near'), say('second thing that stays'), say('the floor')),
            field('secondLength', say('Distance'), say('distance from that')),
        ],
        fact: (said, about, read) => {
            const where = { ...distance(said, 'first', read), ...distance(said, 'second', read) };
            if (!said.text && Object.keys(where).length === 0) throw new Error(say('Nothing was kept; expected what it is, or where.'));
            return { kind: 'hidden', about, ...some(said, 'text'), ...where };
        },
    },
    tin: {
        label: say('Tin'),
        hint: say('What was on the tin: so that it can be had again'),
        fields: [
            field('name', say('Product'), say('product')),
            field('colour', say('Colour'), say('colour of the tin')),
            field('sheen', say('Sheen'), say('sheen of the tin')),
            field('batch', say('Batch'), say('batch')),
        ],
        fact: (said, about) => ({
            kind: 'tin',
            piece: about,
            name: needed(said, 'name', say('the product')),
            ...some(said, 'colour', 'sheen', 'batch'),
        }),
    },
    picture: { label: say('Photo'), hint: say('A photo, with a mark on the drawing'), fields: [], fact: () => ({}) },
};

/** What something can be written down about: what is picked, the pieces, and what the rooms hide. */
export function aboutWhat(document: ProjectDocument, plan: Plan, picked: string | null): { id: string; name: string }[] {
    const part = plan.parts.find((p) => p.id === picked);
    const asked = plan.steps.flatMap((s) => s.asks.map((a) => ({ id: a.about, name: render(a.name, document.unit) })));
    return [
        ...(part ? [{ id: part.id, name: `${part.label} ${render(part.name, document.unit)}` }] : []),
        ...Object.entries(document.pieces).map(([id, p]) => ({ id, name: p.name })),
        ...asked,
    ];
}

/** How a decision is seen now: by the last verdict that stands; null where nobody has said. */
export function verdictOf(document: ProjectDocument, choice: string): { good: boolean } | null {
    const own = Object.entries(document.facts)
        .filter(([, f]) => f.kind === 'verdict' && f.of === choice && !f.struck)
        .sort(([a, x], [b, y]) => ((x.at ?? a) < (y.at ?? b) ? -1 : 1))
        .at(-1);
    return own ? { good: own[1].good === true } : null;
}

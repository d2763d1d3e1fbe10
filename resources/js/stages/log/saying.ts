import type { ProjectDocument } from '../../api/document';
import type { Plan } from '../../api/plan';
import { money } from '../../measure/amount';
import type { Unit } from '../../measure/read';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import type { Fact } from './record';
import { say } from '../../measure/say';

interface Known {
    readonly document: ProjectDocument;
    readonly plan: Plan;
    readonly unit: Unit;
}

const step = ({ plan, unit }: Known, id: string): string => {
    const at = plan.steps.findIndex((s) => s.id === id);
    return at < 0 ? say('a step that is no more') : say('step {0}, {1}', at + 1, render(plan.steps[at]!.title, unit));
};
const part = ({ plan }: Known, id: string): string => plan.parts.find((p) => p.id === id)?.label ?? say('a part that is no more');

function about(known: Known, id: string): string {
    const { document, plan, unit } = known;
    const own = plan.parts.find((p) => p.id === id);
    if (own) return own.label;
    if (document.pieces[id]) return document.pieces[id].name;
    if (plan.steps.some((s) => s.id === id)) return step(known, id);
    const asked = plan.steps.flatMap((s) => s.asks).find((a) => a.about === id);
    const thing = Object.values(plan.site)
        .flatMap((s) => s.things)
        .find((t) => t.id === id);
    const name = asked?.name ?? thing?.name;
    return name ? render(name, unit) : say('a sheet');
}

const sizes = ({ unit }: Known, ...lengths: (number | undefined)[]): string =>
    `${lengths
        .filter((l) => l !== undefined)
        .map((l) => show(l, unit))
        .join(' × ')} ${unit}`;

const rest = (said: string | undefined): string => (said ? `. ${said}` : '');

const sentences: Record<string, (f: Fact, known: Known) => string> = {
    bought: (f, known) => {
        const line = known.plan.buy.lines.find((l) => l.key === f.line);
        const name = line ? render(line.name, known.unit) : say('something no longer needed');
        return say('Bought {0} × {1} for {2}', f.packs, name, money(f.cents!, known.plan.buy.currency));
    },
    done: (f, known) =>
        say('Done: {0}{1}', step(known, f.step!), f.minutes === undefined ? '' : say(', {0} min for {1}', f.minutes, f.planned)),
    begun: (f, { document }) =>
        say('Began a sheet of {0}, {1} parts', document.stock[f.material!]?.name ?? say('a material that is no more'), f.parts!.length),
    crosscut: (f, known) => say('Cut off a stick: {0}, {1}', part(known, f.part!), sizes(known, f.length)),
    cut_wrong: (f, known) => {
        const is = f.length !== undefined || f.width !== undefined ? say(', it measures {0}', sizes(known, f.length, f.width)) : '';
        return say('Cut wrong: {0}{1}{2}', part(known, f.part!), is, rest(f.cause));
    },
    as_built: (f, known) => say('{0} measures {1}', part(known, f.part!), sizes(known, f.length, f.width, f.thickness)),
    checked: (f, known) => {
        const trial = known.plan.trials.find((t) => t.id === f.trial);
        const read = Object.values(f.points ?? {}).map((mm) => show(mm, known.unit));
        return say(
            'Read {0} {1}: {2}',
            read.join(', '),
            known.unit,
            trial ? render(trial.name, known.unit) : say('a check that is no more'),
        );
    },
    choice: (f, known) => say('{0}, decided: {1}. Because: {2}', about(known, f.about!), f.text, f.reason),
    mistake: (f, known) =>
        say(
            '{0}, went wrong: {1}{2}{3}',
            about(known, f.about!),
            f.text,
            f.cause ? say('. Cause: {0}', f.cause) : '',
            f.minutes === undefined ? '' : say('. Cost {0} min', f.minutes),
        ),
    hidden: (f, known) => {
        const where = [f.first, f.second].filter((d) => d !== undefined).map((d) => say('{0} from {1}', sizes(known, d.length), d.from));
        return [say('Hidden: {0}', about(known, f.about!)), f.text, ...where].filter(Boolean).join(', ');
    },
    tin: (f, { document }) =>
        [
            say('Tin for {0}: {1}', document.pieces[f.piece!]?.name ?? say('a piece that is no more'), f.name),
            f.colour,
            f.sheen,
            f.batch && say('batch {0}', f.batch),
        ]
            .filter(Boolean)
            .join(', '),
    cared: (f, known) => {
        const care = known.plan.handover.care.find((c) => c.key === f.care);
        return say('Looked after: {0}', care ? render(care.text, known.unit) : say('something that is no more'));
    },
    handed_over: (f) => say('Handed over{0}{1}', f.to ? say(' to {0}', f.to) : '', rest(f.text)),
    remark: (f, known) => `${about(known, f.about!)}: ${f.text}`,
    picture: (f, known) => say('Photo of {0}{1}', about(known, f.about!), rest(f.caption)),
};

/** A fact in a sentence. */
export const said = (fact: Fact, known: Known): string => sentences[fact.kind]?.(fact, known) ?? fact.kind;

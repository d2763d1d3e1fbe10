import type { ProjectDocument } from '../../api/document';
import type { Plan } from '../../api/plan';
import { money } from '../../measure/amount';
import type { Unit } from '../../measure/read';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import type { Fact } from './record';

interface Known {
    readonly document: ProjectDocument;
    readonly plan: Plan;
    readonly unit: Unit;
}

const step = ({ plan, unit }: Known, id: string): string => {
    const at = plan.steps.findIndex((s) => s.id === id);
    return at < 0 ? 'a step that is no more' : `step ${at + 1}, ${render(plan.steps[at]!.title, unit)}`;
};
const part = ({ plan }: Known, id: string): string => plan.parts.find((p) => p.id === id)?.label ?? 'a part that is no more';

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
    return name ? render(name, unit) : 'a sheet';
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
        const name = line ? render(line.name, known.unit) : 'something no longer needed';
        return `Bought ${f.packs} × ${name} for ${money(f.cents!, known.plan.buy.currency)}`;
    },
    done: (f, known) => `Done: ${step(known, f.step!)}${f.minutes === undefined ? '' : `, ${f.minutes} min for ${f.planned}`}`,
    begun: (f, { document }) =>
        `Began a sheet of ${document.stock[f.material!]?.name ?? 'a material that is no more'}, ${f.parts!.length} parts`,
    cut_wrong: (f, known) => {
        const is = f.length !== undefined || f.width !== undefined ? `, it measures ${sizes(known, f.length, f.width)}` : '';
        return `Cut wrong: ${part(known, f.part!)}${is}${rest(f.cause)}`;
    },
    as_built: (f, known) => `${part(known, f.part!)} measures ${sizes(known, f.length, f.width, f.thickness)}`,
    checked: (f, known) => {
        const trial = known.plan.trials.find((t) => t.id === f.trial);
        const read = Object.values(f.points ?? {}).map((mm) => show(mm, known.unit));
        return `Read ${read.join(', ')} ${known.unit}: ${trial ? render(trial.name, known.unit) : 'a check that is no more'}`;
    },
    choice: (f, known) => `${about(known, f.about!)}, decided: ${f.text}. Because: ${f.reason}`,
    mistake: (f, known) =>
        `${about(known, f.about!)}, went wrong: ${f.text}${f.cause ? `. Cause: ${f.cause}` : ''}${f.minutes === undefined ? '' : `. Cost ${f.minutes} min`}`,
    hidden: (f, known) => {
        const where = [f.first, f.second].filter((d) => d !== undefined).map((d) => `${sizes(known, d.length)} from ${d.from}`);
        return [`Hidden: ${about(known, f.about!)}`, f.text, ...where].filter(Boolean).join(', ');
    },
    tin: (f, { document }) =>
        [
            `Tin for ${document.pieces[f.piece!]?.name ?? 'a piece that is no more'}: ${f.name}`,
            f.colour,
            f.sheen,
            f.batch && `batch ${f.batch}`,
        ]
            .filter(Boolean)
            .join(', '),
    cared: (f, known) => {
        const care = known.plan.handover.care.find((c) => c.key === f.care);
        return `Looked after: ${care ? render(care.text, known.unit) : 'something that is no more'}`;
    },
    handed_over: (f) => `Handed over${f.to ? ` to ${f.to}` : ''}${rest(f.text)}`,
    remark: (f, known) => `${about(known, f.about!)}: ${f.text}`,
    picture: (f, known) => `Photo of ${about(known, f.about!)}${rest(f.caption)}`,
};

/** A fact in a sentence. */
export const said = (fact: Fact, known: Known): string => sentences[fact.kind]?.(fact, known) ?? fact.kind;

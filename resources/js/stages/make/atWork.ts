import type { Operation } from '../../api/client';
import type { ProjectDocument } from '../../api/document';
import type { Cut, Plan, Sheet, Step } from '../../api/plan';
import { happened } from '../../project/facts';
import { ulid } from '../../project/ulid';
import type { Waiting } from '../../project/waiting';

export type Facts = ReadonlyMap<string, ProjectDocument['facts'][string]>;
type Fact = ProjectDocument['facts'][string];

/** The facts that stand once what waits on this device has arrived. */
export function standing(document: ProjectDocument, waiting: readonly Waiting[]): Facts {
    const facts = new Map(Object.entries(document.facts).filter(([, f]) => !f.struck));
    for (const { op, path, value } of waiting.filter((w) => !w.refused).flatMap((w) => w.ops)) {
        if (path[0] !== 'facts') continue;
        if (op === 'append') facts.set(path[1]!, value as Fact);
        if (op === 'strike') facts.delete(path[1]!);
    }
    return facts;
}

export interface AtSaw {
    /** The fact that this sheet was begun. */
    readonly begun: string | null;
    /** Which cuts were made, by what fact. */
    readonly made: ReadonlyMap<number, string>;
    readonly next: Cut | null;
    /** A part was cut wrong, and the new plan is not in: what is cut after may not be what is needed. */
    readonly waits: boolean;
}

export const partsOf = (sheet: Sheet): string => sheet.placements.map((p) => p.item).join(' ');

export function atSaw(material: string, sheet: Sheet, facts: Facts, waiting: readonly Waiting[]): AtSaw {
    const name = partsOf(sheet);
    const begun =
        sheet.begun ??
        [...facts].find(
            ([, f]) => f.kind === 'begun' && f.material === material && (f.parts ?? []).map((p) => p.part).join(' ') === name,
        )?.[0] ??
        null;
    const made = new Map(
        [...facts].filter(([, f]) => begun !== null && f.kind === 'sawn' && f.begun === begun).map(([id, f]) => [f.cut!, id]),
    );
    const waits = waiting.some((w) =>
        w.ops.some((o) => (o.value as Fact | null)?.kind === 'cut_wrong' && (o.value as Fact).begun === begun),
    );
    return { begun, made, next: sheet.cuts.find((c) => !made.has(c.order)) ?? null, waits };
}

/** The saws and the kerf a sheet is begun with: they fix the order of its cuts, whatever is bought later. */
export type Saws = Pick<ProjectDocument['facts'][string], 'kerf' | 'saws' | 'rest'>;

/** With how the other whole sheets of the material lie: at the saw they are not shuffled. */
export function sawsNow(document: ProjectDocument, plan: Plan, material: string, sheet: Sheet): Saws {
    const own = plan.cut.find((m) => m.material === material)!;
    const others = own.sheets.filter((s) => s !== sheet && s.begun === null);
    const [first, ...more] = others.map((s) => laid(material, s));
    return {
        kerf: own.kerf,
        ...(document.workshop.saws ? { saws: document.workshop.saws } : {}),
        ...(first ? { rest: { sheets: [first, ...more] } } : {}),
    };
}

type LaidSheet = ProjectDocument['layouts'][string]['sheets'][number];

const laid = (material: string, sheet: Sheet): LaidSheet => ({
    ...(sheet.size === material ? {} : { size: sheet.size }),
    parts: sheet.placements.map((p) => ({
        part: p.item,
        x: p.x_mm,
        y: p.y_mm,
        turned: p.turned,
    })) as LaidSheet['parts'],
});

/** The sheet is written down as it lies with its first cut: from then on it stays so. */
export function made(material: string, sheet: Sheet, state: AtSaw, cut: number, saws: Saws, at?: string): Operation[] {
    const id = state.begun ?? ulid();
    const begun: Operation[] = state.begun
        ? []
        : [
              happened(
                  {
                      kind: 'begun',
                      material,
                      ...(sheet.size === material ? {} : { size: sheet.size }),
                      length: sheet.length,
                      width: sheet.width,
                      trims: sheet.trims,
                      ...saws,
                      parts: sheet.placements.map((p) => ({
                          part: p.item,
                          x: p.x_mm,
                          y: p.y_mm,
                          length: p.length_mm,
                          width: p.width_mm,
                          turned: p.turned,
                      })),
                  },
                  at,
                  id,
              ),
          ];
    return [...begun, happened({ kind: 'sawn', begun: id, cut }, at)];
}

/** All of a sheet at once, for who ticks it off afterwards; and the fact that it was begun. */
export function allMade(material: string, sheet: Sheet, state: AtSaw, saws: Saws): { begun: string; ops: Operation[] } {
    const rest = sheet.cuts.filter((c) => !state.made.has(c.order));
    const [first, ...ops] = rest.length ? made(material, sheet, state, rest[0]!.order, saws) : [];
    const begun = state.begun ?? first?.path[1] ?? '';
    const later = rest.slice(1).map((c) => happened({ kind: 'sawn', begun, cut: c.order }));
    return { begun, ops: first ? [first, ...ops, ...later] : [] };
}

/** What it measures now is worth saying: it may become another part. */
export interface Measured {
    readonly length?: number;
    readonly width?: number;
}

export const cutWrong = (part: string, begun: string, cause: string, measured: Measured = {}, at?: string): Operation =>
    happened({ kind: 'cut_wrong', part, begun, ...measured, ...(cause ? { cause } : {}) }, at);

/** The last cut made, for taking it back; null where none was. */
export function lastMade(sheet: Sheet, state: AtSaw): { cut: number; fact: string } | null {
    const order = [...state.made.keys()].sort(
        (a, b) => sheet.cuts.findIndex((c) => c.order === b) - sheet.cuts.findIndex((c) => c.order === a),
    )[0];
    return order === undefined ? null : { cut: order, fact: state.made.get(order)! };
}

/** How many cuts follow at the same setting, this one among them. */
export function alike(sheet: Sheet, cut: Cut): number {
    const from = sheet.cuts.indexOf(cut);
    const next = sheet.cuts.findIndex((c, i) => i > from && c.setting);
    return (next < 0 ? sheet.cuts.length : next) - from;
}

export const remark = (about: string, text: string): Operation => happened({ kind: 'remark', about, text });

/** Every sheet of the plan with where it belongs, in the order to cut them. */
export const allSheets = (plan: Plan): { material: string; name: string; number: number; of: number; kerf: number; sheet: Sheet }[] =>
    plan.cut.flatMap((m) =>
        m.sheets.map((sheet, i) => ({ material: m.material, name: m.name, number: i + 1, of: m.sheets.length, kerf: m.kerf, sheet })),
    );

/** Parts that the cuts made so far set free. */
export function freed(sheet: Sheet, state: AtSaw): { id: string; label: string }[] {
    const cuts = sheet.cuts.filter((c) => state.made.has(c.order));
    const free = new Set(cuts.flatMap((c) => [c.off, c.rest].filter((p) => p?.what === 'part').flatMap((p) => p!.parts)));
    return sheet.placements
        .filter((p) => free.has(p.label) && !/^(spoiled|spare) /.test(p.part))
        .map((p) => ({ id: p.part, label: p.label }));
}

/** What was trimmed measures what it serves as from then on; said along the part it was laid as. */
export function trimmed(plan: Plan, step: Step): Operation[] {
    const pieces = plan.rework.pieces.filter((p) => step.kind === 'recut' && p.worth === 'trim' && step.parts.includes(p.serves ?? ''));
    return pieces.map((p) => {
        const is = { length: p.length - Math.max(0, p.over_length ?? 0), width: p.width - Math.max(0, p.over_width ?? 0) };
        const laid = p.across ? { length: is.width, width: is.length } : is;
        return happened({ kind: 'as_built', part: p.part, begun: p.begun, ...laid });
    });
}

/** A photo of it or where it lies was written down, here or on the way to the server. */
export const isRecorded = (facts: Facts, about: string): boolean =>
    [...facts.values()].some((f) => (f.kind === 'picture' || f.kind === 'hidden') && f.about === about);

/** Boards cut in a step keep the size they were cut to, whatever the plan becomes. */
export function boardsCut(plan: Plan, step: Step): { sizes?: Record<string, { length: number; width: number }> } {
    const cut = plan.parts.filter((p) => ['cut_lumber', 'cut_other'].includes(step.kind) && step.makes.includes(p.id));
    const sizes = cut.map((p) => [p.id, { length: p.cut.length.mm, width: p.cut.width.mm }] as const);
    return sizes.length ? { sizes: Object.fromEntries(sizes) } : {};
}

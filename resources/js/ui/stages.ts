import type { ProjectDocument } from '../api/document';
import type { Plan } from '../api/plan';
import { isRead } from '../project/readings';
import { isOpen } from './severity';
import { say } from '../measure/say';

/** How far a stage's notch is cut: untouched, begun, settled. */
export type Cutness = 'empty' | 'pencilled' | 'cut';

const said: Record<Cutness, string> = { empty: say('untouched'), pencilled: say('begun'), cut: say('settled') };

const without = (plan: Plan, stage: string, settled: boolean): Cutness =>
    settled && !plan.findings.some((f) => f.place.stage === stage && f.severity === 'stop') ? 'cut' : 'pencilled';

/** The stages that are built, in working order. */
export const stages = [
    {
        name: 'site',
        title: say('Site'),
        said,
        cutness: (plan: Plan): Cutness => {
            const walk = Object.values(plan.site).flatMap((s) => s.walk);
            const read = walk.filter(isRead).length;
            return read === 0 ? 'empty' : without(plan, 'site', read === walk.length);
        },
    },
    {
        name: 'piece',
        title: say('Piece'),
        said,
        cutness: (plan: Plan, document: ProjectDocument): Cutness =>
            Object.keys(document.pieces).length === 0 ? 'empty' : without(plan, 'piece', plan.parts.length > 0),
    },
    {
        name: 'fit',
        title: say('Fit'),
        said,
        cutness: (plan: Plan): Cutness =>
            plan.parts.length === 0
                ? 'empty'
                : without(plan, 'fit', !plan.findings.some((f) => f.place.stage === 'fit' && f.severity === 'look' && isOpen(f))),
    },
    {
        name: 'cut',
        title: say('Cut'),
        said,
        cutness: (plan: Plan): Cutness =>
            plan.cut.length === 0
                ? 'empty'
                : without(
                      plan,
                      'cut',
                      plan.cut.every((m) => m.accepted || m.status === 'optimal'),
                  ),
    },
    {
        name: 'make',
        title: say('Make'),
        said,
        cutness: (plan: Plan): Cutness => (plan.parts.length === 0 ? 'empty' : without(plan, 'make', plan.buy.to_buy === 0)),
    },
    {
        name: 'log',
        title: say('Log'),
        said,
        cutness: (plan: Plan): Cutness => {
            const begun =
                plan.buy.spent_cents > 0 || plan.steps.some((s) => s.done) || plan.parts.some((p) => p.state !== 'to_cut' || p.as_built);
            return begun ? without(plan, 'log', plan.parts.length > 0 && plan.steps.every((s) => s.done)) : 'empty';
        },
    },
] as const;

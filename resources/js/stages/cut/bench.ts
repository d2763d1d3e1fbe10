import type { Bench, BoreRow, Part, Plan } from '../../api/plan';

/** Boards that are machined alike: one letter, as many copies as there are numbers. */
export interface BenchGroup {
    readonly letter: string;
    readonly parts: readonly Part[];
    readonly bench: Bench;
    /** Its mirror image, where there is one. */
    readonly mirror: string | null;
}

export const letterOf = (label: string): string => label.replace(/\d+$/, '');

export function groups(plan: Pick<Plan, 'parts' | 'bench'>): BenchGroup[] {
    const label = new Map(plan.parts.map((p) => [p.id, p.label]));
    const found = new Map<string, Part[]>();
    for (const part of plan.parts) {
        if (plan.bench[part.id]) found.set(letterOf(part.label), [...(found.get(letterOf(part.label)) ?? []), part]);
    }
    return [...found].map(([letter, parts]) => {
        const mate = parts[0]!.mirror_of;
        return { letter, parts, bench: plan.bench[parts[0]!.id]!, mirror: mate ? letterOf(label.get(mate) ?? '') || null : null };
    });
}

export const holes = (row: BoreRow): number => row.along.length * row.across.length;

/** How many holes of each kind, all faces and edges together. */
export function tally(bench: Bench): [BoreRow['kind'], number][] {
    const counts = new Map<BoreRow['kind'], number>();
    for (const row of [...bench.faces, ...bench.edges].flatMap((f) => f.rows))
        counts.set(row.kind, (counts.get(row.kind) ?? 0) + holes(row));
    return [...counts];
}
